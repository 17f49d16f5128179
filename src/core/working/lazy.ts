/**
 * An object with some of its values worked out only when they are first read, and then kept. They count
 * as its own: JSON, copying and comparing read them like any other.
 * @example lazily({ a: 1 }, { b: () => slow() }).b // slow(), once
 */
export function lazily<Now extends object, Later extends object>(
  now: Now,
  later: { readonly [K in keyof Later]: () => Later[K] },
): Now & Later {
  const object = { ...now } as Now & Later;
  for (const key of Object.keys(later) as (keyof Later)[]) {
    Object.defineProperty(object, key, {
      enumerable: true,
      configurable: true,
      get() {
        const value = later[key]();
        Object.defineProperty(object, key, { value, enumerable: true });
        return value;
      },
    });
  }
  return object;
}
