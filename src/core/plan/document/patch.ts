import type { PlanFieldPath } from './planFields';
import type { Plan } from './schema';

type Branch = Readonly<Record<string, unknown>>;

/** Every path into a value, a dot between its steps. Lists are leaves: their lines have no path. */
type PathsOf<T> = T extends readonly unknown[]
  ? never
  : T extends object
    ? {
        [K in keyof T & string]: K | `${K}.${PathsOf<NonNullable<T[K]>>}`;
      }[keyof T & string]
    : never;

type StepInto<T, K extends string> = T extends unknown
  ? K extends keyof T
    ? T[K]
    : undefined
  : never;

type ValueAt<T, P extends string> = P extends `${infer K}.${infer Rest}`
  ? ValueAt<NonNullable<StepInto<T, K>>, Rest>
  : StepInto<T, P>;

/** A path into a plan: `batch.portions`, `batch.fillingLoss.share`. A typo does not compile. */
export type PlanPath = PathsOf<Plan>;

/** Path of a number field of a plan that is not on a line of a list. */
export type PlanNumberPath = Extract<PlanFieldPath, PlanPath>;

/** What stands at a path of a plan. */
export type PlanAt<P extends PlanPath> = ValueAt<Plan, P>;

/**
 * What stands at a path of a plan; undefined when nothing does.
 * @example readAt(plan, 'batch.portions') // 6
 */
export const readAt = <P extends PlanPath>(plan: Plan, path: P): PlanAt<P> =>
  path
    .split('.')
    .reduce<unknown>((at, key) => (at as Branch | undefined)?.[key], plan) as PlanAt<P>;

/**
 * The plan with something else at a path, all around it kept; undefined takes the field away.
 * The result is a plan once it has been read as one.
 * @example writeAt(plan, 'batch.portions', 20)
 */
export const writeAt = <P extends PlanPath>(
  plan: Plan,
  path: P,
  value: PlanAt<P> | undefined,
): Plan => written(plan, path.split('.'), value) as Plan;

function written(branch: Branch, [key = '', ...rest]: readonly string[], value: unknown): Branch {
  if (rest.length) {
    return { ...branch, [key]: written((branch[key] ?? {}) as Branch, rest, value) };
  }
  if (value !== undefined) return { ...branch, [key]: value };
  const { [key]: _gone, ...others } = branch;
  return others;
}

/** The plan with one of its parts changed. `withPart(plan, 'boil', { style: 'rolling' })` */
export const withPart = <K extends 'dough' | 'filling' | 'sheet' | 'shape' | 'hold' | 'boil'>(
  plan: Plan,
  part: K,
  change: Partial<Plan[K]>,
): Plan => ({ ...plan, [part]: { ...plan[part], ...change } });
