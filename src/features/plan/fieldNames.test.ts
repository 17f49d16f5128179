import { startingPantry } from '@/core/composition/pantry';
import { comparePlans } from '@/core/plan/document/comparePlans';
import { writeAt } from '@/core/plan/document/patch';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { planWith } from '@/core/testing/plans';
import { figureText } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import { fieldName, fieldValue } from './fieldNames';

const write = (value: number, unit: Parameters<typeof figureText>[1]) =>
  figureText(value, unit, METRIC);

describe('fieldName', () => {
  it.each([
    ['shape.doseG', 'Shape: Dose'],
    ['batch.portions', 'How many: Portions'],
    ['batch.fillingLoss.share', 'How many: Left in the bowl'],
    ['hold.phases.1.minutes', 'Seal and hold: stretch 1, how long'],
    ['shape.laid', 'Shape: Filling laid'],
    ['name', 'Name'],
    ['dough.parts.flour-00.g', 'Dough: Soft wheat flour fine (00)'],
    ['filling.parts.celeriac-raw (2).preparation', 'Filling: Celeriac raw, preparation'],
    ['filling.parts.celeriac-raw.weighedG', 'Filling: Celeriac raw, weighed'],
  ])('%s is “%s”', (path, name) => {
    expect(fieldName(path, startingPantry)).toBe(name);
  });

  it('has a name without code in it for every number of a plan', () => {
    for (const path of Object.keys(PLAN_FIELDS).filter((each) => !each.includes('parts'))) {
      expect(fieldName(path, startingPantry)).not.toMatch(/Mm|G$|Share|parts\./);
    }
  });
});

describe('fieldValue', () => {
  it.each([
    ['shape.doseG', '8.5', '8.5 g'],
    ['sheet.thicknessMm', '0.8', '0.80 mm'],
    ['sheet.roller.steps.step 8.mm', '0.8', '0.80 mm'],
    ['batch.breakageShare', '0.04', '4 %'],
    ['batch.portions', '48', '48'],
    ['filling.parts.butter.g', '30', '30 g'],
    ['shape.family', 'agnolottiPinched', 'Pinched agnolotti'],
    ['shape.sheets', 'foldLong', 'Folded long'],
    ['sheet.passes', 'skip', 'Skip settings'],
    ['sheet.dust.kind', 'fine', 'Fine flour'],
    ['hold.medium', 'eggWhite', 'Egg white'],
    ['shape.laid', 'piped', 'piped'],
    ['dough.rh', '', '–'],
  ])('%s %s is “%s”', (path, value, words) => {
    expect(fieldValue(path, value, write)).toBe(words);
  });

  it('goes with what a comparison finds', () => {
    const before = planWith();
    const after = writeAt(writeAt(before, 'boil.waterL', 6.75), 'dough.rh', 0.6);
    const rows = comparePlans(before, after).map(({ path, before: a, after: b }) =>
      [
        fieldName(path, startingPantry),
        fieldValue(path, a, write),
        fieldValue(path, b, write),
      ].join(' | '),
    );
    expect(rows).toEqual([
      'Boil: Water in the pot | 4 l | 6.75 l',
      'Dough: Air humidity | – | 60 %',
    ]);
  });
});
