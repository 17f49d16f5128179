'use client';

import { Plus } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import type { Ingredient, Preparation } from '@/core/composition/ingredient';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import { searchIngredients } from '@/core/composition/search';
import type { RowEditions } from '@/server/repositories/pantry';
import { BenchBar } from '@/ui/layout/BenchBar';
import { Choice } from '@/ui/fields/Choice';
import { IngredientEditor } from './IngredientEditor';
import { IngredientTable } from './IngredientTable';
import { PreparationEditor } from './PreparationEditor';
import { PreparationTable } from './PreparationTable';
import { TableFiles } from './TableFiles';
import { CheckField } from '@/ui/fields/CheckField';
import { WordsHere } from '@/ui/glossary/WordsHere';

type Showing = 'ingredients' | 'preparations';

/** The pantry: every ingredient and preparation, searched, edited, added to, and carried as CSV. */
export function PantryPage({
  ownRows,
  editions,
  notice,
}: {
  ownRows: PantryRows;
  editions: RowEditions;
  notice: ReactNode;
}) {
  const pantry = useMemo(() => pantryWith(ownRows), [ownRows]);
  const own = useMemo(
    () => new Set([...ownRows.ingredients, ...ownRows.preparations].map(({ id }) => id)),
    [ownRows],
  );
  const [showing, setShowing] = useState<Showing>('ingredients');
  const [words, setWords] = useState('');
  const [ownOnly, setOwnOnly] = useState(false);
  const [open, setOpen] = useState<
    | { kind: 'ingredient'; row: Ingredient | null }
    | { kind: 'preparation'; row: Preparation | null }
    | null
  >(null);

  const ingredients = useMemo(() => {
    const rows = searchIngredients([...pantry.ingredients.values()], words);
    return ownOnly ? rows.filter(({ id }) => own.has(id)) : rows;
  }, [pantry, words, ownOnly, own]);
  const preparations = useMemo(() => {
    const wanted = words.toLowerCase();
    return [...pantry.preparations.values()].filter(
      ({ id, name }) => `${id} ${name}`.toLowerCase().includes(wanted) && (!ownOnly || own.has(id)),
    );
  }, [pantry, words, ownOnly, own]);
  const close = () => setOpen(null);

  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[1180px] gap-4 p-5 md:py-8">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="font-display text-[2rem] leading-tight">Pantry</h1>
            <p className="max-w-prose text-ink-dim">
              What every sum is made from: typical published values, to be replaced by your own. A
              change shows in every plan; batches already logged keep theirs.
            </p>
            {notice}
          </div>
          <div className="flex flex-wrap gap-2">
            <TableFiles pantry={pantry} own={own} showing={showing} />
            <button
              type="button"
              className="btn btn-strong"
              onClick={() =>
                setOpen(
                  showing === 'ingredients'
                    ? { kind: 'ingredient', row: null }
                    : { kind: 'preparation', row: null },
                )
              }
            >
              <Plus size={18} aria-hidden />
              {showing === 'ingredients' ? 'New ingredient' : 'New preparation'}
            </button>
          </div>
        </div>
        <div className="grid items-end gap-3 sm:grid-cols-[minmax(0,1fr)_20rem_auto]">
          <label className="block">
            <span className="mb-1 block text-small text-ink-dim">Find</span>
            <input
              type="search"
              className="field"
              value={words}
              placeholder="name, group or allergen"
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <Choice<Showing>
            label="Show"
            value={showing}
            options={[
              { value: 'ingredients', label: 'Ingredients' },
              { value: 'preparations', label: 'Preparations' },
            ]}
            onChange={setShowing}
          />
          <CheckField
            label="Only yours"
            checked={ownOnly}
            onChange={(checked) => setOwnOnly(checked)}
          />
        </div>
        {showing === 'ingredients' ? (
          <IngredientTable
            rows={ingredients}
            own={own}
            onOpen={(row) => setOpen({ kind: 'ingredient', row })}
          />
        ) : (
          <PreparationTable
            rows={preparations}
            own={own}
            onOpen={(row) => setOpen({ kind: 'preparation', row })}
          />
        )}
        <WordsHere words={['freeWater', 'hydration']} />
      </main>
      {open?.kind === 'ingredient' && (
        <IngredientEditor
          row={open.row}
          edition={editions.ingredients[open.row?.id ?? ''] ?? 0}
          pantry={pantry}
          own={own}
          onClose={close}
        />
      )}
      {open?.kind === 'preparation' && (
        <PreparationEditor
          row={open.row}
          edition={editions.preparations[open.row?.id ?? ''] ?? 0}
          pantry={pantry}
          own={own}
          onClose={close}
        />
      )}
    </>
  );
}
