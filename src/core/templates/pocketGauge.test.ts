import { pocketGauge, type GaugeInput } from './pocketGauge';
import type { Mark } from './page';

const square = (side: number) =>
  [
    [-side / 2, -side / 2],
    [side / 2, -side / 2],
    [side / 2, side / 2],
    [-side / 2, side / 2],
  ] as const;

const gauge = (from: Partial<GaugeInput> = {}) =>
  pocketGauge({
    title: 'Square',
    paper: 'a4',
    blank: { outline: square(50), mound: square(20), moundAt: [0, 0], folds: [] },
    laidMm: 8,
    settledMm: 10,
    neededLipMm: 5,
    doses: [],
    ...from,
  });

const circles = (marks: readonly Mark[]) =>
  marks.flatMap((mark) => (mark.kind === 'circle' ? [mark] : []));
const text = (marks: readonly Mark[], words: string) =>
  marks.find((mark) => mark.kind === 'text' && mark.text.startsWith(words)) as Extract<
    Mark,
    { kind: 'text' }
  >;
/** Doses of one radius each. */
const doses = (...radii: number[]) =>
  radii.map((radiusMm) => ({ name: `r ${radiusMm}`, radiusMm }));

describe('the pocket gauge', () => {
  it('stands 15 mm in and 24 down, its rings round the mound, what they are 8 mm beside it', () => {
    const { marks } = gauge()[0]!;
    const [blank] = marks.flatMap((mark) => (mark.kind === 'outline' ? [mark] : []));
    expect(blank!.points[0]).toEqual([15, 74]);
    expect(blank!.points[2]).toEqual([65, 24]);
    expect(circles(marks).map(({ x, y, r, line }) => [x, y, r, line])).toEqual([
      [40, 49, 8, 'mound'],
      [40, 49, 15, 'cut'],
    ]);
    expect(text(marks, 'Grey')).toMatchObject({ x: 73, y: 41 });
    expect(text(marks, 'Thin ring').text).toContain('16 mm');
    expect(text(marks, 'Dashed').text).toContain('5.0 mm');
  });

  it('puts what they are below where the page has no room beside it', () => {
    const wide = { outline: square(140), mound: square(20), moundAt: [0, 0], folds: [] } as const;
    const { marks } = gauge({ blank: wide })[0]!;
    expect(text(marks, 'Grey')).toMatchObject({ x: 15, y: 24 + 140 + 8 });
  });

  it('sets doses 8 mm apart, row by row, each with its name below', () => {
    const { marks } = gauge({ doses: doses(10, 20, 50, 29) })[0]!;
    const [, , ...dosed] = circles(marks);
    // The blank ends at 74, the last of its lines at 59: the doses begin 12 below, their circles 6 lower.
    expect(dosed.map(({ x, y, r }) => [x - r, y - r])).toEqual([
      [15, 92],
      [43, 92],
      [91, 92],
      [15, 206],
    ]);
    expect(text(marks, 'r 20')).toMatchObject({ x: 63, y: 92 + 40 + 5 });
  });

  it('goes on on another page, and says what no page holds', () => {
    const pages = gauge({ doses: doses(60, 60, 60, 120) });
    const at = pages.map(({ marks }) => circles(marks).filter(({ r }) => r === 60).length);
    expect(at).toEqual([1, 1, 1]);
    const [first] = circles(pages[1]!.marks);
    expect(first!.y - first!.r).toBe(24);
    expect(text(pages[2]!.marks, 'r 120').text).toContain('240 mm wide');
  });

  it('says that a blank larger than the page is, and draws its doses all the same', () => {
    const large = { outline: square(181), mound: square(20), moundAt: [0, 0], folds: [] } as const;
    const { marks } = gauge({ blank: large, doses: doses(10) })[0]!;
    expect(text(marks, 'The blank is larger').y).toBe(28);
    expect(circles(marks)).toHaveLength(1);
    const fits = { outline: square(180), mound: square(20), moundAt: [0, 0], folds: [] } as const;
    expect(text(gauge({ blank: fits })[0]!.marks, 'The blank is larger')).toBeUndefined();
  });
});
