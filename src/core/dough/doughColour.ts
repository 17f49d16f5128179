import type { Part } from '../composition/compose';
import { findIngredient, type Pantry } from '../composition/pantry';
import { EGG_WHOLE, EGG_YOLK } from './makeup';
import type { EggContents } from './eggSizes';

type Rgb = readonly [number, number, number];

const WHEAT: Rgb = [240, 229, 199];
const BRAN: Rgb = [198, 166, 120];
const YOLK: Rgb = [240, 184, 62];

/** Colouring ingredients: what they turn the dough to, and how strongly a share of the flour does. */
const TINTS: Readonly<Record<string, { readonly rgb: Rgb; readonly strength: number }>> = {
  'tomato-paste': { rgb: [214, 96, 48], strength: 7 },
  'spinach-puree': { rgb: [108, 142, 66], strength: 5 },
  'beetroot-puree': { rgb: [180, 52, 92], strength: 5 },
  'cuttlefish-ink': { rgb: [44, 44, 48], strength: 40 },
};

const mix = (from: Rgb, to: Rgb, share: number): Rgb =>
  [0, 1, 2].map((i) => from[i]! + (to[i]! - from[i]!) * share) as unknown as Rgb;

const hex = (rgb: Rgb): string =>
  `#${rgb.map((each) => Math.round(each).toString(16).padStart(2, '0')).join('')}`;

/**
 * The colour of a raw sheet, as `#rrggbb`. Rule, a rough one: flour browned by its fibre, yellowed by
 * yolk, tinted by what is put in for colour.
 * @example doughColour([{ id: 'flour-00', g: 400 }], startingPantry, { eggG: 50, yolkG: 17 }) // '#f0e5c7'
 */
export function doughColour(
  parts: readonly Part[],
  pantry: Pantry,
  { eggG, yolkG }: EggContents,
): string {
  let flourG = 0;
  let fibreG = 0;
  let yolkMassG = 0;
  for (const { id, g } of parts) {
    const row = findIngredient(pantry, id);
    if (row.group === 'flour') {
      flourG += g;
      fibreG += g * row.fibre;
    }
    if (id === EGG_YOLK) yolkMassG += g;
    if (id === EGG_WHOLE) yolkMassG += (g * yolkG) / eggG;
  }
  if (flourG <= 0) return hex(WHEAT);
  // White flour holds about 2 to 4 % fibre; wholemeal about 11.
  const bran = Math.min(1, Math.max(0, (fibreG / flourG - 0.04) / 0.07));
  let rgb = mix(WHEAT, BRAN, bran);
  rgb = mix(rgb, YOLK, 1 - Math.exp((-3 * yolkMassG) / flourG));
  for (const { id, g } of parts) {
    const tint = TINTS[id];
    if (tint) rgb = mix(rgb, tint.rgb, 1 - Math.exp((-tint.strength * g) / flourG));
  }
  return hex(rgb);
}
