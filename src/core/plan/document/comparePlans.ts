import type { Plan } from './schema';

/** One field that differs between two plans. */
export interface PlanDifference {
  readonly path: string;
  readonly before: string;
  readonly after: string;
}

/**
 * Every field that differs between two plans, in the document's order. Ingredients are matched by
 * id, so a moved line is no difference.
 * @example comparePlans(a, b) // [{ path: 'shape.doseG', before: '9', after: '8' }]
 */
export function comparePlans(before: Plan, after: Plan): PlanDifference[] {
  const left = flatten(before);
  const right = flatten(after);
  const paths = [...new Set([...left.keys(), ...right.keys()])];
  return paths
    .filter((path) => left.get(path) !== right.get(path))
    .map((path) => ({ path, before: left.get(path) ?? '', after: right.get(path) ?? '' }));
}

function flatten(plan: Plan): Map<string, string> {
  const found = new Map<string, string>();
  const walk = (value: unknown, path: string) => {
    if (Array.isArray(value)) {
      const seen = new Map<string, number>();
      value.forEach((item, index) => {
        const key = keyOf(item, index);
        const nth = (seen.get(key) ?? 0) + 1;
        seen.set(key, nth);
        walk(item, `${path}.${key}${nth > 1 ? ` (${nth})` : ''}`);
      });
    } else if (typeof value === 'object' && value !== null) {
      for (const [key, inner] of Object.entries(value)) {
        // The id is already in the path.
        if (key !== 'id' || !path.includes('parts.')) walk(inner, path ? `${path}.${key}` : key);
      }
    } else if (value !== undefined) {
      found.set(path, String(value));
    }
  };
  walk(plan, '');
  return found;
}

const keyOf = (item: unknown, index: number): string => {
  const { id, label } = (item ?? {}) as { id?: string; label?: string };
  return id ?? (label !== undefined ? `step ${label}` : String(index + 1));
};
