import { PlanError } from './planError';

/** Brings a document of version n to n + 1; one entry per old version, none while there is only one. */
export type Upgrades = Readonly<
  Record<number, (old: Record<string, unknown>) => Record<string, unknown>>
>;

/** Where version 1 kept pieces, and where version 2 does. */
const PLACES_1: Readonly<Record<string, string>> = {
  bench: 'bench',
  chilled: 'fridge',
  frozen: 'freezer',
};

/** The ways forward that there are. */
export const UPGRADES: Upgrades = {
  /** What was done to one batch under the hand belongs to its run: the plan stays what was planned. */
  2: (old) => {
    const { dough } = old;
    if (typeof dough !== 'object' || dough === null || !('corrections' in dough)) return old;
    const { corrections: _made, ...rest } = dough as Record<string, unknown>;
    return { ...old, dough: rest };
  },
  /** One place and its minutes become the first of several phases. */
  1: (old) => {
    const { hold } = old;
    if (typeof hold !== 'object' || hold === null) return old;
    const { place = 'chilled', minutes = 60, ...rest } = hold as Record<string, unknown>;
    return {
      ...old,
      hold: { ...rest, phases: [{ place: PLACES_1[String(place)] ?? place, minutes }] },
    };
  },
};

/**
 * Brings an older document forward, a version at a time.
 * @throws PlanError when it is of a later version, or of none
 */
export function upgradeDocument(
  document: Record<string, unknown>,
  { upgrades, to }: { upgrades: Upgrades; to: number },
): Record<string, unknown> {
  const { version } = document;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    throw new PlanError(`version: must be a whole number from 1 to ${to}`, 'version');
  }
  if (version > to) {
    throw new PlanError(
      `version: this plan was written by a later version of the product (${version}); this one reads 1 to ${to}`,
      'version',
    );
  }
  let current = document;
  for (let v = version; v < to; v += 1) {
    const step = upgrades[v];
    if (!step) throw new PlanError(`version: no way forward from version ${v}`, 'version');
    current = { ...step(current), version: v + 1 };
  }
  return current;
}
