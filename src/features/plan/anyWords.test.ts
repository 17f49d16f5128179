import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import fc from 'fast-check';
import { placesOf } from '@/core/layout/places';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { STATIONS } from '@/core/plan/stations';
import { anyPlanDocument } from '@/core/testing/anyPlan';
import { figureText, spoonText } from '@/core/units/format';
import type { UnitPreferences } from '@/core/units/preferences';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { cardContents } from '@/features/card/cardContents';
import { patternText, rollingsText, trimText } from './stations/sheetWords';
import { changeText, costText, keyFigure, stationAdvice, weakestText } from './words';

/** Every text in a value, however deep. */
function textsOf(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsOf);
}

/** What no cook should read. */
const NONSENSE = /NaN|Infinity|undefined|null|\[object|−0(\.0+)?(?![.\d])|\s{2,}|\s[.,;:]|\.\.|,,/;

const anyUnits: fc.Arbitrary<UnitPreferences> = fc.constantFrom(METRIC, US_CUSTOMARY);

describe('what is said of any plan', () => {
  it('is words and numbers that can be read, in either system', () => {
    fc.assert(
      fc.property(anyPlanDocument, anyUnits, (document, units) => {
        const plan = parsePlan(document, startingPantry);
        const result = evaluatePlan(plan, startingBasis);
        const write = (value: number, unit: Parameters<typeof figureText>[1]) =>
          figureText(value, unit, units);
        const said = [
          ...STATIONS.map((station) => {
            const { figure, of } = keyFigure(station, plan, result, write);
            return `${figure} ${of}`;
          }),
          ...STATIONS.flatMap((station) => stationAdvice(station, result, write) ?? []),
          ...textsOf(weakestText(result, write)),
          ...result.weakestLink.remedies.map((remedy) =>
            changeText(remedy, write, { pantry: startingPantry, scale: 1 }),
          ),
          ...result.weakestLink.remedies.map(({ cost }) => costText(cost, write) || 'at no cost'),
          rollingsText(result.layout.rollings, result.layout.laying.sheets),
          patternText(placesOf(result.layout.laying), write),
          trimText(result.trim),
        ];
        expect(said.filter((text) => NONSENSE.test(text))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });

  it('stands on its bench card so too', () => {
    fc.assert(
      fc.property(anyPlanDocument, anyUnits, (document, units) => {
        const plan = parsePlan(document, startingPantry);
        const card = cardContents(plan, evaluatePlan(plan, startingBasis), {
          kitchenName: 'Landing kitchen',
          revision: 1,
          text: (value, unit) => figureText(value, unit, units),
          spoons: (ml) => spoonText(ml, units),
        });
        expect(textsOf(card).filter((text) => NONSENSE.test(text))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
});
