/** What is remembered of an address that tried. */
export interface Tried {
  readonly failures: number;
  /** No try is looked at before this, ms. */
  readonly until: number;
  /** When one was last right, ms; null where none was. */
  readonly rightAt: number | null;
}

/** Where tries are remembered: by all processes that stand at one door. */
export interface TriesKept {
  read(address: string): Tried | null;
  write(address: string, tried: Tried): void;
}

/** So many addresses are remembered. */
export const MOST_TRIED = 10_000;

/** So many failures cost nothing: fingers slip. */
const FREE = 3;
const FIRST_WAIT_MS = 2000;
const LONGEST_WAIT_MS = 15 * 60_000;
/** An address that was quiet for so long begins anew. */
const FORGOTTEN_MS = 24 * 3600_000;
/** From where somebody came in within so long, nobody waits for what others do. */
const KNOWN_MS = 30 * 24 * 3600_000;

/** Whom all tries together are counted under: many addresses are no way round. */
const ALL = '*';
/** So many failures of everybody together cost nothing; after that strangers wait, but never long. */
const FREE_OF_ALL = 50;
const LONGEST_WAIT_OF_ALL_MS = 5000;

/** Tries at the door, by address and all together. */
export interface Tries {
  /** How long an address must wait before it may try, ms; 0 when it may. */
  wait(address: string, now: number): number;
  /** A try is about to be looked at: it counts as a failure until it is known to be right. */
  tried(address: string, now: number): void;
  /** It was right: it was no failure, and the address begins anew. */
  right(address: string, now: number): void;
}

const NEVER: Tried = { failures: 0, until: 0, rightAt: null };

/**
 * Counts failures. After a few, each makes the next wait twice as long, to a quarter of an hour. No one address
 * makes others wait: of each only the first few count toward all together.
 * @example
 * const tries = countTries(inMemory());
 * for (let i = 0; i < 4; i++) tries.tried('192.0.2.1', 0);
 * tries.wait('192.0.2.1', 0) // 2000
 */
export function countTries({ read, write }: TriesKept): Tries {
  const known = (address: string, now: number): Tried => {
    const found = read(address);
    if (!found) return NEVER;
    // No wait is longer: a clock that was ahead set it.
    const isAhead = found.until - now > LONGEST_WAIT_MS;
    const rightAt = found.rightAt !== null && found.rightAt <= now ? found.rightAt : null;
    return isAhead || now - found.until > FORGOTTEN_MS
      ? { ...NEVER, rightAt }
      : { ...found, rightAt };
  };
  const add = (address: string, now: number, free: number, longestMs: number) => {
    const before = known(address, now);
    const failures = before.failures + 1;
    const over = failures - free;
    const wait = over <= 0 ? 0 : Math.min(longestMs, FIRST_WAIT_MS * 2 ** Math.min(over - 1, 20));
    write(address, { ...before, failures, until: now + wait });
  };
  return {
    wait(address, now) {
      const own = known(address, now);
      const isKnown = own.rightAt !== null && now - own.rightAt < KNOWN_MS;
      const until = Math.max(own.until, isKnown ? 0 : known(ALL, now).until);
      return Math.max(0, until - now);
    },
    tried(address, now) {
      if (known(address, now).failures < FREE) add(ALL, now, FREE_OF_ALL, LONGEST_WAIT_OF_ALL_MS);
      add(address, now, FREE, LONGEST_WAIT_MS);
    },
    right(address, now) {
      const all = known(ALL, now);
      const counted = Math.min(FREE, known(address, now).failures);
      write(ALL, { ...all, failures: Math.max(0, all.failures - counted), until: 0 });
      write(address, { failures: 0, until: now, rightAt: now });
    },
  };
}

/**
 * Remembers in memory, for where nothing can be written down. Past the most, strangers that were quiet longest go:
 * no crowd of them pushes out where somebody came in.
 */
export function inMemory(): TriesKept {
  const tried = new Map<string, Tried>();
  return {
    read: (address) => tried.get(address) ?? null,
    write(address, each) {
      tried.delete(address);
      tried.set(address, each);
      if (tried.size <= MOST_TRIED) return;
      for (const [oldest, { rightAt }] of tried) {
        if (rightAt === null) return void tried.delete(oldest);
      }
    },
  };
}
