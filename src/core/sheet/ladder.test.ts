import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { genericRollers } from './genericRollers';
import { ladder, type LadderInput } from './ladder';
import { lightTest } from './lightTest';
import { PASS_STYLES } from './passes';
import { portions } from './portions';
import { dustEffect } from './dust';
import { fillTime } from './fillTime';

const input = (change: Partial<LadderInput> = {}): LadderInput => ({
  roller: genericRollers[0]!,
  thicknessMm: 0.8,
  widthMm: 140,
  portionG: 200,
  sheets: 2,
  longestMm: 900,
  folds: 3,
  style: 'twiceFromMiddle',
  speed: 'even',
  dusted: true,
  dough: { glutenRatio: 0.095, development: 1, relaxationLeft: 0.1, stretch: 0.8 },
  ...change,
});

const anyInput = fc
  .record({
    roller: fc.constantFrom(...genericRollers),
    thicknessMm: fc.double({ min: 0.4, max: 2, noNaN: true }),
    widthMm: fc.double({ min: 60, max: 300, noNaN: true }),
    portionG: fc.double({ min: 20, max: 800, noNaN: true }),
    sheets: fc.constantFrom(1, 2, 4),
    folds: fc.integer({ min: 0, max: 6 }),
    style: fc.constantFrom(...PASS_STYLES),
    speed: fc.constantFrom('slow', 'even', 'fast'),
  })
  .map((change) => input(change));

describe('ladder', () => {
  it('keeps the weight of the portion at every rung', () => {
    fc.assert(
      fc.property(anyInput, (from) => {
        const { rungs, rough } = ladder(from, startingRules);
        for (const { strips, widthMm, lengthMm, thicknessMm } of rungs) {
          expect(strips * widthMm * lengthMm * thicknessMm * 1.2e-3).toBeCloseTo(from.portionG, 6);
        }
        expect(rough.widthMm * rough.lengthMm * rough.thicknessMm * 1.2e-3).toBeCloseTo(
          from.portionG,
          6,
        );
      }),
    );
  });

  it('goes from the widest to one stop, thinner at every setting, in as many sheets as asked', () => {
    fc.assert(
      fc.property(anyInput, (from) => {
        const passes = ladder(from, startingRules).rungs.filter(({ kind }) => kind === 'pass');
        passes.slice(1).forEach(({ gapMm }, i) => expect(gapMm).toBeLessThan(passes[i]!.gapMm));
        expect(passes.filter(({ stop }) => stop)).toEqual([passes[passes.length - 1]]);
        const cuts = passes.filter(({ cut }) => cut).length;
        expect(2 ** cuts).toBeLessThanOrEqual(from.sheets);
      }),
    );
  });

  it('folds only at the widest, and once', () => {
    const { rungs } = ladder(input(), startingRules);
    expect(rungs[0]).toMatchObject({ kind: 'fold', label: '0', repeats: 3 });
    expect(rungs.slice(1).every(({ kind }) => kind === 'pass')).toBe(true);
    expect(ladder(input({ folds: 0 }), startingRules).rungs[0]).toMatchObject({
      kind: 'pass',
      label: '0',
    });
  });

  it('cuts in half before a strip outgrows the bench', () => {
    const { rungs } = ladder(input(), startingRules);
    const cut = rungs.findIndex((rung) => rung.cut);
    expect(rungs[cut]).toMatchObject({ strips: 1 });
    expect(rungs[cut + 1]).toMatchObject({ strips: 2 });
    for (const { lengthMm } of rungs) expect(lengthMm).toBeLessThanOrEqual(900);
  });

  it('cuts at the last rung a strip that the bench takes whole', () => {
    const { rungs } = ladder(input({ longestMm: 9000 }), startingRules);
    expect(rungs.map(({ cut }) => cut)).toEqual([...rungs.slice(1).map(() => false), true]);
    expect(
      ladder(input({ longestMm: 9000, sheets: 1 }), startingRules).rungs.some(({ cut }) => cut),
    ).toBe(false);
  });

  it('passes twice from the middle on, and stops at the dial of the thickness', () => {
    const { rungs } = ladder(input(), startingRules);
    expect(rungs.map(({ label, repeats }) => `${label}×${repeats}`)).toEqual([
      '0×3',
      '1×1',
      '2×1',
      '3×1',
      '4×2',
      '5×2',
      '6×2',
      '7×2',
      '8×2',
    ]);
    expect(rungs[rungs.length - 1]).toMatchObject({ label: '8', stop: true });
  });

  it('warns where skipping draws the dough further than it stretches', () => {
    const skipped = ladder(
      input({ style: 'skip', dough: { ...input().dough, stretch: 0.45 } }),
      startingRules,
    );
    expect(skipped.rungs.some(({ mayTear }) => mayTear)).toBe(true);
    expect(ladder(input(), startingRules).rungs.some(({ mayTear }) => mayTear)).toBe(false);
  });

  it('leaves a thicker sheet when the dough is unrested or the crank is fast', () => {
    const at = (change: Partial<LadderInput>) =>
      ladder(
        input({ roller: { ...genericRollers[0]!, steps: [{ label: 'a', mm: 1 }] }, ...change }),
        startingRules,
      ).rungs.at(-1)!.thicknessMm;
    expect(at({ dough: { ...input().dough, relaxationLeft: 1 } })).toBeGreaterThan(at({}));
    expect(at({ speed: 'fast' })).toBeGreaterThan(at({ speed: 'slow' }));
  });
});

