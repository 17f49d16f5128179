import Papa from 'papaparse';
import { FORMULA } from './csvFormula';
import type { ShoppingLine } from '../shopping/shoppingList';
import { figureText } from '../units/format';
import type { UnitPreferences } from '../units/preferences';
import { METRIC } from '../units/units';

/** What to buy, in words and in the user's units. `buyText(line, METRIC)` → `2 bags of 1 kg` */
export function buyText({ buy }: ShoppingLine, units: UnitPreferences): string {
  const { amount, unit, packet } = buy;
  if (unit === 'eggs') return `${amount} ${amount === 1 ? 'egg' : 'eggs'}`;
  if (unit === 'packets' && packet) {
    const size = asBought(packet.sizeG, 'g', units);
    const name = amount === 1 ? packet.name : packet.name.replace(/ch$/, 'che').concat('s');
    return `${amount} ${name} of ${size}`;
  }
  return asBought(amount, unit === 'ml' ? 'ml' : 'g', units);
}

/** A weight or a volume as it stands on a packet: metric to the gram. */
function asBought(amount: number, unit: 'g' | 'ml', units: UnitPreferences): string {
  if (units.system === 'us') {
    return unit === 'g'
      ? figureText(amount, 'g', units)
      : figureText(amount / 1000, 'litre', units);
  }
  const [small, large] = unit === 'ml' ? ['ml', 'l'] : ['g', 'kg'];
  return amount >= 1000 ? `${amount / 1000} ${large}` : `${amount} ${small}`;
}

/** The list as CSV. Format: docs/formats.md. */
export const shoppingCsv = (lines: readonly ShoppingLine[]): string =>
  `${Papa.unparse(
    lines.map((line) => ({
      aisle: line.aisle,
      item: line.name,
      made_into: line.madeInto.join('; '),
      buy: buyText(line, METRIC),
      need_g: line.needG.toFixed(1),
      plans: line.plans.join('; '),
    })),
    {
      columns: ['aisle', 'item', 'buy', 'need_g', 'plans', 'made_into'],
      newline: '\n',
      escapeFormulae: FORMULA,
    },
  )}\n`;

/** The list as plain text, an aisle under its name. */
export function shoppingText(lines: readonly ShoppingLine[], units: UnitPreferences): string {
  const aisles = [...new Set(lines.map(({ aisle }) => aisle))];
  return aisles
    .map((aisle) =>
      [
        aisle,
        ...lines
          .filter((line) => line.aisle === aisle)
          .map((line) => `  ${buyText(line, units)}  ${line.name}`),
      ].join('\n'),
    )
    .join('\n\n')
    .concat('\n');
}
