/** What two people made of one document. */
export interface Joined<T> {
  /** With the changes of both; where both changed the same, `mine` stands. */
  readonly mine: T;
  /** The same with `theirs` standing there. */
  readonly theirs: T;
  /** Where both changed the same field, each to something else: paths with a dot between their steps. */
  readonly clashes: readonly string[];
  /** What they changed and I did not. */
  readonly taken: readonly string[];
}

type Branch = Readonly<Record<string, unknown>>;

/** Stands for a field that is not there. */
const GONE = Symbol('gone');

const isBranch = (value: unknown): value is Branch =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown): boolean =>
  a === b || (a !== GONE && b !== GONE && JSON.stringify(a) === JSON.stringify(b));

const into = (path: string, key: string): string => (path ? `${path}.${key}` : key);

/** What tells the lines of a list apart. */
const keyOf = (item: unknown): string | null => {
  if (!isBranch(item)) return typeof item === 'string' ? item : null;
  const key = item.id ?? item.label ?? item.name;
  return typeof key === 'string' ? key : null;
};

/** A list as its lines by their keys; null where they cannot be told apart. */
function byKey(list: readonly unknown[]): Map<string, unknown> | null {
  const found = new Map<string, unknown>();
  for (const item of list) {
    const key = keyOf(item);
    if (key === null || found.has(key)) return null;
    found.set(key, item);
  }
  return found;
}

/**
 * Joins two changed documents that began as one, field by field. Lists whose lines have an id, label or name
 * of their own are joined line by line; any other list is one field.
 * @param base what both began from
 * @example
 * joinFields({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 })
 * // { mine: { a: 2, b: 3 }, theirs: { a: 2, b: 3 }, clashes: [], taken: ['b'] }
 */
export function joinFields<T>(base: T, mine: T, theirs: T): Joined<T> {
  const clashes: string[] = [];
  const taken: string[] = [];

  const join = (from: unknown, me: unknown, they: unknown, path: string): [unknown, unknown] => {
    if (same(me, they) || same(from, they)) return [me, me];
    if (isBranch(from) && isBranch(me) && isBranch(they)) return branches(from, me, they, path);
    if (Array.isArray(from) && Array.isArray(me) && Array.isArray(they)) {
      const [was, own, other] = [byKey(from), byKey(me), byKey(they)];
      if (was && own && other) {
        const lines = lists(was, own, other, path);
        // Untouched here, it stands in their order.
        return same(from, me) ? [they, they] : lines;
      }
    }
    if (same(from, me)) {
      taken.push(path);
      return [they, they];
    }
    clashes.push(path);
    return [me, they];
  };

  const branches = (from: Branch, me: Branch, they: Branch, path: string): [Branch, Branch] => {
    const [left, right]: [Record<string, unknown>, Record<string, unknown>] = [{}, {}];
    for (const key of new Set([...Object.keys(me), ...Object.keys(they)])) {
      const at = (branch: Branch) => (Object.hasOwn(branch, key) ? branch[key] : GONE);
      const [l, r] = join(at(from), at(me), at(they), into(path, key));
      if (l !== GONE) left[key] = l;
      if (r !== GONE) right[key] = r;
    }
    return [left, right];
  };

  const lists = (
    from: ReadonlyMap<string, unknown>,
    me: ReadonlyMap<string, unknown>,
    they: ReadonlyMap<string, unknown>,
    path: string,
  ): [unknown[], unknown[]] => {
    const [left, right]: [unknown[], unknown[]] = [[], []];
    // In my order, theirs that are new at the end.
    for (const key of new Set([...me.keys(), ...they.keys()])) {
      const at = (lines: ReadonlyMap<string, unknown>) => (lines.has(key) ? lines.get(key) : GONE);
      const [l, r] = join(at(from), at(me), at(they), into(path, key));
      if (l !== GONE) left.push(l);
      if (r !== GONE) right.push(r);
    }
    return [left, right];
  };

  const [left, right] = join(base, mine, theirs, '');
  return { mine: left as T, theirs: right as T, clashes, taken };
}
