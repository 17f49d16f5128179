'use client';

import { useEffect, useMemo, useState } from 'react';
import type { PantryRows } from '@/core/composition/pantry';
import { steadily } from '@/ui/layout/steadily';

async function fetchRows(): Promise<PantryRows> {
  const response = await fetch('/api/pantry');
  if (!response.ok) throw new Error(`The pantry was not sent: ${response.status}`);
  return (await response.json()) as PantryRows;
}

/** The rows that a page came with and those fetched since; the same ones again where none is new. */
export function joinRows(given: PantryRows, fetched: PantryRows): PantryRows {
  const news = <T extends { readonly id: string }>(had: readonly T[], rows: readonly T[]): T[] => {
    const known = new Set(had.map(({ id }) => id));
    return rows.filter(({ id }) => !known.has(id));
  };
  const ingredients = news(given.ingredients, fetched.ingredients);
  const preparations = news(given.preparations, fetched.preparations);
  if (ingredients.length + preparations.length === 0) return given;
  return {
    ingredients: [...given.ingredients, ...ingredients],
    preparations: [...given.preparations, ...preparations],
  };
}

/**
 * The kitchen's own rows: a page comes with those that its plans use, the rest is fetched for what may be put in.
 * @param wanted whether the rest is wanted at all
 * @returns the rows as they are by now, and a promise of all, kept once the page holds them
 */
export function useWholePantry(
  given: PantryRows,
  wanted: boolean,
): { readonly rows: PantryRows; readonly whole: Promise<PantryRows> } {
  const [fetched, setFetched] = useState<PantryRows | null>(null);
  const [{ whole, settle }] = useState(waiting<PantryRows>);
  useEffect(() => {
    if (!wanted) return;
    let mine = true;
    void steadily(fetchRows).then((all) => mine && setFetched(all));
    return () => {
      mine = false;
    };
  }, [wanted]);
  const rows = useMemo(() => (fetched ? joinRows(given, fetched) : given), [given, fetched]);
  // Whoever waits for the rows finds them on the page too.
  useEffect(() => {
    if (fetched) settle(rows);
  }, [fetched, rows, settle]);
  return { rows, whole };
}

/** A promise, and the way to keep it. */
function waiting<T>(): { readonly whole: Promise<T>; settle(value: T): void } {
  let settle: (value: T) => void = () => {};
  const whole = new Promise<T>((resolve) => (settle = resolve));
  return { whole, settle };
}
