import { startingRules } from '../basis/rules';
import { restWanted, relaxationTau } from './relaxation';
import { kneadWanted, type Kneader } from './development';

/** What a cook's hand says of a dough. */
export const FEELS = [
  'sticky',
  'crumbly',
  'cracking',
  'springsBack',
  'streaky',
  'slack',
  'grainy',
] as const;

export type Feel = (typeof FEELS)[number];

/** What is done about it: grams of flour or water, minutes of kneading or rest, letter folds. */
export type CorrectionKind = 'flourG' | 'waterG' | 'kneadMin' | 'restMin' | 'folds';

export interface Correction {
  readonly kind: CorrectionKind;
  readonly amount: number;
  /** Why this, in a cook's words. */
  readonly why: string;
}

/** A dough as it stands under the hand. */
export interface DoughNow {
  readonly flourG: number;
  readonly waterG: number;
  readonly target: number;
  readonly kneadMin: number;
  readonly by: Kneader;
  readonly relaxationLeft: number;
  readonly restMin: number;
  readonly restC: number;
  readonly roomC: number;
  /** Bran in it drinks slowly. */
  readonly thirsty: boolean;
}

/** One step of flour or water, share of the flour: small, since it only goes one way. Rule. */
const STEP = { least: 0.005, most: 0.02, blind: 0.01 } as const;

/**
 * What to do about a dough that feels wrong, in small steps, the first to try first. Rule: half of
 * what the sums say is missing, between 0.5 and 2 % of the flour; where the sums see nothing wrong
 * but the hand does, 1 %. Work the advice out again after each step.
 * @example whatToDo('sticky', dough)[0] // { kind: 'flourG', amount: 8, why: '…' }
 */
export function whatToDo(feel: Feel, now: DoughNow): Correction[] {
  const steps = { sticky, crumbly, cracking, springsBack, streaky, slack, grainy }[feel](now);
  return steps.filter(({ amount }) => amount > 0);
}

/** Half of what is missing, within the least and the most of a step. */
const stepG = (missingG: number, flourG: number): number => {
  if (missingG <= 0) return roundG(STEP.blind * flourG);
  return roundG(Math.min(STEP.most * flourG, Math.max(STEP.least * flourG, missingG / 2)));
};

/** To half grams below ten, to whole grams above: what a kitchen scale shows. */
const roundG = (g: number): number =>
  g < 10 ? Math.max(0.5, Math.round(g * 2) / 2) : Math.round(g);

const flourMissing = ({ waterG, target, flourG }: DoughNow) => waterG / target - flourG;
const waterMissing = ({ waterG, target, flourG }: DoughNow) => target * flourG - waterG;

const moreKneading = (now: DoughNow): number =>
  Math.max(0, Math.ceil(kneadWanted(now.by) - now.kneadMin));

function sticky(now: DoughNow): Correction[] {
  const more = moreKneading(now);
  const wet = flourMissing(now);
  const flour: Correction = {
    kind: 'flourG',
    amount: stepG(wet, now.flourG),
    why:
      wet > 0
        ? 'It is wetter than its target. Dust this in, knead a minute, feel again.'
        : 'The sums do not see it: big eggs, damp flour or a warm room. A little, then feel again.',
  };
  const knead: Correction = {
    kind: 'kneadMin',
    amount: more,
    why: 'It is not kneaded out yet: it tightens and stops sticking as it is worked.',
  };
  const rest: Correction = {
    kind: 'restMin',
    amount: now.restMin < 10 || now.roomC > 26 ? 10 : 0,
    why:
      now.roomC > 26
        ? 'The room is warm: ten minutes wrapped in the cold firm it.'
        : 'Flour drinks for a while yet: wrap it before adding any.',
  };
  // Kneading takes nothing away: it comes first unless the dough is plainly wet.
  return wet > 0.02 * now.flourG ? [flour, knead, rest] : [knead, rest, flour];
}

function crumbly(now: DoughNow): Correction[] {
  const dry = waterMissing(now);
  const wait: Correction = {
    kind: 'restMin',
    amount: now.restMin < 15 ? (now.thirsty ? 20 : 10) : 0,
    why: now.thirsty
      ? 'Bran drinks slowly: wrap it and let it finish wetting before adding water.'
      : 'Crumbly at first is normal: press it together, wrap it, let it finish wetting.',
  };
  const water: Correction = {
    kind: 'waterG',
    amount: stepG(dry, now.flourG),
    why:
      dry > 0
        ? 'It is drier than its target. Wet your hands with this much and knead it in.'
        : 'The sums do not see it: small eggs or a dry day. By wet hands, then feel again.',
  };
  return dry > 0.02 * now.flourG ? [water, wait] : [wait, water];
}

function cracking(now: DoughNow): Correction[] {
  return [
    {
      kind: 'waterG',
      amount: stepG(Math.min(waterMissing(now), 0.02 * now.flourG), now.flourG),
      why: 'Mist the face or wet your hands, fold it in: it dried out or took too much flour.',
    },
    { kind: 'restMin', amount: 10, why: 'Then wrap it airtight: the water must even out.' },
  ];
}

function springsBack(now: DoughNow): Correction[] {
  const left = now.relaxationLeft;
  const RESTED = startingRules['dough.rest.enough'].value;
  const amount =
    left > RESTED
      ? Math.ceil(relaxationTau(now.restC) * Math.log(left / RESTED))
      : Math.ceil(restWanted(now.restC) / 3);
  return [
    {
      kind: 'restMin',
      amount,
      why:
        left > RESTED
          ? 'It has not rested enough: wrapped, it lets go by itself.'
          : 'Rested by the sums, but tight in the hand: a while longer, then slower passes.',
    },
  ];
}

function streaky(now: DoughNow): Correction[] {
  return [
    {
      kind: 'kneadMin',
      amount: Math.max(2, moreKneading(now)),
      why: 'White or yellow streaks are flour and egg not yet mixed.',
    },
    {
      kind: 'folds',
      amount: 2,
      why: 'At the roller: letter folds at the widest finish the mixing.',
    },
  ];
}

function slack(now: DoughNow): Correction[] {
  return [
    { kind: 'folds', amount: 2, why: 'Letter folds at the widest give it its strength back.' },
    {
      kind: 'flourG',
      amount: stepG(flourMissing(now), now.flourG),
      why: 'It spreads and will not hold an edge: too wet, weak flour, or rested too long and warm.',
    },
  ];
}

function grainy(now: DoughNow): Correction[] {
  return [
    {
      kind: 'restMin',
      amount: Math.max(15, Math.ceil(restWanted(now.restC) / 2)),
      why: 'Cut away any crust first: it never dissolves again. Semolina only needs time to swell.',
    },
    { kind: 'kneadMin', amount: 2, why: 'Then knead it through and look at a thin stretched bit.' },
  ];
}
