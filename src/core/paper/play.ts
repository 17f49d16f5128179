import { startingRules } from '../basis/rules';
import { FieldError } from '../range';
import { comesTo, type CameTo } from './comesTo';
import { DECISION_IDS, type DecisionId, type Seen } from './decision';
import { DECISIONS } from './decisions';
import type { PaperBatch } from './paperBatch';
import { trulyMade, type Standing } from './standing';

/** Ways chosen, by decision. */
export type Chosen = Readonly<Partial<Record<DecisionId, string>>>;

/**
 * The batch after the ways chosen; what is not chosen is left as it is.
 * @throws FieldError when a way is none of its decision’s
 */
export const standingAfter = ({ start }: PaperBatch, chosen: Chosen): Standing =>
  DECISION_IDS.reduce((standing, id) => {
    const name = chosen[id];
    if (name === undefined) return standing;
    const { ways } = DECISIONS[id];
    if (!Object.hasOwn(ways, name)) {
      throw new FieldError(id, `must be one of: ${Object.keys(ways).join(', ')}`);
    }
    return ways[name]!.does(standing);
  }, start);

/** By how much one batch came out better than another. */
export interface Difference {
  /** Pieces more on the plates, as they should be. */
  readonly pieces: number;
  /** Less made for nothing, g; what can be eaten another day counts for less. */
  readonly g: number;
}

/** What one decision cost. */
export interface Cost {
  readonly id: DecisionId;
  readonly way: string;
  /** Its way in the batch made well; the same where it was. */
  readonly best: string;
  /** What that would have brought with all others as they were. */
  readonly alone: Difference;
  /** What the way chosen would have cost with all others made well: shows what another slip hid. */
  readonly amongWell: Difference;
}

/** A decision that is to be made next. */
export interface Pending extends Seen {
  readonly id: DecisionId;
  /** The so-manieth, of so many. */
  readonly n: number;
  readonly of: number;
}

/** What a batch on paper came to. */
export interface Ending {
  readonly came: CameTo;
  readonly costs: readonly Cost[];
  /** What it would have come to with the best way at every turn. */
  readonly well: CameTo;
}

/**
 * The next decision of a batch on paper, in the order of the work, with what is before the cook; null when all
 * are made.
 * @throws FieldError when a way is none of its decision’s
 */
export function nextDecision(batch: PaperBatch, chosen: Chosen): Pending | null {
  const id = DECISION_IDS.find((each) => chosen[each] === undefined);
  if (!id) return null;
  const standing = standingAfter(batch, chosen);
  return {
    id,
    n: DECISION_IDS.indexOf(id) + 1,
    of: DECISION_IDS.length,
    ...DECISIONS[id].shows(standing, trulyMade(standing)),
  };
}

/**
 * What a batch on paper came to by the ways chosen, and what each cost: it is played again with that one decision
 * made well. A decision not made leaves the batch as it is.
 * @throws FieldError when a way is none of its decision’s
 */
export function endingOf(batch: PaperBatch, chosen: Chosen): Ending {
  const replay = replays(batch);
  const decided = DECISION_IDS.filter((id) => chosen[id] !== undefined);
  const best = madeWell(decided, replay);
  const [came, well] = [replay(chosen), replay(best)];
  return {
    came,
    well,
    costs: decided.map((id) => ({
      id,
      way: chosen[id]!,
      best: best[id]!,
      alone: difference(replay({ ...chosen, [id]: best[id]! }), came),
      amongWell: difference(well, replay({ ...best, [id]: chosen[id]! })),
    })),
  };
}

/** What a batch comes to by the ways chosen. */
type Replay = (chosen: Chosen) => CameTo;

/** Plays a batch again and again; the same ways are played out once. */
function replays(batch: PaperBatch): Replay {
  const played = new Map<string, CameTo>();
  return (chosen) => {
    const key = DECISION_IDS.map((id) => chosen[id]).join(' ');
    const known = played.get(key) ?? comesTo(standingAfter(batch, chosen));
    played.set(key, known);
    return known;
  };
}

/** What was made for nothing, g; what can be eaten another day counts for less. Rule. */
const wasteG = ({ leftDoughG, leftFillingG, spareG, ruinedG }: CameTo): number =>
  ruinedG + startingRules['paper.left'].value * (leftDoughG + leftFillingG + spareG);

const difference = (better: CameTo, worse: CameTo): Difference => ({
  pieces: better.plated - worse.plated,
  g: Math.round(wasteG(worse) - wasteG(better)),
});

/** Less than this is no difference, g: a bowl scraped. */
const SAME_G = 20;

/** More pieces on the plates, then less made for nothing. */
function isBetter(a: CameTo, b: CameTo): boolean {
  const { pieces, g } = difference(a, b);
  return pieces > 0 || (pieces === 0 && g > SAME_G);
}

/** What is best early may hang on what comes late: twice round settles it. */
const ROUNDS = 2;

/** The batch made well: from a careful cook’s ways on, every decision made best in its turn. */
function madeWell(decided: readonly DecisionId[], replay: Replay): Chosen {
  let best: Chosen = Object.fromEntries(decided.map((id) => [id, DECISIONS[id].careful]));
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const id of decided) {
      for (const way of Object.keys(DECISIONS[id].ways)) {
        const other = { ...best, [id]: way };
        if (isBetter(replay(other), replay(best))) best = other;
      }
    }
  }
  return best;
}
