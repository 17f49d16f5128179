import {
  findIngredient,
  rowsUsed,
  startingPantry,
  type Pantry,
  type PantryRows,
} from '../composition/pantry';
import { boughtAs, type BoughtAs } from './madeFrom';
import { EGG_WHITE, EGG_WHOLE, EGG_YOLK } from '../dough/makeup';
import type { PlanFigures } from '../plan/model/figures';
import type { Plan } from '../plan/document/schema';
import { AISLES, aisleOf, packOf, type Aisle, type Pack } from './packs';

/** What one plan needs of the shop. */
export interface PlanNeeds {
  readonly name: string;
  readonly needs: readonly { readonly id: string; readonly g: number }[];
  /** Whole eggs, lone yolks and lone whites, counted by the plan's own eggs. */
  readonly eggs: { readonly whole: number; readonly yolks: number; readonly whites: number };
}

/** One line of the list: an ingredient, what is needed of it, and what to buy. */
export interface ShoppingLine {
  readonly id: string;
  readonly name: string;
  readonly aisle: Aisle;
  readonly needG: number;
  /** Packets, eggs or millilitres, by how it is bought; grams when it is weighed out. */
  readonly buy: {
    readonly amount: number;
    readonly unit: 'eggs' | 'g' | 'ml' | 'packets';
    readonly packet?: { readonly name: string; readonly sizeG: number };
  };
  readonly plans: readonly string[];
  /** What is made from it, where it is bought under another name. */
  readonly madeInto: readonly string[];
}

/** Rounding noise that must not cost a packet. */
const EPSILON = 1e-6;

/**
 * What a plan needs: its dough as weighed out, its filling raw, salt for the pot, an egg to seal with. What
 * is in hand is made already: it is left out.
 */
export function planNeeds(
  plan: Plan,
  { dough, filling, saltG }: PlanFigures,
  { made = false }: { /** The pieces are there already. */ made?: boolean } = {},
): PlanNeeds {
  const { eggG, yolkG } = plan.dough;
  const { wayIn } = plan.batch;
  const inHand = {
    dough: made || wayIn === 'dough' || wayIn === 'both',
    filling: made || wayIn === 'filling' || wayIn === 'both',
  };
  const all = [
    ...(inHand.dough ? [] : dough.parts.map(({ id, g }) => ({ id, g }))),
    ...(inHand.filling ? [] : filling.parts.map(({ id, g }) => ({ id, g }))),
    { id: 'salt-fine', g: saltG },
  ];
  const of = (id: string) => all.reduce((sum, part) => sum + (part.id === id ? part.g : 0), 0);
  return {
    name: plan.name,
    needs: all.filter(({ g }) => g >= 0.05),
    eggs: {
      whole: of(EGG_WHOLE) / eggG + (!made && plan.hold.medium === 'egg' ? 1 : 0),
      yolks: of(EGG_YOLK) / yolkG,
      whites: of(EGG_WHITE) / (eggG - yolkG) + (!made && plan.hold.medium === 'eggWhite' ? 1 : 0),
    },
  };
}

/**
 * A shopping list for several plans: merged by ingredient, rounded up to how each is bought, in the
 * order of a round through a shop. Law (adding up) on packs that are a table.
 * @example shoppingList([planNeeds(plan, evaluatePlan(plan, basis))], startingPantry)[0]
 * // { id: 'flour-00', aisle: 'Flour', needG: 924, buy: { amount: 1, unit: 'packets', … }, … }
 */
export function shoppingList(plans: readonly PlanNeeds[], pantry: Pantry): ShoppingLine[] {
  const lines = new Map<string, Needed>();
  for (const { name, needs } of plans) {
    for (const { id, g } of needs) {
      const as = boughtAs(id, pantry);
      const line = lines.get(as.id) ?? { as, g: 0, plans: new Set(), madeInto: new Set() };
      line.g += g * as.times;
      line.plans.add(name);
      if (as.times !== 1) line.madeInto.add(findIngredient(pantry, id).name);
      lines.set(as.id, line);
    }
  }
  const list: ShoppingLine[] = [];
  for (const [id, { as, g, plans: names, madeInto }] of lines) {
    const pack = packOf(id, as.group);
    if (pack.kind === 'none' || pack.kind === 'egg') continue;
    list.push({
      id,
      name: as.name,
      aisle: aisleOf(as.group, as.allergens),
      needG: g,
      buy: rounded(pack, g, as.densityGPerMl),
      plans: [...names],
      madeInto: [...madeInto],
    });
  }
  const eggs = eggLine(plans, lines);
  if (eggs) list.push(eggs);
  return list.sort(
    (a, b) => AISLES.indexOf(a.aisle) - AISLES.indexOf(b.aisle) || a.name.localeCompare(b.name),
  );
}

/**
 * The rows of a pantry that a list for some plans is written from, those of before the cook's own left out.
 * `pantryWith(rowsBought(plans, pantry))` gives the same list as the whole pantry.
 */
export function rowsBought(plans: readonly PlanNeeds[], pantry: Pantry): PantryRows {
  const ids = plans.flatMap(({ needs }) =>
    needs.flatMap(({ id }) => [id, boughtAs(id, pantry).id]),
  );
  const used = rowsUsed(
    ids.map((id) => ({ id })),
    pantry,
  );
  return {
    ...used,
    ingredients: used.ingredients.filter((row) => startingPantry.ingredients.get(row.id) !== row),
  };
}

/** What is needed of one thing that is bought. */
interface Needed {
  readonly as: BoughtAs;
  g: number;
  readonly plans: Set<string>;
  readonly madeInto: Set<string>;
}

function rounded(pack: Pack, g: number, densityGPerMl: number): ShoppingLine['buy'] {
  const up = (need: number, step: number) => Math.max(1, Math.ceil(need / step - EPSILON)) * step;
  switch (pack.kind) {
    case 'packet':
      return {
        amount: Math.max(1, Math.ceil(g / pack.sizeG - EPSILON)),
        unit: 'packets',
        packet: { name: pack.name, sizeG: pack.sizeG },
      };
    case 'poured':
      return { amount: up(g / densityGPerMl, pack.stepMl), unit: 'ml' };
    case 'loose':
      return { amount: up(g, pack.stepG), unit: 'g' };
    default:
      return { amount: g, unit: 'g' };
  }
}

/** Eggs to buy: the whole ones, and as many more as the lone yolks or the lone whites need. */
function eggLine(
  plans: readonly PlanNeeds[],
  lines: ReadonlyMap<string, { g: number }>,
): ShoppingLine | null {
  const sum = (key: keyof PlanNeeds['eggs']) =>
    plans.reduce((total, { eggs }) => total + eggs[key], 0);
  const whole = Math.ceil(sum('whole') - EPSILON);
  const apart = Math.max(Math.ceil(sum('yolks') - EPSILON), Math.ceil(sum('whites') - EPSILON));
  const count = whole + apart;
  if (count <= 0) return null;
  return {
    id: EGG_WHOLE,
    name: 'Hen eggs',
    aisle: 'Eggs',
    needG: [EGG_WHOLE, EGG_YOLK, EGG_WHITE].reduce((g, id) => g + (lines.get(id)?.g ?? 0), 0),
    buy: { amount: count, unit: 'eggs' },
    plans: plans
      .filter(({ eggs }) => eggs.whole + eggs.yolks + eggs.whites > 0)
      .map(({ name }) => name),
    madeInto: [],
  };
}
