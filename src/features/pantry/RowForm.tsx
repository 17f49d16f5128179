'use client';

import { Dialog } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { startingPantry } from '@/core/composition/pantry';
import { useAction } from '@/features/actions/useAction';
import { takeOutPantryRow } from '@/server/actions/pantry';
import type { Outcome } from '@/server/outcome';
import { OverPage } from '@/ui/layout/OverPage';
import { Button } from '@/ui/buttons/Button';
import { saveRow, type RowAnswer } from './saveRow';
import type { RowDraft } from './useRowDraft';

/** What a row's check says: the row, or what is wrong with it. */
interface Checked<T> {
  readonly success: boolean;
  readonly data?: T | undefined;
  readonly error?: { readonly issues: readonly { readonly message: string }[] } | undefined;
}

/** One field of a row in words, for saying what another window made of it. */
export type FieldWords<T> = (field: keyof T & string, row: T) => { name: string; says: string };

/** What another window made of the row while it stood in this form. */
type Clash<T> = Extract<RowAnswer<T>, { kind: 'clash' }>;

/** The frame of a pantry row's form: its name, its fields, and what can be done with it. */
export function RowForm<T extends Ingredient | Preparation>({
  table,
  row,
  own,
  fresh,
  held,
  checked,
  fieldWords,
  onClose,
  children,
}: {
  table: 'ingredients' | 'preparations';
  /** The row as it is kept; null for a new one. */
  row: T | null;
  own: ReadonlySet<string>;
  /** What a new one is called: `New ingredient`. */
  fresh: string;
  held: RowDraft<T>;
  checked: Checked<T>;
  fieldWords: FieldWords<T>;
  onClose(): void;
  children: ReactNode;
}) {
  const { draft, base, edition } = held;
  // What was wrong is said until something is changed.
  const { busy, trouble, run, refuse } = useAction({ tells: 'here' });
  const [tried, setTried] = useState<T | null>(null);
  const [clash, setClash] = useState<Clash<T> | null>(null);
  const close = () => {
    held.forget();
    onClose();
  };
  const send = async (data: T): Promise<Outcome> => {
    const answer = await saveRow(table, { row: data, base, edition });
    if (answer.kind === 'saved') return { ok: true, value: undefined };
    if (answer.kind === 'failed') return { ok: false, error: `It was not saved: ${answer.why}.` };
    held.rebase(answer);
    setClash(answer);
    return { ok: false, error: '' };
  };
  const save = async () => {
    setClash(null);
    setTried(draft);
    const { data } = checked;
    if (!data) return refuse(`${checked.error?.issues[0]?.message}.`);
    if (await run(() => send(data), { done: `${data.name} saved` })) close();
  };
  const takeOut = async ({ id, name }: T) => {
    setTried(draft);
    const done = shipped ? `${name}: typical values again` : `${name} removed`;
    if (await run(() => takeOutPantryRow({ table, id }), { done })) close();
  };
  const shipped = row !== null && startingPantry[table].has(row.id);
  return (
    <OverPage
      onClose={close}
      className="top-[4dvh] max-h-[92dvh] w-[min(46rem,calc(100vw-1.5rem))] overflow-y-auto p-5"
    >
      <div className="grid gap-4">
        <Dialog.Title className="font-display text-[1.5rem] font-semibold">
          {row ? row.name : fresh}
        </Dialog.Title>
        {children}
        {trouble && tried === draft && (
          <p role="alert" className="font-semibold text-brick">
            {trouble}
          </p>
        )}
        {clash && (
          <Clashes
            clash={clash}
            draft={draft}
            fieldWords={fieldWords}
            onTake={(field, theirs) => held.set({ [field]: theirs[field] } as Partial<T>)}
          />
        )}
        <div className="flex flex-wrap items-center gap-2">
          <Button strong resting={busy} onClick={() => void save()}>
            Save
          </Button>
          <button type="button" className="btn" onClick={close}>
            Cancel
          </button>
          {row && own.has(row.id) && (
            <Button className="btn ml-auto" resting={busy} onClick={() => void takeOut(row)}>
              {shipped ? 'Back to typical values' : 'Remove'}
            </Button>
          )}
        </div>
      </div>
    </OverPage>
  );
}

/** Where another window changed the same: both ways beside each other, and what saving now would do. */
function Clashes<T extends Ingredient | Preparation>({
  clash: { base: theirs, clashes },
  draft,
  fieldWords,
  onTake,
}: {
  clash: Clash<T>;
  draft: T;
  fieldWords: FieldWords<T>;
  onTake(field: keyof T & string, theirs: T): void;
}) {
  return (
    <div role="alert" className="rounded-md border-[1.5px] border-ochre p-3">
      {theirs === null ? (
        <p className="font-semibold">
          It was removed in another window meanwhile. Save puts it back as it stands here.
        </p>
      ) : (
        <>
          <p className="font-semibold">
            Another window changed the same meanwhile. Save keeps what stands here.
          </p>
          <ul>
            {clashes.map((field) => {
              const [own, other] = [fieldWords(field, draft), fieldWords(field, theirs)];
              return (
                <li key={field} className="flex flex-wrap items-center justify-between gap-2 py-1">
                  <span>
                    {own.name}: {own.says} here, {other.says} there
                  </span>
                  {own.says !== other.says && (
                    <button type="button" className="btn" onClick={() => onTake(field, theirs)}>
                      Take {other.says}
                    </button>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
    </div>
  );
}
