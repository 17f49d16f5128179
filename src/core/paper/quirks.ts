import { startingBasis } from '../basis/basis';
import { startingPantry } from '../composition/pantry';
import { startingRules } from '../basis/rules';
import { withEggs, withLooseWater } from '../faults/enacting';
import { withPart } from '../plan/document/patch';
import type { Plan } from '../plan/document/schema';
import { fillingStage } from '../plan/model/filling';
import type { Standing } from './standing';

/** Something about a kitchen that its cook does not know when the batch begins. */
export interface Quirk {
  /** Two of one group never come together. */
  readonly group: 'air' | 'eggs' | 'roller' | 'hand' | 'filling';
  /** How it is told when the batch is over. */
  readonly says: string;
  readonly enact: (standing: Standing) => Standing;
}

const rule = (id: 'eggs' | 'damp' | 'dry' | 'warm' | 'leaves' | 'hand' | 'loose'): number =>
  startingRules[`paper.${id}`].value;

const dough = (standing: Standing, change: Partial<Standing['plan']['dough']>): Standing => ({
  ...standing,
  plan: withPart(standing.plan, 'dough', change),
});

const eggs = (standing: Standing, ratio: number): Standing => ({
  ...standing,
  plan: withEggs(standing.plan, ratio, startingPantry),
  slips: { ...standing.slips, eggs: ratio > 1 ? 'heavier' : 'lighter' },
});

const hands = (standing: Standing, change: Partial<Standing['hands']>): Standing => ({
  ...standing,
  hands: { ...standing.hands, ...change },
});

const STEP = 0.02;
const MOST_WATER = 0.4;

/** A filling with water left in it until so much of it is free: what its solids hold, they take first. */
function loosened(plan: Plan): Plan {
  for (let share = STEP; share < MOST_WATER; share += STEP) {
    const looser = withLooseWater(plan, share);
    const { composition } = fillingStage(looser, startingBasis);
    if (composition.freeWaterShare >= rule('loose')) return looser;
  }
  return plan;
}

/** Every quirk there is. A further one is one more entry. */
export const QUIRKS = {
  dampDay: {
    group: 'air',
    says: 'The day was damp, and the flour had drunk of it.',
    enact: (standing) => dough(standing, { rh: rule('damp') }),
  },
  dryAir: {
    group: 'air',
    says: 'The air was dry: flour wanted more water, and sheets dried early.',
    enact: (standing) => {
      const dry = dough(standing, { rh: rule('dry') });
      return { ...dry, plan: withPart(dry.plan, 'sheet', { rh: rule('dry') }) };
    },
  },
  warmRoom: {
    group: 'air',
    says: 'The kitchen was warm: all went faster, the water through the sheet too.',
    enact: (standing) => dough(standing, { roomC: rule('warm') }),
  },
  smallEggs: {
    group: 'eggs',
    says: 'The eggs were a grade smaller than the recipe’s.',
    enact: (standing) => eggs(standing, 1 - rule('eggs')),
  },
  bigEggs: {
    group: 'eggs',
    says: 'The eggs were a grade bigger than the recipe’s.',
    enact: (standing) => eggs(standing, 1 + rule('eggs')),
  },
  leavesMore: {
    group: 'roller',
    says: 'The roller leaves more than its dial says.',
    enact: (standing) => hands(standing, { leaves: 1 + rule('leaves') }),
  },
  leavesLess: {
    group: 'roller',
    says: 'The roller leaves less than its dial says.',
    enact: (standing) => hands(standing, { leaves: 1 - rule('leaves') }),
  },
  heavyHand: {
    group: 'hand',
    says: 'The hand at the spoon was generous.',
    enact: (standing) => hands(standing, { doses: 1 + rule('hand') }),
  },
  lightHand: {
    group: 'hand',
    says: 'The hand at the spoon was sparing.',
    enact: (standing) => hands(standing, { doses: 1 - rule('hand') }),
  },
  softCurd: {
    group: 'filling',
    says: 'The filling held more water than the recipe leaves in it.',
    enact: (standing) => ({ ...standing, plan: loosened(standing.plan) }),
  },
} as const satisfies Readonly<Record<string, Quirk>>;

export type QuirkId = keyof typeof QUIRKS;

export const QUIRK_IDS = Object.keys(QUIRKS) as QuirkId[];

/** A quirk by its name. */
export const quirkOf = (id: QuirkId): Quirk => QUIRKS[id];
