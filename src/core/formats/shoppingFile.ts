import Papa from 'papaparse';
import { FORMULA } from './csvFormula';
import type { ShoppingLine } from '../shopping/shoppingList';

/** What to buy, in words. `buyText(line)` → `2 bags of 1 kg` */
export function buyText({ buy }: ShoppingLine): string {
  const { amount, unit, packet } = buy;
  if (unit === 'eggs') return `${amount} ${amount === 1 ? 'egg' : 'eggs'}`;
  if (unit === 'packets' && packet) {
    const size = packet.sizeG >= 1000 ? `${packet.sizeG / 1000} kg` : `${packet.sizeG} g`;
    const name = amount === 1 ? packet.name : packet.name.replace(/ch$/, 'che').concat('s');
    return `${amount} ${name} of ${size}`;
  }
  if (unit === 'ml') return amount >= 1000 ? `${amount / 1000} l` : `${amount} ml`;
  return amount >= 1000 ? `${amount / 1000} kg` : `${amount} g`;
}

/** The list as CSV. Format: docs/formats.md. */
export const shoppingCsv = (lines: readonly ShoppingLine[]): string =>
  `${Papa.unparse(
    lines.map((line) => ({
      aisle: line.aisle,
      item: line.name,
      made_into: line.madeInto.join('; '),
      buy: buyText(line),
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
export function shoppingText(lines: readonly ShoppingLine[]): string {
  const aisles = [...new Set(lines.map(({ aisle }) => aisle))];
  return aisles
    .map((aisle) =>
      [
        aisle,
        ...lines
          .filter((line) => line.aisle === aisle)
          .map((line) => `  ${buyText(line)}  ${line.name}`),
      ].join('\n'),
    )
    .join('\n\n')
    .concat('\n');
}
