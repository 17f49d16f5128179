import { seeded } from '../seeded';
import { DRILL_IDS, type Drill, type DrillGear } from './drill';
import { drill, MOST_SEED } from './drills';

/** Exercises that a class sees on paper: what wants a running clock is left out. */
const ON_PAPER = DRILL_IDS.filter((id) => id !== 'now');

/**
 * A set for a class, from one seed: every kind in turn, in an order of its own.
 * @param count 1 to 30
 * @example drillSet(12, { count: 6 }).map(({ kind }) => kind).length // 6
 */
export function drillSet(
  seed: number,
  { count = 8, gear }: { count?: number; gear?: DrillGear } = {},
): Drill[] {
  const chance = seeded(seed);
  const kinds = Array.from({ length: Math.ceil(count / ON_PAPER.length) }, () =>
    chance.shuffled(ON_PAPER),
  ).flat();
  return kinds
    .slice(0, count)
    .map((kind) => drill(kind, Math.floor(chance.between(0, MOST_SEED)), gear));
}
