'use client';

import { preparationsFor, type Pantry } from '@/core/composition/pantry';
import type { LeftOut } from '@/core/recipe/lineKind';
import type { Side } from '@/core/recipe/readRecipe';
import { Choice } from '@/ui/fields/Choice';
import { Field } from '@/ui/fields/Field';
import { QuantityField } from '@/ui/fields/QuantityField';
import { SelectField } from '@/ui/fields/SelectField';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { IngredientPicker } from './IngredientPicker';
import type { Recipe, RecipeRow } from './useRecipe';

const SIDES: readonly (readonly [Side, string])[] = [
  ['dough', 'Dough'],
  ['filling', 'Filling'],
];

const ASKS = {
  what: 'nothing in the pantry goes by that name',
  which: 'which one is it?',
  howMuch: 'how much?',
  doneTo: 'what is done to it?',
} as const;

/** Why a line is no ingredient of dough or filling. */
const WHY: Readonly<Record<LeftOut, string>> = {
  title: 'the title',
  method: 'a step of the method',
  finish: 'for the plate',
  seal: 'for the seal: choose it with the shape',
  taste: 'too little to plan with, or no ingredient',
  tooMany: 'more lines than a recipe has',
};

/** So many of them are listed. */
const MOST_SHOWN = 12;

/** A place to paste a recipe, and under it each line as it was read, with a choice where it is not sure. */
export function RecipeReader({
  recipe,
  pantry,
  only,
  label = 'Paste or type a recipe, a line for each thing',
}: {
  recipe: Recipe;
  pantry: Pantry;
  /** All of it goes to this side. */
  only?: Side;
  label?: string;
}) {
  const { text, setText, data, measures, setMeasures, rows, say, leftOut } = recipe;
  const cups = rows.some(({ read }) => /cup|spoon/.test(read.how));
  const flourByCup = rows.some(({ read }) => read.flourByCup);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <Field label={label}>
        <textarea
          rows={Math.min(10, Math.max(4, text.split('\n').length + 1))}
          maxLength={200_000}
          className="field py-2"
          placeholder={'2 ½ cups flour\n3 large eggs + 2 yolks\n500 g ricotta, drained'}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </Field>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <ChooseFile
          label="Recipe file"
          accept=".json,.jsonld,.html,.htm,.txt,application/ld+json,application/json,text/html,text/plain"
          onFile={(file) => void file.text().then(setText)}
        >
          Open a recipe file
        </ChooseFile>
        <p className="text-small text-ink-dim">Text, or structured recipe data (JSON-LD)</p>
      </div>
      {data && (
        <div role={data.trouble ? 'alert' : 'status'} className="text-small">
          {data.trouble ? (
            <p className="font-semibold text-brick">{data.trouble}.</p>
          ) : (
            <>
              <p>
                From structured data: <b>{data.name ?? 'a recipe without a name'}</b>
                {data.portions !== null && `, for ${data.portions}`}.
              </p>
              {data.unused.length > 0 && (
                <p className="text-ink-dim">
                  Not used, for a plan works these out itself: {data.unused.join(', ')}.
                </p>
              )}
            </>
          )}
        </div>
      )}
      {(cups || flourByCup) && (
        <div className="grid gap-3 sm:grid-cols-2">
          <Choice
            label="Your cup"
            value={measures.cup}
            options={[
              { value: 'us', label: '237 ml' },
              { value: 'metric', label: '250 ml' },
            ]}
            onChange={(cup) => setMeasures({ ...measures, cup })}
          />
          {flourByCup && (
            <Choice
              label="Flour goes into it"
              value={measures.flour}
              options={[
                { value: 'spooned', label: 'By the spoon' },
                { value: 'scooped', label: 'Scooped' },
              ]}
              onChange={(flour) => setMeasures({ ...measures, flour })}
            />
          )}
          {flourByCup && (
            <p className="text-small text-ink-dim sm:col-span-2">
              A scooped cup holds a fifth more flour: enough to make a right dough dry. Weighed
              flour needs no guess.
            </p>
          )}
        </div>
      )}
      {rows.length > 0 && (
        <section aria-label="As it was read" className="grid gap-4">
          {SIDES.map(([side, title]) => {
            const own = rows.filter((row) => row.side === side);
            return (
              own.length > 0 && (
                <div key={side}>
                  <h3 className="border-b-[1.5px] border-board-rule pb-1">
                    {title}, as it was read
                  </h3>
                  <ul>
                    {own.map((row) => (
                      <Line key={row.key} row={row} pantry={pantry} only={only} say={say} />
                    ))}
                  </ul>
                </div>
              )
            );
          })}
        </section>
      )}
      {leftOut.length > 0 && (
        <section aria-label="Not read as ingredients" className="text-small text-ink-dim">
          <h3>Not read as dough or filling</h3>
          <ul>
            {leftOut.slice(0, MOST_SHOWN).map(({ line, why }, i) => (
              <li key={i} className="break-words">
                “{line}”: {WHY[why]}
              </li>
            ))}
            {leftOut.length > MOST_SHOWN && <li>and {leftOut.length - MOST_SHOWN} more.</li>}
          </ul>
        </section>
      )}
      <p role="status" className="sr-only">
        {rows.length > 0 && `${rows.length} read, ${recipe.waiting} still to be answered`}
      </p>
    </div>
  );
}

