'use client';

import { Dialog } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { useAction } from '@/features/actions/useAction';
import { takeOutPantryRow, writePantryRows } from '@/server/actions/pantry';
import type { Outcome } from '@/server/outcome';
import { CHANGED_ELSEWHERE } from '@/server/changedElsewhere';
import { OverPage } from '@/ui/layout/OverPage';
import { Button } from '@/ui/buttons/Button';

type Row = Ingredient | Preparation;

/** What a row's check says: the row, or what is wrong with it. */
interface Checked {
  readonly success: boolean;
  readonly data?: Row | undefined;
  readonly error?: { readonly issues: readonly { readonly message: string }[] } | undefined;
}

/** The frame of a pantry row's form: its name, its fields, and what can be done with it. */
export function RowForm({
  table,
  row,
  own,
  fresh,
  draft,
  checked,
  onClose,
  children,
}: {
  table: 'ingredients' | 'preparations';
  /** The row as it is kept; null for a new one. */
  row: Row | null;
  own: ReadonlySet<string>;
  /** What a new one is called: `New ingredient`. */
  fresh: string;
  /** The row as it now stands in the form. */
  draft: Row;
  checked: Checked;
  onClose(): void;
  children: ReactNode;
}) {
  // What was wrong is said until something is changed.
  const { busy, trouble, run: act, refuse } = useAction({ tells: 'here' });
  const [tried, setTried] = useState<{ of: Row; over: boolean } | null>(null);
  const run = (ask: () => Promise<Outcome<unknown>>, done: string) =>
    act(ask, {
      done,
      failed: (error, path) => {
        setTried({ of: draft, over: path === CHANGED_ELSEWHERE });
        return error;
      },
    }).then((isDone) => isDone && onClose());
  /** @param over whatever another window made of the row meanwhile */
  const save = (over = false) => {
    const { data } = checked;
    if (data) {
      const before = over ? undefined : row;
      void run(() => writePantryRows({ table, rows: [data], before }), `${data.name} saved`);
    } else {
      setTried({ of: draft, over: false });
      refuse(`${checked.error?.issues[0]?.message}.`);
    }
  };
  const shipped = row !== null && startingPantry[table].has(row.id);
  return (
    <OverPage
      onClose={onClose}
      className="top-[4dvh] max-h-[92dvh] w-[min(46rem,calc(100vw-1.5rem))] overflow-y-auto p-5"
    >
      <div className="grid gap-4">
        <Dialog.Title className="font-display text-[1.5rem] font-semibold">
          {row ? row.name : fresh}
        </Dialog.Title>
        {children}
        {trouble && tried?.of === draft && (
          <p role="alert" className="font-semibold text-brick">
            {trouble}
          </p>
        )}
        <div className="flex flex-wrap items-center gap-2">
          <Button strong resting={busy} onClick={() => save()}>
            Save
          </Button>
          {trouble && tried?.of === draft && tried.over && (
            <Button resting={busy} onClick={() => save(true)}>
              Save mine over it
            </Button>
          )}
          <button type="button" className="btn" onClick={onClose}>
            Cancel
          </button>
          {row && own.has(row.id) && (
            <Button
              className="btn ml-auto"
              resting={busy}
              onClick={() =>
                void run(
                  () => takeOutPantryRow({ table, id: row.id }),
                  shipped ? `${row.name}: typical values again` : `${row.name} removed`,
                )
              }
            >
              {shipped ? 'Back to typical values' : 'Remove'}
            </Button>
          )}
        </div>
      </div>
    </OverPage>
  );
}
