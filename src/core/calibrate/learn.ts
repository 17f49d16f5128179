import { QUANTITY_IDS, type Learnt, type QuantityId } from '../basis/learnt';
import { shortText } from '../fields';
import { cookKey, HOLD_ALL } from './learntKeys';
import { lossMultiplier } from './lossMultiplier';
import { NINETY, posterior, type Seen } from './posterior';
import { QUANTITIES, type Quantity } from './quantities';
import { fromScale, toScale } from './scale';

/** One look at one quantity, out of one run. */
export interface Evidence {
  readonly quantity: QuantityId;
  /** Whose it is: a roller, a preparation, a shape, a cause; empty for the kitchen's. */
  readonly key: string;
  readonly cook: string | null;
  /** In its own unit; of losses, pieces lost. */
  readonly value: number;
  /** How far its measuring may be off, in the quantity's scale. */
  readonly sd: number;
  /** Of losses: pieces that the sums expected lost. */
  readonly expected?: number;
}

/** The evidence of one run. */
export interface RunEvidence {
  readonly run: string;
  readonly madeOn: string;
  readonly evidence: readonly Evidence[];
}

/** A kitchen drifts by this share of what its batches differ by, a batch and a month. Rule. */
const DRIFT = { batch: 0.25, month: 0.75 } as const;

const DAY_MS = 86_400_000;

const plusKey = shortText('Key', 120);

interface Group {
  readonly id: QuantityId;
  readonly key: string;
  readonly seen: Seen[];
  readonly runs: Set<string>;
  lost: number;
  expected: number;
}

/**
 * What a kitchen's runs have taught it so far, each quantity from its prior by the evidence. Each batch has its
 * own value round the kitchen's, each look its own error, and the kitchen drifts. A run of another cook, roller
 * or shape counts toward its own key alone; cooks, whom a plan does not name, are taken together as well, and
 * so are the paces of cooks at one shape.
 * @param today as 2026-11-24: what is long ago says less of it
 */
export function learn(
  runs: readonly RunEvidence[],
  { today, held = [] }: { today: string; held?: readonly string[] },
): Learnt[] {
  const groups = new Map<string, Group>();
  for (const { run, madeOn, evidence } of runs) {
    const day = dayNumber(madeOn);
    if (!Number.isFinite(day)) continue;
    for (const { quantity: id, key, value, sd, cook, expected = 0 } of evidence) {
      const { scale, noise, of, byCook = false } = QUANTITIES[id] as Quantity;
      const look = { value: toScale(scale, value), sd: Math.hypot(noise, sd), day };
      const own = cook === null ? [] : of === 'cook' ? [cook] : byCook ? [cookKey(key, cook)] : [];
      for (const each of [of === 'cook' ? '' : key, ...own]) {
        const at = `${id}/${each}`;
        const group: Group = groups.get(at) ?? {
          id,
          key: each,
          seen: [],
          runs: new Set<string>(),
          lost: 0,
          expected: 0,
        };
        group.seen.push(look);
        group.runs.add(run);
        group.lost += value;
        group.expected += expected;
        groups.set(at, group);
      }
    }
  }
  return [...groups.entries()]
    .map(([at, group]) =>
      learntOf(group, dayNumber(today), held.includes(HOLD_ALL) || held.includes(at)),
    )
    .filter(({ key }) => key === '' || plusKey.safeParse(key).success)
    .sort(
      (a, b) =>
        QUANTITY_IDS.indexOf(a.quantity) - QUANTITY_IDS.indexOf(b.quantity) ||
        a.key.localeCompare(b.key),
    );
}

const dayNumber = (date: string): number => Date.parse(date) / DAY_MS;

function learntOf(group: Group, today: number, held: boolean): Learnt {
  const { id, key, seen, runs } = group;
  const { typical } = QUANTITIES[id];
  return {
    quantity: id,
    key,
    ...(id === 'lost'
      ? { ...lossMultiplier(group.lost, group.expected), betweenBatches: QUANTITIES.lost.noise }
      : levelOf(id, seen, today)),
    typical,
    runs: runs.size,
    held,
  };
}

/** The kitchen's own level of a quantity today, with its 90 % range. */
function levelOf(id: QuantityId, seen: readonly Seen[], today: number) {
  const { scale, typical, spread, noise } = QUANTITIES[id];
  const { mean, sd, apart } = posterior({ mean: toScale(scale, typical), sd: spread }, seen, {
    drift: { batch: DRIFT.batch * noise, month: DRIFT.month * noise },
    today,
  });
  return {
    value: fromScale(scale, mean),
    low: fromScale(scale, mean - NINETY * sd),
    high: fromScale(scale, mean + NINETY * sd),
    betweenBatches: apart * noise,
  };
}
