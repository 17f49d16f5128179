'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { takeOutPantryRow, writePantryRows } from '@/server/actions/pantry';
import { say } from '@/ui/layout/say';

type Table = 'ingredients' | 'preparations';

/** Saving and taking out one row, with what went wrong kept for the form to show. */
export function useRowActions(table: Table, onDone: () => void) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const run = async (work: () => Promise<{ ok: boolean; error?: string }>, done: string) => {
    setBusy(true);
    const result = await work().catch(() => ({ ok: false, error: 'No answer from the server' }));
    setBusy(false);
    if (!result.ok) {
      setTrouble(`${result.error}. Nothing was changed.`);
      return;
    }
    void say(done);
    router.refresh();
    onDone();
  };
  return {
    trouble,
    setTrouble,
    busy,
    save: (row: Ingredient | Preparation) =>
      run(() => writePantryRows({ table, rows: [row] }), `${row.name} saved`),
    takeOut: (row: Ingredient | Preparation, done: string) =>
      run(() => takeOutPantryRow({ table, id: row.id }), done),
  };
}

/** An id for a new row from its name, unlike those there are. */
export function freeId(name: string, taken: ReadonlyMap<string, unknown>): string {
  const stem =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'own';
  let id = stem;
  for (let n = 2; taken.has(id); n += 1) id = `${stem}-${n}`;
  return id;
}
