import type { Basis } from '../basis/basis';
import { LEAST_EXPECTED } from '../calibrate/lossMultiplier';
import type { Evidence } from '../calibrate/learn';
import { causeOf, isCause } from '../faults/causes';
import { SIGNS, type Sign, type SignId } from '../faults/signs';
import type { Plan } from '../plan/document/schema';
import { MARGINS, type MarginId } from '../risk/margins';
import { modelOf } from '../risk/modelOf';
import { scatter } from '../risk/scatter';
import type { RunState } from './fold';
import { WAY_IDS, WAYS, type WayId } from './ways';

/** So many pieces tell a share of 1 in 200 well enough. */
const PIECES = 3000;

/** Causes that lose pieces: the margins of a piece. */
const CAUSES: readonly MarginId[] = MARGINS.filter(({ workedRound }) => !workedRound).map(
  ({ id }) => id,
);

/**
 * Pieces lost to each cause in a batch, beside what the sums expected at its own margins. A cause confirmed in
 * troubleshooting has what was lost in its way; what nobody saw falls to all as they were expected.
 * @param typical the kitchen as the rules have it: what is learned is how many times that it loses
 */
export function lossEvidence(plan: Plan, state: RunState, typical: Basis): Evidence[] {
  const { byCause } = scatter(modelOf(plan, typical), { pieces: PIECES });
  const expected = new Map(
    CAUSES.map((id) => [id, state.pieces * Math.max(LEAST_EXPECTED, byCause[id] ?? 0)]),
  );
  const lost = new Map<MarginId, number>(CAUSES.map((id) => [id, 0]));
  const give = (id: MarginId, n: number) => lost.set(id, (lost.get(id) ?? 0) + n);
  const all = [...expected.values()].reduce((sum, each) => sum + each, 0);
  for (const way of WAY_IDS) {
    const n = state.burst[way];
    if (!WAYS[way].lost || n === 0) continue;
    const to = confirmedFor(way, state) ?? CAUSES.find((id) => id === WAYS[way].margin);
    if (to) give(to, n);
    else for (const [id, each] of expected) give(id, (n * each) / all);
  }
  return CAUSES.map((id) => ({
    quantity: 'lost',
    key: id,
    cook: null,
    value: lost.get(id)!,
    sd: 0,
    expected: expected.get(id)!,
  }));
}

/** The margin of the cause that was confirmed for pieces lost in one way; undefined where none was. */
function confirmedFor(way: WayId, { traced }: RunState): MarginId | undefined {
  const found = traced.findLast(({ signs }) =>
    signs.some((sign) => {
      const { way: of }: Partial<Sign> = SIGNS[sign as SignId] ?? {};
      return of === way;
    }),
  );
  return found && isCause(found.cause)
    ? causeOf(found.cause).margins.find((id) => CAUSES.includes(id))
    : undefined;
}
