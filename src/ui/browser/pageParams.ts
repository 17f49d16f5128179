/**
 * Names in the address that only the page itself reads: which leaf or step is open, what was answered. The server
 * sends the same page whatever they say.
 */
export const PAGE_PARAMS = [
  'at',
  'step',
  'dough',
  'filling',
  'sheet',
  'shape',
  'sign',
  'said',
] as const;

/** @see PAGE_PARAMS */
export type PageParam = (typeof PAGE_PARAMS)[number];

/**
 * What the server is asked by an address: its path and search without what only the page reads.
 *
 * @example askedOf(new URL('http://kitchen/faults?run=7&sign=popped')); // '/faults?run=7'
 */
export function askedOf({ pathname, search }: { pathname: string; search: string }): string {
  const params = new URLSearchParams(search);
  for (const name of PAGE_PARAMS) params.delete(name);
  return `${pathname}?${params}`;
}
