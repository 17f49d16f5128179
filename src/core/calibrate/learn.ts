import { QUANTITY_IDS, type Learnt, type QuantityId } from '../basis/learnt';
import { shortText } from '../fields';
import { cookKey, HOLD_ALL } from './learntKeys';
import { posterior, ageWeight, type Seen } from './posterior';
import { QUANTITIES, type Quantity } from './quantities';
import { fromScale, toScale } from './scale';

/** One look at one quantity, out of one run. */
export interface Evidence {
  readonly quantity: QuantityId;
  /** Whose it is: a roller, a preparation, a shape; empty for the kitchen's. */
  readonly key: string;
  readonly cook: string | null;
  /** In its own unit. */
  readonly value: number;
  /** How far it may be off beyond the usual from run to run, in the quantity's scale. */
  readonly sd: number;
}

/** The evidence of one run. */
export interface RunEvidence {
  readonly run: string;
  readonly madeOn: string;
  readonly evidence: readonly Evidence[];
}

/** Half the width of a 90 % range, in deviations. */
const NINETY = 1.6449;

const DAY_MS = 86_400_000;

const plusKey = shortText('Key', 120);

/**
 * What a kitchen's runs have taught it so far, each quantity from its prior by the evidence. A run of
 * another cook, roller or shape counts toward its own key alone; cooks, whom a plan does not name, are
 * taken together as well, and so are the paces of cooks at one shape.
 * @param today as 2026-11-24: older runs count for less
 */
export function learn(
  runs: readonly RunEvidence[],
  { today, held = [] }: { today: string; held?: readonly string[] },
): Learnt[] {
  const groups = new Map<
    string,
    { id: QuantityId; key: string; seen: Seen[]; runs: Set<string> }
  >();
  for (const { run, madeOn, evidence } of runs) {
    const weight = ageWeight((Date.parse(today) - Date.parse(madeOn)) / DAY_MS);
    for (const { quantity: id, key, value, sd, cook } of evidence) {
      const { scale, noise, of, byCook = false } = QUANTITIES[id] as Quantity;
      const look = {
        value: toScale(scale, value),
        sd: Math.hypot(noise, sd),
        weight: Number.isFinite(weight) ? weight : 0,
      };
      const own = cook === null ? [] : of === 'cook' ? [cook] : byCook ? [cookKey(key, cook)] : [];
      const keys = [of === 'cook' ? '' : key, ...own];
      for (const each of keys) {
        const at = `${id}/${each}`;
        const group = groups.get(at) ?? { id, key: each, seen: [], runs: new Set<string>() };
        group.seen.push(look);
        group.runs.add(run);
        groups.set(at, group);
      }
    }
  }
  return [...groups.entries()]
    .map(([at, group]) =>
      learntOf(
        group.id,
        group.key,
        group.seen,
        group.runs.size,
        held.includes(HOLD_ALL) || held.includes(at),
      ),
    )
    .filter(({ key }) => key === '' || plusKey.safeParse(key).success)
    .sort(
      (a, b) =>
        QUANTITY_IDS.indexOf(a.quantity) - QUANTITY_IDS.indexOf(b.quantity) ||
        a.key.localeCompare(b.key),
    );
}

function learntOf(
  id: QuantityId,
  key: string,
  seen: readonly Seen[],
  runs: number,
  held: boolean,
): Learnt {
  const { scale, typical, spread } = QUANTITIES[id];
  const { mean, sd } = posterior({ mean: toScale(scale, typical), sd: spread }, seen);
  return {
    quantity: id,
    key,
    value: fromScale(scale, mean),
    low: fromScale(scale, mean - NINETY * sd),
    high: fromScale(scale, mean + NINETY * sd),
    typical,
    runs,
    held,
  };
}