function Line({
  row,
  pantry,
  only,
  say,
}: {
  row: RecipeRow;
  pantry: Pantry;
  only: Side | undefined;
  say: Recipe['say'];
}) {
  const { key, read, id, g, out } = row;
  const name = id === undefined ? undefined : pantry.ingredients.get(id)?.name;
  const asks = read.asks
    .filter((ask) => (ask === 'what' ? id === undefined : ask === 'howMuch' ? g === null : true))
    .map((ask) => (ask === 'which' && read.ids.length === 1 ? 'is it this?' : ASKS[ask]));
  const ways = id === undefined ? [] : preparationsFor(pantry, id);
  const notes = [read.how, read.about && 'a typical weight'].filter(Boolean).join(', ');
  return (
    <li className={`border-b border-board-line py-2 ${out ? 'opacity-60' : ''}`}>
      <div className="flex flex-wrap items-center gap-x-4">
        <p className="min-w-0 grow break-words text-ink-dim">“{read.line}”</p>
        {only === undefined && !out && (
          <button
            type="button"
            className="link min-h-[44px] text-small"
            onClick={() => say(key, { side: row.side === 'dough' ? 'filling' : 'dough' })}
          >
            To the {row.side === 'dough' ? 'filling' : 'dough'}
            <span className="sr-only"> {read.line}</span>
          </button>
        )}
        <button
          type="button"
          aria-pressed={out}
          className="link min-h-[44px] text-small"
          onClick={() => say(key, { out: !out })}
        >
          {out ? 'Put back' : 'Leave out'}
          <span className="sr-only"> {read.line}</span>
        </button>
      </div>
      {!out && (
        <>
          <div className="grid grid-cols-[7.5rem_minmax(0,1fr)] items-center gap-2">
            <QuantityField
              label={`Amount of ${name ?? read.line}`}
              hideLabel
              kind="mass"
              range={{ min: 0, max: 50_000, unit: 'g' }}
              value={g ?? undefined}
              placeholder="how much"
              step={(g ?? 0) < 20 ? 1 : 10}
              onChange={(next) => say(key, { g: next })}
            />
            {read.ids.length > 1 ? (
              <SelectField
                hideLabel
                label={`Which: ${read.line}`}
                value={id ?? ''}
                options={read.ids.map((each) => ({
                  value: each,
                  label: pantry.ingredients.get(each)?.name ?? each,
                }))}
                onChange={(next) => say(key, { id: next })}
              />
            ) : (
              <IngredientPicker
                use={only ?? row.side}
                pantry={pantry}
                className="min-h-[44px] text-left leading-tight font-semibold hover:underline"
                onPick={(picked) => say(key, { id: picked.id })}
              >
                {name ?? 'Choose what it is'}
              </IngredientPicker>
            )}
          </div>
          {ways.length > 1 && row.side === 'filling' && (
            <SelectField
              hideLabel
              className="mt-1.5"
              label={`Done to ${name ?? read.line}`}
              value={row.preparation}
              options={ways.map((way) => ({ value: way.id, label: way.name }))}
              onChange={(preparation) => say(key, { preparation })}
            />
          )}
          {asks.length > 0 ? (
            <p className="mt-1 font-semibold text-[var(--ochre)]">
              <span aria-hidden>▲</span> {sentence(asks.join('; '))}
              {row.open && ' Until then it is not counted.'}
            </p>
          ) : (
            notes && <p className="mt-1 text-small text-ink-dim">{notes}</p>
          )}
        </>
      )}
    </li>
  );
}

const sentence = (words: string): string =>
  `${words[0]?.toUpperCase() ?? ''}${words.slice(1)}${/[?.]$/.test(words) ? '' : '.'}`;
