import { startingBasis } from '../basis/basis';
import type { FamilyId } from '../shapes/families';
import { planWith } from '../testing/plans';
import type { Plan } from './document/schema';
import { evaluatePlan } from './evaluatePlan';
import { benchTime } from './model/benchTime';
import { modelOf } from '../risk/modelOf';
import { startingPlans } from './starting/startingPlans';

/** What a cook who makes it says of a batch. */
interface Judged {
  readonly name: string;
  /** Why, in a line. */
  readonly why: string;
  readonly plan: Plan;
  readonly pieces: number;
  /** Doses that a cook would put in it, g: the product's band must hold all of them. */
  readonly doses: readonly [number, number];
  /** A dose that would burst or not close; the band must end before it. */
  readonly tooMuch: number;
  readonly verdict: 'holds' | 'edge' | 'fails';
  /** Minutes at the bench that a cook would believe. */
  readonly minutes: readonly [number, number];
}

type Changes = Parameters<typeof planWith>[0] & object;

const made = (
  family: FamilyId,
  shape: Partial<Plan['shape']>,
  { batch, sheet, ...rest }: Changes = {},
): Plan =>
  planWith(
    {
      ...rest,
      batch: { ...startingPlans[family].batch, ...(batch as object) },
      shape: { ...startingPlans[family].shape, ...shape },
      sheet: { ...startingPlans[family].sheet, ...(sheet as object) },
    },
    family,
  );

const forty = { batch: { portions: 10, piecesPerPortion: 4, tasted: 0, breakageShare: 0 } };
const loose = { ...startingPlans.ravioliSquare.filling, yieldStressPa: 60 };

