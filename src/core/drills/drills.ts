import { genericRollers } from '../sheet/genericRollers';
import { dose } from './dose';
import type { Drill, DrillGear, DrillId, DrillKind } from './drill';
import { firstSheet } from './firstSheet';
import { hand } from './hand';
import { left } from './left';
import { light } from './light';
import { now } from './now';
import { opens } from './opens';

/** Every kind of exercise there is. A further one is one file and one line here. */
export const DRILLS: Readonly<Record<DrillId, DrillKind>> = {
  light,
  dose,
  opens,
  hand,
  left,
  now,
  firstSheet,
};

/** A kitchen of which nothing is known: the ten-step roller. */
export const GENERIC_GEAR: DrillGear = { roller: genericRollers[0]! };

/** Seeds run from 0 to here. */
export const MOST_SEED = 2_147_483_647;

/**
 * An exercise from its seed: the same seed gives the same, answer and all.
 * @param seed a whole number from 0 to {@link MOST_SEED}
 * @example drill('dose', 7).right // { from: 12.8, to: 19.2, best: 16 }
 */
export const drill = (kind: DrillId, seed: number, gear: DrillGear = GENERIC_GEAR): Drill => ({
  kind,
  seed,
  ...DRILLS[kind].make(seed, gear),
});

/** So many seeds are tried for one that looks otherwise. */
const TRIES = 12;

/**
 * Another exercise of the same kind: never one that looks like the last, which would seem to have stood still.
 * @param seedOf gives a seed each time it is asked
 */
export function anotherDrill(
  last: Pick<Drill, 'kind' | 'sees' | 'picture'>,
  seedOf: () => number,
  gear: DrillGear = GENERIC_GEAR,
): Drill {
  const looks = ({ sees, picture }: Pick<Drill, 'sees' | 'picture'>) =>
    JSON.stringify([sees, picture]);
  let next = drill(last.kind, seedOf(), gear);
  for (let left = TRIES; left > 1 && looks(next) === looks(last); left -= 1) {
    next = drill(last.kind, seedOf(), gear);
  }
  return next;
}
