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

/**
 * What is done about it: flour of the recipe that was held back, grams of more flour or water, minutes of
 * kneading or rest, letter folds.
 */
export const CORRECTIONS = [
  'heldBackG',
  'flourG',
  'waterG',
  'kneadMin',
  'restMin',
  'folds',
] as const;

export type CorrectionKind = (typeof CORRECTIONS)[number];

export interface Correction {
  readonly kind: CorrectionKind;
  readonly amount: number;
  /** What it is a pinch of: all that the sums say is missing, g. */
  readonly ofG?: number;
  /** Why this, in a cook's words. */
  readonly why: string;
}

/** A dough as it stands under the hand. */
export interface DoughNow {
  readonly flourG: number;
  readonly waterG: number;
  readonly target: number;
  /** Flour of the recipe that is still beside the bowl, g. */
  readonly heldBackG: number;
  /** Flour that is there beside it to knead in, g; Infinity where it is not limited. */
  readonly spareFlourG: number;
  readonly kneadMin: number;
  /** As this kitchen's doughs want it, in all. */
  readonly kneadWantedMin: number;
  readonly restMin: number;
  readonly restWantedMin: number;
  readonly roomC: number;
  /** Bran in it drinks slowly. */
  readonly thirsty: boolean;
}

/**
 * One pinch of flour or wet hand of water, g: 5 to 10, small, since it only goes one way. Of a large dough up
 * to 1 % of its flour, of a tiny one no more than 2.5 %. Rule.
 */
const PINCH = { leastG: 5, mostG: 10, mostShare: 0.01, tinyShare: 0.025 } as const;

/**
 * What to do about a dough that feels wrong, in small steps, the first to try first. Flour held back goes in
 * first; then pinches toward what the sums say is missing, one where they see nothing wrong but the hand does.
 * Rule. Work the advice out again after each step.
 * @example whatToDo('sticky', dough)[0] // { kind: 'flourG', amount: 8, ofG: 30, why: '…' }
 */
export function whatToDo(feel: Feel, now: DoughNow): Correction[] {
  const steps = { sticky, crumbly, cracking, springsBack, streaky, slack, grainy }[feel](now);
  // What is not there is not kneaded in.
  return steps
    .map((step) =>
      step.kind === 'flourG' && step.amount > now.spareFlourG
        ? { ...step, amount: now.spareFlourG < 0.5 ? 0 : now.spareFlourG, ofG: now.spareFlourG }
        : step,
    )
    .filter(({ amount }) => amount > 0);
}

/** A pinch of what is missing, even ones of it; the least one where nothing seems to be. */
function pinchG(missingG: number, flourG: number): number {
  const leastG = Math.min(PINCH.leastG, PINCH.tinyShare * flourG);
  const mostG = Math.max(
    Math.min(PINCH.mostG, 2 * PINCH.tinyShare * flourG),
    PINCH.mostShare * flourG,
  );
  if (missingG <= leastG) return roundG(leastG);
  return roundG(missingG / Math.ceil(missingG / mostG));
}

/** A pinch with what it is a pinch of. */
const pinchOf = (missingG: number, flourG: number) => ({
  amount: pinchG(missingG, flourG),
  ...(missingG > 0 && { ofG: missingG }),
});

/** To half grams below ten, to whole grams above: what a kitchen scale shows. */
const roundG = (g: number): number =>
  g < 10 ? Math.max(0.5, Math.round(g * 2) / 2) : Math.round(g);

const flourMissing = ({ waterG, target, flourG }: DoughNow) => waterG / target - flourG;
const waterMissing = ({ waterG, target, flourG }: DoughNow) => target * flourG - waterG;

const moreKneading = (now: DoughNow): number =>
  Math.max(0, Math.ceil(now.kneadWantedMin - now.kneadMin));

function sticky(now: DoughNow): Correction[] {
  const more = moreKneading(now);
  const wet = flourMissing(now);
  const heldBack: Correction = {
    kind: 'heldBackG',
    amount: now.heldBackG < 0.5 ? 0 : Math.min(now.heldBackG, pinchG(now.heldBackG, now.flourG)),
    ofG: now.heldBackG,
    why: 'The flour you held back goes in first: a pinch, knead a minute, feel again.',
  };
  const flour: Correction = {
    kind: 'flourG',
    ...pinchOf(wet, now.flourG),
    why:
      wet > 0
        ? 'It is wetter than its target. Knead it in by pinches, and stop when it no longer sticks.'
        : 'The sums do not see it: big eggs, damp flour or a warm room. A pinch, then feel again.',
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
  if (heldBack.amount > 0) return [heldBack, knead, rest];
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
    ...pinchOf(dry, now.flourG),
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
      ...pinchOf(waterMissing(now), now.flourG),
      why: 'Mist the face or wet your hands, fold it in: it dried out or took too much flour.',
    },
    { kind: 'restMin', amount: 10, why: 'Then wrap it airtight: the water must even out.' },
  ];
}

function springsBack(now: DoughNow): Correction[] {
  const more = now.restWantedMin - now.restMin;
  const amount = more > 0 ? Math.ceil(more) : Math.ceil(now.restWantedMin / 3);
  return [
    {
      kind: 'restMin',
      amount,
      why:
        more > 0
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
      ...pinchOf(flourMissing(now), now.flourG),
      why: 'It spreads and will not hold an edge: too wet, weak flour, or rested too long and warm.',
    },
  ];
}

function grainy(now: DoughNow): Correction[] {
  return [
    {
      kind: 'restMin',
      amount: Math.max(15, Math.ceil(now.restWantedMin / 2)),
      why: 'Cut away any crust first: it never dissolves again. Semolina only needs time to swell.',
    },
    { kind: 'kneadMin', amount: 2, why: 'Then knead it through and look at a thin stretched bit.' },
  ];
}
