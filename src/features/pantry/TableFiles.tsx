'use client';

import { Download, Upload } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import type { TableProblem } from '@/core/formats/tablesCsv';
import { useAction } from '@/features/actions/useAction';
import { writePantryRows } from '@/server/actions/pantry';
import { OverPage } from '@/ui/layout/OverPage';
import { sayTrouble } from '@/ui/layout/say';
import { saveFile } from '@/ui/files/saveFile';
import { Button } from '@/ui/buttons/Button';

type Table = 'ingredients' | 'preparations';

interface Read {
  readonly file: string;
  readonly table: Table;
  readonly rows: readonly (Ingredient | Preparation)[];
  readonly problems: readonly TableProblem[];
}

/** As much of a file as is taken. */
const MOST_BYTES = 4 * 1024 * 1024;

/** Problems shown at most; the count says the rest. */
const MOST_SHOWN = 12;

/** The shown table out as CSV, and either table in: bad rows named, the rest taken or nothing. */
export function TableFiles({
  pantry,
  own,
  showing,
}: {
  pantry: Pantry;
  own: ReadonlySet<string>;
  showing: Table;
}) {
  const chooser = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<Read | null>(null);
  const { busy, run } = useAction();

  const give = async () => {
    const { writeIngredients, writePreparations } = await import('@/core/formats/tablesCsv');
    saveFile(
      `${showing}.csv`,
      'text/csv',
      showing === 'ingredients'
        ? writeIngredients([...pantry.ingredients.values()])
        : writePreparations([...pantry.preparations.values()]),
    );
  };
  const take = async (file: File) => {
    if (file.size > MOST_BYTES) {
      return void sayTrouble('The file must be at most 4 MB.');
    }
    const text = await file.text();
    const { kindOfTable, readIngredients, readPreparations } =
      await import('@/core/formats/tablesCsv');
    const table = kindOfTable(text);
    if (!table) {
      return void sayTrouble(
        `${file.name}: line 1 must name the columns of a table of ingredients or preparations.`,
      );
    }
    setRead({
      file: file.name,
      table,
      ...(table === 'ingredients' ? readIngredients(text) : readPreparations(text)),
    });
  };
  const keep = async ({ table, rows }: Read) => {
    const taken = await run(() => writePantryRows({ table, rows }), {
      done: `${rows.length} ${rows.length === 1 ? 'row' : 'rows'} taken.`,
      failed: (error) => `Nothing was taken: ${error}`,
    });
    if (taken) setRead(null);
  };
  return (
    <>
      <button type="button" className="btn" onClick={() => void give()}>
        <Download size={18} aria-hidden /> Save as CSV
      </button>
      <button type="button" className="btn" onClick={() => chooser.current?.click()}>
        <Upload size={18} aria-hidden /> Take in CSV
      </button>
      <input
        ref={chooser}
        type="file"
        accept=".csv,text/csv"
        aria-label="A CSV table to take in"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void take(file);
        }}
      />
      {read && (
        <Offer
          read={read}
          known={pantry[read.table]}
          own={own}
          busy={busy}
          onKeep={() => void keep(read)}
          onClose={() => setRead(null)}
        />
      )}
    </>
  );
}

/** What a file holds, and the choice: the good rows, or nothing. */
function Offer({
  read: { file, table, rows, problems },
  known,
  own,
  busy,
  onKeep,
  onClose,
}: {
  read: Read;
  known: ReadonlyMap<string, unknown>;
  own: ReadonlySet<string>;
  busy: boolean;
  onKeep(): void;
  onClose(): void;
}) {
  const fresh = rows.filter(({ id }) => !known.has(id)).length;
  const changed = rows.filter(
    (row) => known.has(row.id) && JSON.stringify(known.get(row.id)) !== JSON.stringify(row),
  );
  const overOwn = changed.filter(({ id }) => own.has(id)).length;
  const badLines = new Set(problems.map(({ line }) => line)).size;
  const same = rows.length - fresh - changed.length;
  return (
    <OverPage
      onClose={onClose}
      className="top-[8dvh] max-h-[84dvh] w-[min(36rem,calc(100vw-1.5rem))] overflow-y-auto p-5"
    >
      <div className="grid gap-3">
        <Dialog.Title className="font-display text-[1.5rem] font-semibold break-words">
          {file}: {rows.length} good {rows.length === 1 ? 'row' : 'rows'} of {table}
        </Dialog.Title>
        <p>
          {fresh} new, {changed.length} changed{overOwn > 0 && ` (${overOwn} of them yours)`},{' '}
          {same} as they are.
        </p>
        {problems.length > 0 && (
          <section aria-label="What cannot be taken">
            <h3>
              {badLines} {badLines === 1 ? 'line' : 'lines'} cannot be taken
            </h3>
            <ul className="list-disc pl-5">
              {problems.slice(0, MOST_SHOWN).map(({ line, column, message }) => (
                <li key={`${line}${column}${message}`}>
                  Line {line}, {column}: {message}
                </li>
              ))}
            </ul>
            {problems.length > MOST_SHOWN && <p>and {problems.length - MOST_SHOWN} more</p>}
          </section>
        )}
        <div className="flex flex-wrap gap-2">
          {rows.length > 0 && (
            <Button strong resting={busy} onClick={onKeep}>
              {problems.length
                ? `Take the ${rows.length} good ${rows.length === 1 ? 'row' : 'rows'}`
                : `Take ${rows.length === 1 ? 'it' : `all ${rows.length}`}`}
            </Button>
          )}
          <button type="button" className="btn" onClick={onClose}>
            Take nothing
          </button>
        </div>
      </div>
    </OverPage>
  );
}