describe('portions', () => {
  it('are of whole sheets, and no heavier than hands like', () => {
    expect(portions({ doughG: 700, sheetG: 100, sheets: 7, together: 1 }, startingRules)).toEqual({
      sheetsEach: 2,
      count: 3,
      eachG: 200,
      lastG: 100,
    });
  });

  it('become no more sheets than there are: a single one is not cut', () => {
    expect(
      portions({ doughG: 80, sheetG: 100, sheets: 1, together: 1 }, startingRules),
    ).toMatchObject({
      sheetsEach: 1,
      count: 0,
      lastG: 80,
    });
    expect(
      portions({ doughG: 205, sheetG: 50, sheets: 3, together: 1 }, startingRules).sheetsEach,
    ).toBe(3);
    expect(
      portions({ doughG: 900, sheetG: 300, sheets: 3, together: 2 }, startingRules).sheetsEach,
    ).toBe(2);
  });

  it('keep every gram but a few that go with the last', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 9000, noNaN: true }),
        fc.double({ min: 20, max: 400, noNaN: true }),
        fc.constantFrom(1 as const, 2 as const),
        (doughG, sheetG, together) => {
          const sheets = Math.ceil(doughG / sheetG);
          const { count, eachG, lastG, sheetsEach } = portions(
            {
              doughG,
              sheetG,
              sheets,
              together,
            },
            startingRules,
          );
          expect(count * eachG + lastG).toBeCloseTo(doughG, 6);
          expect(sheetsEach).toBeLessThanOrEqual(Math.max(1, Math.min(4, sheets)));
        },
      ),
    );
  });
});

describe('the light test', () => {
  const [tenStep] = genericRollers;

  it('agrees with a dial whose hand shows where the rule says', () => {
    expect(lightTest(tenStep!, 'hand', '8', 0.035, startingRules)).toMatchObject({
      says: 'agrees',
    });
    expect(lightTest(tenStep!, 'print', '9', 0, startingRules)).toMatchObject({ says: 'agrees' });
  });

  it('tells a dial that must be thinner or thicker than it says', () => {
    expect(lightTest(tenStep!, 'hand', '5', 0, startingRules)).toMatchObject({ says: 'thinner' });
    expect(lightTest(tenStep!, 'hand', '9', 0, startingRules)).toMatchObject({ says: 'agrees' });
    expect(lightTest(tenStep!, 'print', '0', 0, startingRules)).toMatchObject({ says: 'thinner' });
    const fine = {
      steps: [
        { label: 'a', mm: 0.5 },
        { label: 'b', mm: 0.4 },
      ],
    };
    expect(lightTest(fine, 'hand', 'b', 0, startingRules)).toMatchObject({ says: 'thicker' });
  });
});

describe('bench dust', () => {
  const dough = { doughG: 1000, flourG: 660, waterG: 254 };

  it('dries the dough by what works in', () => {
    const fine = dustEffect({ kind: 'fine', gPerKg: 40, ...dough }, startingRules);
    expect(fine.hydration).toBeCloseTo(254 / (660 + 40 * 0.55), 9);
    expect(fine.slip).toBe(true);
    const coarse = dustEffect({ kind: 'semolina', gPerKg: 40, ...dough }, startingRules);
    expect(coarse.hydration).toBeGreaterThan(fine.hydration);
    expect(coarse.slip).toBe(false);
    expect(dustEffect({ kind: 'none', gPerKg: 40, ...dough }, startingRules).usedG).toBe(0);
  });
});

describe('fill time', () => {
  it('halves with two pairs of hands', () => {
    const one = fillTime({ openMin: 6, pieces: 30, secondsPerPiece: 18, people: 1 });
    expect(one).toMatchObject({ fillMin: 9, piecesAtATime: 20 });
    expect(one.margin).toBeCloseTo(6 / 9, 9);
    expect(fillTime({ openMin: 6, pieces: 30, secondsPerPiece: 18, people: 2 }).fillMin).toBe(4.5);
    expect(fillTime({ openMin: 6, pieces: 0, secondsPerPiece: 18, people: 1 }).margin).toBeNull();
  });
});
