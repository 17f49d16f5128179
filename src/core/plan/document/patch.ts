import type { Plan } from './schema';

type Branch = Readonly<Record<string, unknown>>;

/**
 * What stands at a path of a plan; undefined when nothing does.
 * @example readAt(plan, 'batch.portions') // 16
 */
export const readAt = (plan: Plan, path: string): unknown =>
  path.split('.').reduce<unknown>((at, key) => (at as Branch | undefined)?.[key], plan);

/**
 * The plan with something else at a path, all around it kept; undefined takes the field away.
 * The result is a plan once it has been read as one.
 * @example writeAt(plan, 'batch.portions', 20)
 */
export const writeAt = (plan: Plan, path: string, value: unknown): Plan =>
  written(plan, path.split('.'), value) as Plan;

function written(branch: Branch, [key = '', ...rest]: readonly string[], value: unknown): Branch {
  if (rest.length) {
    return { ...branch, [key]: written((branch[key] ?? {}) as Branch, rest, value) };
  }
  if (value !== undefined) return { ...branch, [key]: value };
  const { [key]: _gone, ...others } = branch;
  return others;
}
