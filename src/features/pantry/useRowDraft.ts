'use client';

import { useState } from 'react';
import { drawerIn } from '@/ui/browser/drawer';

/** What stands in a row's form: kept on this device until it is saved or let go. */
export interface RowDraft<T> {
  readonly draft: T;
  /** The row as it was when its change began, and its edition then; null for a new one. */
  readonly base: T | null;
  readonly edition: number;
  set(change: Partial<T>): void;
  /** Goes on from another edition, with what of it and of the form now stands in the form. */
  rebase(to: { base: T | null; edition: number; draft: T }): void;
  /** It is saved, or not wanted. */
  forget(): void;
}

type Held<T> = Pick<RowDraft<T>, 'draft' | 'base' | 'edition'>;

/** What lies in the drawer: only what was changed, and from what. */
interface Left<T> {
  readonly base: T | null;
  readonly edition: number;
  readonly changed: Partial<T>;
}

/**
 * The draft of a row, from where it was left when the page went.
 * @param row as it is kept, and its edition; null for a new one
 * @param fresh what a new one begins as
 */
export function useRowDraft<T extends { readonly id: string }>(
  table: string,
  { row, edition }: { row: T | null; edition: number },
  fresh: T,
): RowDraft<T> {
  const start = row ?? fresh;
  const [drawer] = useState(() => drawerIn(() => localStorage, `mortar-row-${table}-${start.id}`));
  const [held, setHeld] = useState<Held<T>>(() => {
    const asKept = { draft: start, base: row, edition };
    try {
      const left = JSON.parse(drawer.read() ?? 'null') as Left<T> | null;
      if (!left) return asKept;
      // Older drafts are what was changed alone, and do not say from what.
      const {
        changed,
        base,
        edition: was,
      } = 'changed' in left ? left : { ...asKept, changed: left };
      // Fields that were not changed stand as they are kept; a save says where both changed the same.
      return { draft: { ...start, ...(changed as Partial<T>), id: start.id }, base, edition: was };
    } catch {
      return asKept;
    }
  });
  const keep = (next: Held<T>) => {
    setHeld(next);
    const from = next.base ?? fresh;
    const changed = Object.fromEntries(
      Object.entries(next.draft).filter(
        ([key, value]) => JSON.stringify(value) !== JSON.stringify(from[key as keyof T]),
      ),
    ) as Partial<T>;
    const left: Left<T> = { base: next.base, edition: next.edition, changed };
    drawer.write(JSON.stringify(left));
  };
  return {
    ...held,
    set: (change) => keep({ ...held, draft: { ...held.draft, ...change } }),
    rebase: keep,
    forget: () => drawer.clear(),
  };
}
