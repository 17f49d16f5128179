'use client';

import { startingRules } from '@/core/basis/rules';
import { DOUGH_DENSITY_G_PER_ML } from '@/core/physics/constants';
import { discLayout } from '@/core/layout/discLayout';
import { sheetLength, thicknessFromStrip } from '@/core/sheet/massBalance';
import { openTime } from '@/core/sheet/openTime';
import { strengthFromHang } from '@/core/sheet/strengthFromHang';
import { input } from '@/core/working/working';
import { useUnits } from '@/ui/units/UnitsContext';
import { NumbersSum, type NumberInput } from './NumbersSum';
import type { SumProps } from './SumParts';

export const mass = (label: string, start: number): NumberInput => ({
  label,
  kind: 'mass',
  range: { min: 1, max: 100_000, unit: 'g' },
  step: 5,
  start,
});
export const length = (
  label: string,
  start: number,
  min = 10,
  max = 100_000,
  step = 5,
): NumberInput => ({
  label,
  kind: 'length',
  range: { min, max, unit: 'mm' },
  step,
  start,
});
const thickness = length('Thickness', 0.8, 0.3, 4, 0.1);
const width = (start: number) => length('Width', start, 10, 1000);
const density = input('density of dough', DOUGH_DENSITY_G_PER_ML, 'gPerMl');

/** How long a sheet a weight of dough makes. */
export function SheetLengthSum() {
  return (
    <NumbersSum
      inputs={{ massG: mass('Dough', 125), widthMm: width(140), thicknessMm: thickness }}
      work={({ massG, widthMm, thicknessMm }) => ({
        working: {
          label: 'Length of the sheet',
          value: sheetLength({ massG, widthMm, thicknessMm }),
          unit: 'mm',
          kind: 'law',
          formula: 'weight ÷ (density × width × thickness)',
          inputs: [
            input('weight', massG, 'g'),
            density,
            input('width', widthMm, 'mm'),
            input('thickness', thicknessMm, 'mm'),
          ],
          source: 'mass balance',
        },
      })}
    />
  );
}

/** Strip test: the true thickness of a setting, without a gauge. */
export function StripTestSum() {
  return (
    <NumbersSum
      inputs={{
        massG: mass('The strip weighs', 60),
        widthMm: width(120),
        lengthMm: length('Length', 520),
      }}
      work={({ massG, widthMm, lengthMm }) => ({
        working: {
          label: 'Thickness it truly has',
          value: thicknessFromStrip({ massG, widthMm, lengthMm }),
          unit: 'mm',
          kind: 'law',
          formula: 'weight ÷ (density × width × length)',
          inputs: [
            input('weight', massG, 'g'),
            density,
            input('width', widthMm, 'mm'),
            input('length', lengthMm, 'mm'),
          ],
          source: 'mass balance',
        },
        says: 'Put it beside that setting of your roller, in the kitchen.',
      })}
    >
      <p className="mb-3 max-w-[38rem]">
        Roll a strip at one setting, cut its ends and edges straight, weigh it, and measure it lying
        slack.
      </p>
    </NumbersSum>
  );
}

/** Hanging-strip test: how strong a sheet is. */
export function HangTestSum() {
  return (
    <NumbersSum
      inputs={{ lengthMm: length('It tore at', 1400, 20, 10_000, 50) }}
      work={({ lengthMm }) => ({
        working: {
          label: 'Strength of the sheet',
          value: strengthFromHang(lengthMm),
          unit: 'kPa',
          kind: 'law',
          formula: 'density × g × length at which it tore',
          inputs: [density, input('length', lengthMm, 'mm')],
          source: 'a strip tears under its own weight; width and thickness cancel',
        },
        says:
          strengthFromHang(lengthMm) < 12
            ? 'Weak: work in short lengths, a step thicker.'
            : 'It will carry its own length over the back of a hand.',
      })}
    >
      <p className="mb-3 max-w-[38rem]">
        Hold a strip up by one end and feed more of it over the edge of the bench until it tears.
        Measure what hung.
      </p>
    </NumbersSum>
  );
}

const SET = {
  grid: 'in a straight grid',
  rowsAlong: 'in rows along it, each fitting into the last',
  rowsAcross: 'in rows across it, each fitting into the last',
} as const;

/** How many discs a strip holds. */
export function DiscsSum() {
  return (
    <NumbersSum
      inputs={{
        diameterMm: length('Cutter', 60, 5, 1000, 1),
        gapMm: length('Between them', 4, 0, 100, 1),
        widthMm: width(145),
        lengthMm: length('Length', 900),
      }}
      work={({ diameterMm, gapMm, widthMm, lengthMm }) => {
        const { count, arrangement } = discLayout({ diameterMm, gapMm, widthMm, lengthMm });
        return {
          working: {
            label: 'Discs on the strip',
            value: count,
            unit: 'count',
            kind: 'law',
            formula: 'the best of a straight grid and of nested rows either way',
            inputs: [
              input('cutter', diameterMm, 'mm'),
              input('between them', gapMm, 'mm'),
              input('width', widthMm, 'mm'),
              input('length', lengthMm, 'mm'),
            ],
            source: 'geometry',
          },
          says:
            count > 0
              ? `Set ${SET[arrangement]}; ${Math.round((100 * count * Math.PI * diameterMm ** 2) / 4 / widthMm / lengthMm)} % of the sheet is used.`
              : 'The cutter is wider than the strip.',
        };
      }}
    />
  );
}

/** How long an uncovered sheet still seals. */
export function OpenTimeSum({ kitchen }: SumProps) {
  const { text } = useUnits();
  return (
    <NumbersSum
      inputs={{
        thicknessMm: thickness,
        waterShare: {
          label: 'Water in the dough',
          kind: 'share',
          range: { min: 0.1, max: 0.6 },
          step: 0.01,
          start: 0.33,
        },
        tempC: {
          label: 'Kitchen',
          kind: 'temperature',
          range: { min: 0, max: 45, unit: '°C' },
          step: 1,
          start: kitchen.roomC,
        },
        rh: {
          label: 'Air humidity',
          kind: 'share',
          range: { min: 0.05, max: 0.95 },
          step: 0.05,
          start: kitchen.rh,
        },
      }}
      work={(sheet) => ({
        working: {
          label: 'It seals for',
          value: openTime(sheet, startingRules),
          unit: 'min',
          kind: 'law',
          formula: '4 % of its water ÷ (h × vapour density × (0.96 − humidity))',
          inputs: [
            input('thickness', sheet.thicknessMm, 'mm'),
            input('water in the dough', sheet.waterShare, 'share'),
            input('air', sheet.tempC, 'C'),
            input('humidity', sheet.rh, 'share'),
            input('h, still air', '0.0035 m/s'),
          ],
          source: 'evaporation from one face; Buck 1996 for the vapour',
        },
        says: `By a fan only ${text(openTime({ ...sheet, air: 'fan' }, startingRules), 'min')}. Roll one, fill it, seal it; keep the rest covered.`,
      })}
    />
  );
}
