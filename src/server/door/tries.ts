/** What is remembered of an address that tried. */
interface Tried {
  readonly failures: number;
  /** No try is looked at before this, ms. */
  readonly until: number;
}

/** So many failures cost nothing: fingers slip. */
const FREE = 3;
const FIRST_WAIT_MS = 2000;
const LONGEST_WAIT_MS = 15 * 60_000;
/** An address that was quiet for so long begins anew. */
const FORGOTTEN_MS = 24 * 3600_000;
/** So many addresses are remembered; those that were quiet longest go. */
const MOST = 10_000;

/** Whom all tries together are counted under: many addresses are no way round. */
const ALL = '*';
/** So many failures of everybody together cost nothing; after that all wait, but never long: it would shut out the house. */
const FREE_OF_ALL = 50;
const LONGEST_WAIT_OF_ALL_MS = 5000;

/** Tries at the door, by address and all together. */
export interface Tries {
  /** How long an address must wait before it may try, ms; 0 when it may. */
  wait(address: string, now: number): number;
  failed(address: string, now: number): void;
  /** A try that was right: the address begins anew. */
  passed(address: string): void;
}

/**
 * Counts failures. After a few, each makes the next wait twice as long, to a quarter of an hour.
 * @example
 * const tries = countTries();
 * for (let i = 0; i < 4; i++) tries.failed('192.0.2.1', 0);
 * tries.wait('192.0.2.1', 0) // 2000
 */
export function countTries(): Tries {
  const tried = new Map<string, Tried>();
  const count = (
    address: string,
    now: number,
    { free, longestMs }: { free: number; longestMs: number },
  ) => {
    const known = tried.get(address);
    const quiet = known && now - known.until > FORGOTTEN_MS;
    const failures = (known && !quiet ? known.failures : 0) + 1;
    const over = failures - free;
    const wait = over <= 0 ? 0 : Math.min(longestMs, FIRST_WAIT_MS * 2 ** (over - 1));
    // Put in anew, so that the longest quiet stands first.
    tried.delete(address);
    tried.set(address, { failures, until: now + wait });
    const [first] = tried.size > MOST ? tried.keys() : [];
    if (first !== undefined) tried.delete(first);
  };
  const left = (address: string, now: number) =>
    Math.max(0, (tried.get(address)?.until ?? 0) - now);
  return {
    wait: (address, now) => Math.max(left(address, now), left(ALL, now)),
    failed(address, now) {
      count(address, now, { free: FREE, longestMs: LONGEST_WAIT_MS });
      count(ALL, now, { free: FREE_OF_ALL, longestMs: LONGEST_WAIT_OF_ALL_MS });
    },
    passed(address) {
      tried.delete(address);
    },
  };
}
