/** Keeps one text. */
export interface Drawer {
  read(): string | null;
  write(text: string): void;
  clear(): void;
}

/**
 * A drawer in the browser's storage. That may be full or forbidden: then nothing is kept, and what
 * leans on it goes on without.
 */
export function drawerIn(storage: () => Storage, key: string): Drawer {
  const quietly = <T>(run: () => T, otherwise: T): T => {
    try {
      return run();
    } catch {
      return otherwise;
    }
  };
  return {
    read: () => quietly(() => storage().getItem(key), null),
    write: (text) => quietly(() => storage().setItem(key, text), undefined),
    clear: () => quietly(() => storage().removeItem(key), undefined),
  };
}
