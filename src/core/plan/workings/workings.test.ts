import fc from 'fast-check';
import type { Working } from '../../working/working';
import { anyPlanDocument } from '../../testing/anyPlan';
import { evaluatePlan } from '../evaluatePlan';
import { parsePlan } from '../document/parsePlan';

/** An input of a working, by the start of its name. */
const of = ({ inputs }: Working, name: string): number => {
  const found = inputs.find((each) => each.name.startsWith(name));
  if (typeof found?.value !== 'number') throw new Error(`no input ${name}`);
  return found.value;
};

/** The formulas that a cook can do on paper, written out again. */
const BY_HAND: Readonly<Record<string, (w: Working) => number>> = {
  sheetMass: (w) =>
    (of(w, 'density') * of(w, 'width') * of(w, 'thickness') * of(w, 'length')) / 1000,
  sheetLength: (w) =>
    (of(w, 'mass') * 1000) / (of(w, 'density') * of(w, 'width') * of(w, 'thickness')),
  layoutShare: (w) =>
    (of(w, 'pieces') * of(w, 'flat area')) /
    (of(w, 'length') * of(w, 'width') * of(w, 'sheets together')),
  fillTime: (w) => (of(w, 'pieces') * of(w, 'seconds')) / of(w, 'pairs') / 60,
  salt: (w) => of(w, 'water') * of(w, 'per litre'),
  mound: (w) => 2 * Math.max(of(w, 'radius as laid'), of(w, 'radius settled')),
  lipMargin: (w) => Math.max(0, of(w, 'lip')) / of(w, 'needed'),
  overTop: (w) => of(w, 'thickness') / (1 + of(w, 'c') * (of(w, 'λ') - 1)),
  thinningMargin: (w) => of(w, 'over the top') / of(w, 'tears at'),
  edgeSoft: (w) => 6 * (of(w, 'edge') / 2) ** 2,
  faceSoft: (w) => 6 * of(w, 'thickness') ** 2,
};

describe('the workings of any plan', () => {
  it('come out by hand as they are shown', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const plan = parsePlan(document);
        fc.pre(plan.shape.family !== 'mouldedRavioli');
        const { working } = evaluatePlan(plan);
        for (const [name, reckon] of Object.entries(BY_HAND)) {
          const shown: Working = working[name as keyof typeof working];
          expect([name, reckon(shown) / (shown.value || 1)]).toEqual([
            name,
            shown.value === 0 ? 0 : expect.closeTo(1, 6),
          ]);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('give a range that holds the figure, say what kind it is, and where it is from', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        for (const [name, each] of Object.entries(evaluatePlan(parsePlan(document)).working)) {
          const { kind, value, source, formula, range }: Working = each;
          expect(['law', 'table', 'rule', 'choice']).toContain(kind);
          expect([name, source.length > 3, formula.length > 1]).toEqual([name, true, true]);
          if (range && kind !== 'choice') {
            expect([name, range[0] <= value && value <= range[1]]).toEqual([name, true]);
          }
        }
      }),
      { numRuns: 150 },
    );
  });
});