const BATCHES: readonly Judged[] = [
  {
    name: 'two-inch rounds with a teaspoon',
    why: 'the home cook’s ravioli: a level teaspoon in two-inch rounds closes with a finger’s lip',
    plan: made('ravioliRound', { sizeMm: 51, doseG: 5, laid: 'spooned', finish: 'cutter' }, forty),
    pieces: 40,
    doses: [4, 8],
    tooMuch: 13,
    verdict: 'holds',
    minutes: [8, 25],
  },
  {
    name: 'a heaped spoon in a small square',
    why: 'the commonest burst tray: a heaped tablespoon will not go into a 45 mm square',
    plan: made('ravioliSquare', { sizeMm: 45, doseG: 14, laid: 'spooned' }, forty),
    pieces: 40,
    doses: [3, 6],
    tooMuch: 12,
    verdict: 'fails',
    minutes: [6, 20],
  },
  {
    name: 'ten grams in a 54 mm square',
    why: 'a section’s standard: piped, wheeled, never opens',
    plan: made('ravioliSquare', { sizeMm: 54, doseG: 10, laid: 'piped' }, forty),
    pieces: 40,
    doses: [7, 14],
    tooMuch: 22,
    verdict: 'holds',
    minutes: [6, 20],
  },
  {
    name: 'a loose filling spooned in a 54 mm square',
    why: 'the same square with a filling that runs: it is in the lip before the sheet is down',
    plan: made(
      'ravioliSquare',
      { sizeMm: 54, doseG: 14, laid: 'spooned' },
      { ...forty, filling: loose },
    ),
    pieces: 40,
    doses: [2, 3],
    tooMuch: 12,
    verdict: 'fails',
    minutes: [6, 20],
  },
  {
    name: 'one large raviolo a plate',
    why: 'forty-five grams in a 110 mm round: its lip is wide, but its middle is slow to heat and the skin has stood about all it can',
    plan: made(
      'ravioliRound',
      { sizeMm: 110, doseG: 45, laid: 'spooned' },
      { batch: { portions: 12, piecesPerPortion: 1, tasted: 1, breakageShare: 0 } },
    ),
    pieces: 13,
    doses: [30, 60],
    tooMuch: 200,
    verdict: 'edge',
    minutes: [4, 20],
  },
  {
    name: 'forked squares, wide enough',
    why: 'a fork wants a wider lip than a wheel: in 60 mm there is room for both',
    plan: made('ravioliSquare', { sizeMm: 60, doseG: 12, finish: 'fork' }, forty),
    pieces: 40,
    doses: [8, 16],
    tooMuch: 28,
    verdict: 'holds',
    minutes: [6, 20],
  },
  {
    name: 'a stamped round pinched afterward',
    why: 'stamped, then pinched by hand where it looks doubtful: as safe as a pinch makes it',
    plan: made('stampedRound', { sizeMm: 55, doseG: 9, finish: 'pinch' }, forty),
    pieces: 40,
    doses: [6, 12],
    tooMuch: 24,
    verdict: 'holds',
    minutes: [8, 25],
  },
  {
    name: 'tortelloni of 70 mm with nine grams',
    why: 'what a 70 mm square carries: eight to ten grams of curd and greens',
    plan: made('tortelloni', { sizeMm: 70, doseG: 9 }, forty),
    pieces: 40,
    doses: [8, 10],
    tooMuch: 13,
    verdict: 'holds',
    minutes: [12, 30],
  },
  {
    name: 'tortelloni of 70 mm with fourteen grams',
    why: 'too full to draw the corners round: the sides gape',
    plan: made('tortelloni', { sizeMm: 70, doseG: 14 }, forty),
    pieces: 40,
    doses: [8, 10],
    tooMuch: 13,
    verdict: 'fails',
    minutes: [12, 30],
  },
  {
    name: 'tortelloni of 90 mm, one to a bite and a half',
    why: 'large ones for three to a plate hold as much more as their diagonal is longer',
    plan: made('tortelloni', { sizeMm: 90, doseG: 18 }, forty),
    pieces: 40,
    doses: [14, 20],
    tooMuch: 32,
    verdict: 'holds',
    minutes: [12, 30],
  },
  {
    name: 'half-moons of 80 mm, forked, with seven grams',
    why: 'a rounded teaspoon and a half leaves the fork its rim; eight is the most',
    plan: made('halfMoon', { sizeMm: 80, doseG: 7, finish: 'fork' }, forty),
    pieces: 40,
    doses: [5, 7.5],
    tooMuch: 9.5,
    verdict: 'holds',
    minutes: [8, 25],
  },
  {
    name: 'cappelletti of 35 mm with one gram',
    why: 'a hazelnut of filling for the broth; two would never shut',
    plan: made(
      'cappelletti',
      { sizeMm: 35, doseG: 1 },
      { batch: { portions: 4, piecesPerPortion: 25, tasted: 0, breakageShare: 0 } },
    ),
    pieces: 100,
    doses: [0.8, 1.2],
    tooMuch: 1.8,
    verdict: 'holds',
    minutes: [20, 50],
  },
  {
    name: 'cappelletti of 25 mm, the smallest there are',
    why: 'unusual, not impossible: half a gram at the most, and nimble fingers',
    plan: made('cappelletti', { sizeMm: 25, doseG: 0.3 }, forty),
    pieces: 40,
    doses: [0.3, 0.3],
    tooMuch: 0.8,
    verdict: 'holds',
    minutes: [8, 25],
  },
  {
    name: 'pinched agnolotti in a two-inch strip',
    why: 'an inch of half-inch log: the strip goes round it and leaves a wheel’s width',
    plan: made('agnolottiPinched', { sizeMm: 51, pitchMm: 25.4, doseG: 3.3 }, forty),
    pieces: 40,
    doses: [2, 3.4],
    tooMuch: 4.5,
    verdict: 'holds',
    minutes: [3, 15],
  },
  {
    name: 'a 38 mm tray, its pockets level',
    why: 'every kitchen’s tray: the ridge is three millimetres a side and seals',
    plan: made(
      'mouldedRavioli',
      { sizeMm: 38, pocketMm: 32, depthMm: 10, doseG: 5, rows: 3, columns: 6 },
      { batch: { portions: 6, piecesPerPortion: 12, tasted: 0, breakageShare: 0 } },
    ),
    pieces: 72,
    doses: [4, 6],
    tooMuch: 8,
    verdict: 'holds',
    minutes: [6, 25],
  },
  {
    name: 'a 42 mm tray, its pockets level',
    why: 'a broader ridge: nothing runs',
    plan: made(
      'mouldedRavioli',
      { sizeMm: 42, pocketMm: 34, depthMm: 10, doseG: 6 },
      { batch: { portions: 6, piecesPerPortion: 8, tasted: 0, breakageShare: 0 } },
    ),
    pieces: 48,
    doses: [4, 6.5],
    tooMuch: 9,
    verdict: 'holds',
    minutes: [4, 20],
  },
  {
    name: 'triangles of 80 mm',
    why: 'the middle of a triangle is narrow: six grams, not ten',
    plan: made('ravioliTriangle', { sizeMm: 80, doseG: 6, laid: 'ball' }, forty),
    pieces: 40,
    doses: [4, 9],
    tooMuch: 16,
    verdict: 'holds',
    minutes: [6, 20],
  },
  {
    name: 'little bellies of 60 mm',
    why: 'squares folded corner to corner and pressed: five grams',
    plan: made('foldedTriangle', { sizeMm: 60, doseG: 5, finish: 'press' }, forty),
    pieces: 40,
    doses: [3, 6],
    tooMuch: 9,
    verdict: 'holds',
    minutes: [7, 22],
  },
  {
    name: 'a rough sheet under a tall ball',
    why: 'rolled to nothing over a ball of filling: it tears as it is pressed down',
    plan: made(
      'ravioliSquare',
      { sizeMm: 70, doseG: 12, laid: 'ball' },
      { ...forty, sheet: { thicknessMm: 0.4 } },
    ),
    pieces: 40,
    doses: [6, 20],
    tooMuch: 70,
    verdict: 'fails',
    minutes: [6, 25],
  },
  {
    name: 'gathered with a ring',
    why: 'the dull ring draws a spooned mound in: what was on the edge has room',
    plan: made('ravioliRound', { sizeMm: 51, doseG: 9, laid: 'ring', finish: 'cutter' }, forty),
    pieces: 40,
    doses: [5, 11],
    tooMuch: 17,
    verdict: 'holds',
    minutes: [8, 25],
  },
  {
    name: 'flat agnolotti, cut apart',
    why: 'mounds rolled to balls along a strip, a finger between: cut flat they keep their sides',
    plan: made('agnolottiFlat', { sizeMm: 75, pitchMm: 42, doseG: 3 }, forty),
    pieces: 40,
    doses: [2, 4],
    tooMuch: 8,
    verdict: 'holds',
    minutes: [4, 18],
  },
];

describe.each(BATCHES)('$name', ({ plan, pieces, doses, tooMuch, verdict, minutes }) => {
  const result = evaluatePlan(plan, startingBasis);

  it(`makes ${pieces} pieces and ${verdict}`, () => {
    expect(result.layout.doesNotFit).toBeNull();
    expect([result.pieces, result.weakestLink.state]).toEqual([pieces, verdict]);
  });

  it('takes the doses that cooks put in it, and not one that bursts', () => {
    const most = result.shape.doseBandG?.[1] ?? 0;
    expect(most).toBeGreaterThanOrEqual(doses[1]);
    expect(most).toBeLessThan(tooMuch);
  });

  it('takes about as long as a cook would say', () => {
    const { totalMin } = benchTime(modelOf(plan, startingBasis));
    expect(totalMin).toBeGreaterThanOrEqual(minutes[0]);
    expect(totalMin).toBeLessThanOrEqual(minutes[1]);
  });
});
