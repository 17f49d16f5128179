'use client';

import { useState } from 'react';
import { drawerIn } from '@/ui/browser/drawer';

/** What stands in a row's form: kept on this device until it is saved or let go. */
export interface RowDraft<T> {
  readonly draft: T;
  set(change: Partial<T>): void;
  /** It is saved, or not wanted. */
  forget(): void;
}

/**
 * The draft of a row, from where it was left when the page went.
 * @param row as it is kept; null for a new one
 * @param fresh what a new one begins as
 */
export function useRowDraft<T extends { readonly id: string }>(
  table: string,
  row: T | null,
  fresh: T,
): RowDraft<T> {
  const start = row ?? fresh;
  const [drawer] = useState(() => drawerIn(() => localStorage, `mortar-row-${table}-${start.id}`));
  const [draft, setDraft] = useState<T>(() => {
    try {
      // Fields that are not in what was left stand as they are kept.
      return { ...start, ...(JSON.parse(drawer.read() ?? '{}') as Partial<T>), id: start.id };
    } catch {
      return start;
    }
  });
  return {
    draft,
    set(change) {
      const next = { ...draft, ...change };
      setDraft(next);
      const changed = Object.entries(next).filter(
        ([key, value]) => JSON.stringify(value) !== JSON.stringify(start[key as keyof T]),
      );
      drawer.write(JSON.stringify(Object.fromEntries(changed)));
    },
    forget: () => drawer.clear(),
  };
}
