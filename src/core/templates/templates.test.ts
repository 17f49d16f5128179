import { layingFor } from '../plan/model/laying';
import { templatePages, wholeSheetPage } from '../plan/questions/templatesOfPlan';
import { typedPiece } from '../plan/model/piece';
import { planFigures } from '../plan/evaluatePlan';
import { startingBasis } from '../basis/basis';
import { placesOf } from '../layout/places';
import { FAMILY_IDS } from '../shapes/families';
import { planWith } from '../testing/plans';
import { PAPERS, type TemplatePage } from './page';
import { pageSvg } from './svg';

const plan = planWith({ shape: { sizeMm: 55, doseG: 8 } });

const pages = (paper: 'a4' | 'letter', from = plan) =>
  templatePages(from, startingBasis, { template: 'sheet', paper });

/** Numbers of an attribute, in the document's own units. */
const numbers = (text: string): number[] => text.split(/[\s,]+/).map(Number);

/** Corners of every polygon of an SVG. */
const polygons = (svg: string): number[][][] =>
  [...svg.matchAll(/<polygon points="([^"]+)"/g)].map((match) =>
    match[1]!.split(' ').map((pair) => numbers(pair)),
  );

const spanOf = (points: readonly number[][], axis: 0 | 1): number => {
  const at = points.map((point) => point[axis]!);
  return Math.max(...at) - Math.min(...at);
};

describe('the sheet as SVG', () => {
  const figures = planFigures(plan, startingBasis);
  const svg = pageSvg(wholeSheetPage(plan, startingBasis)!);

  it('is measured in millimetres: a unit of its view is a millimetre of its width', () => {
    const [, width, height] = /<svg [^>]*width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!;
    const [, box] = /viewBox="([^"]+)"/.exec(svg)!;
    expect(numbers(box!)).toEqual([0, 0, Number(width), Number(height)]);
  });

  it('draws the sheet and every blank at its true size', () => {
    const [sheet, ...rest] = polygons(svg);
    expect(spanOf(sheet!, 0)).toBeCloseTo(figures.sheet.lengthMm, 2);
    expect(spanOf(sheet!, 1)).toBeCloseTo(figures.sheet.widthMm, 2);
    const blanks = rest.filter((_, i) => i % 2 === 0);
    expect(blanks).toHaveLength(placesOf(figures.layout.laying).length);
    for (const blank of blanks) {
      expect(spanOf(blank, 0)).toBeCloseTo(55, 2);
      expect(spanOf(blank, 1)).toBeCloseTo(55, 2);
    }
    const mounds = rest.filter((_, i) => i % 2 === 1);
    for (const mound of mounds) {
      expect(spanOf(mound, 0)).toBeCloseTo(2 * figures.shape.mound.radiusMm, 1);
    }
  });

  it('carries a ruler of exactly 100 mm', () => {
    const lines = [
      ...svg.matchAll(/<line x1="([\d.]+)" y1="([\d.]+)" x2="([\d.]+)" y2="([\d.]+)"/g),
    ].map((match) => match.slice(1, 5).map(Number));
    expect(lines.some(([x1, y1, x2, y2]) => y1 === y2 && x2! - x1! === 100)).toBe(true);
  });

  it('escapes a name that would break it', () => {
    const odd = { ...plan, name: 'Peas & <curd> "mint"' };
    expect(pageSvg(wholeSheetPage(odd, startingBasis)!)).toContain(
      'Peas &amp; &lt;curd&gt; &quot;mint&quot;',
    );
  });
});

describe('tiled pages', () => {
  it.each(['a4', 'letter'] as const)(
    'cover all that is on the sheet on %s, and no page is bare',
    (paper) => {
      const { layout, sheet } = planFigures(plan, startingBasis);
      const tiled = pages(paper);
      const area = tiled.reduce((sum, { window }) => sum + window![2] * window![3], 0);
      // Pages do not overlap; a bare end of the sheet has none.
      expect(area).toBeLessThanOrEqual(sheet.lengthMm * sheet.widthMm + 1e-6);
      const cuts = (page: TemplatePage) =>
        page.marks.filter((mark) => 'line' in mark && mark.line !== 'sheet').length;
      expect(tiled.every((page) => cuts(page) > 0)).toBe(true);
      const whole = wholeSheetPage(plan, startingBasis)!;
      expect(tiled.reduce((sum, page) => sum + cuts(page), 0)).toBeGreaterThanOrEqual(cuts(whole));
      expect(tiled.length).toBeGreaterThan(1);
      for (const { widthMm, heightMm, window } of tiled) {
        expect([widthMm, heightMm].sort()).toEqual(
          [PAPERS[paper].widthMm, PAPERS[paper].heightMm].sort(),
        );
        expect(window![0] + window![2]).toBeLessThanOrEqual(widthMm - 10 + 1e-9);
        // The ruler stands under the drawing.
        expect(window![1] + window![3]).toBeLessThanOrEqual(heightMm - 26 + 1e-9);
      }
      expect(layout.pieces).toBeGreaterThan(0);
    },
  );

  it('join: a blank cut by a page’s edge goes on at the same place on the next', () => {
    const [first, second] = pages('a4') as [TemplatePage, TemplatePage];
    const xsOf = ({ marks }: TemplatePage) =>
      marks.flatMap((mark) =>
        mark.kind === 'outline' && mark.line === 'cut' ? mark.points.map(([x]) => x) : [],
      );
    const over = xsOf(first).filter((x) => x > first.window![0] + first.window![2]);
    expect(over.length).toBeGreaterThan(0);
    for (const x of over) {
      const there = x - first.window![2];
      expect(xsOf(second).some((each) => Math.abs(each - there) < 1e-6)).toBe(true);
    }
  });

  it.each(FAMILY_IDS)('%s has a template and a gauge', (family) => {
    const own = planWith({}, family);
    expect(pages('a4', own).length).toBeGreaterThan(0);
    const [gauge] = templatePages(own, startingBasis, { template: 'gauge', paper: 'letter' });
    expect(pageSvg(gauge!)).toContain('pocket gauge');
  });

  it('are none when no blank fits the sheet', () => {
    const wide = planWith({ sheet: { widthMm: 50 }, shape: { sizeMm: 60 } });
    expect(layingFor(wide, typedPiece(wide, startingBasis), 900).pieces).toBe(0);
    expect(pages('a4', wide)).toEqual([]);
    expect(wholeSheetPage(wide, startingBasis)).toBeNull();
  });
});

describe('the pocket gauge', () => {
  it('draws the dose and the lip it needs at true size', () => {
    const { shape } = planFigures(plan, startingBasis);
    const [gauge] = templatePages(plan, startingBasis, { template: 'gauge', paper: 'a4' });
    const radii = gauge!.marks.flatMap((mark) => (mark.kind === 'circle' ? [mark.r] : []));
    expect(radii).toContain(shape.mound.radiusMm + shape.neededLipMm);
    expect(radii.some((r) => Math.abs(r - shape.mound.radiusMm) < 1e-9)).toBe(true);
  });
});
