import { genericRollers } from '../sheet/genericRollers';
import type { Roller } from '../sheet/roller';
import type { Cutter } from './kitchen';

/** Whether a roller is one of a generic kind, perhaps the second of it. */
const isOf = ({ id }: Roller, kind: Roller): boolean =>
  id === kind.id || (id.startsWith(`${kind.id}-`) && /^\d+$/.test(id.slice(kind.id.length + 1)));

/** How many rollers of a generic kind there are. `rollersOf(rollers, tenStep)` → `2` */
export const rollersOf = (rollers: readonly Roller[], kind: Roller): number =>
  rollers.filter((each) => isOf(each, kind)).length;

/** Rolled by, where there is no roller at all. */
const PIN = genericRollers.find(({ drive }) => drive === 'pin')!;

/**
 * The rollers with so many of a generic kind: the newest of it go, or further ones come. Where none at all is
 * left, it is rolled by pin.
 * @example withRollers([tenStep], tenStep, 2).map(({ id }) => id) // ['ten-step-0-widest', 'ten-step-0-widest-2']
 */
export function withRollers(
  rollers: readonly Roller[],
  kind: Roller,
  many: number,
): readonly Roller[] {
  const own = rollers.filter((each) => isOf(each, kind));
  const kept = new Set(own.slice(0, many));
  const next = rollers.filter((each) => !own.includes(each) || kept.has(each));
  for (let n = 1; rollersOf(next, kind) < many; n += 1) {
    const id = n === 1 ? kind.id : `${kind.id}-${n}`;
    if (next.some((each) => each.id === id)) continue;
    next.push({ ...kind, id, name: n === 1 ? kind.name : `${kind.name} (${n})` });
  }
  return next.length > 0 ? next : [PIN];
}

/** Cutters that many kitchens own, to be ticked. */
export const COMMON_CUTTERS: readonly Cutter[] = [
  ...[40, 50, 60, 70, 80, 90, 100].map((mm): Cutter => ({
    name: `${mm} ring`,
    mm,
    form: 'round',
    edge: 'plain',
  })),
  ...[50, 60, 70].map((mm): Cutter => ({
    name: `${mm} cutter`,
    mm,
    form: 'square',
    edge: 'plain',
  })),
  { name: 'Plain wheel', mm: 20, form: 'wheel', edge: 'plain' },
  { name: 'Fluted wheel', mm: 20, form: 'wheel', edge: 'fluted' },
];

const same = (a: Cutter, b: Cutter): boolean =>
  a.form === b.form && a.edge === b.edge && (a.form === 'wheel' || a.mm === b.mm);

/** Whether a kitchen has a cutter of this form, size and edge, whatever its name. */
export const hasCutter = (cutters: readonly Cutter[], of: Cutter): boolean =>
  cutters.some((each) => same(each, of));

/** The cutters with one ticked, or taken out. */
export const withCommon = (cutters: readonly Cutter[], of: Cutter, owned: boolean): Cutter[] =>
  owned
    ? hasCutter(cutters, of)
      ? [...cutters]
      : [...cutters, of]
    : cutters.filter((each) => !same(each, of));
