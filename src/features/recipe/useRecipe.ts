'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { Pantry } from '@/core/composition/pantry';
import type { EggContents } from '@/core/dough/eggSizes';
import { isRecipeData, readRecipeData, type ReadRecipeData } from '@/core/formats/recipeData';
import { FieldError } from '@/core/range';
import type { Measures } from '@/core/recipe/grams';
import { readRecipe, type ReadPart, type Side } from '@/core/recipe/readRecipe';
import { useUnits } from '@/ui/units/UnitsContext';

/** What a cook said of a line, over what was read. */
export interface Said {
  readonly id?: string;
  readonly g?: number;
  readonly preparation?: string;
  readonly side?: Side;
  readonly out?: boolean;
}

/** A line as it now stands: as read, with what the cook said of it. */
export interface RecipeRow {
  readonly key: string;
  readonly read: ReadPart;
  readonly id: string | undefined;
  readonly g: number | null;
  readonly preparation: string;
  readonly side: Side;
  readonly out: boolean;
  /** It still wants an ingredient or an amount: without them it cannot be counted. */
  readonly open: boolean;
}

export interface RecipePart {
  readonly id: string;
  readonly g: number;
  readonly preparation: string;
  readonly weighedG?: number;
}

/** What structured recipe data said beside its lines, or why it could not be read. */
export interface RecipeFile extends Omit<ReadRecipeData, 'text'> {
  readonly trouble: string | null;
}

/** A pasted recipe being read: its text, what each line was read as, and what the cook says of it. */
export function useRecipe(pantry: Pantry, egg: EggContents, only?: Side) {
  const { units } = useUnits();
  const [text, setLines] = useState('');
  const [data, setData] = useState<RecipeFile | null>(null);
  const setText = (given: string) => {
    if (!isRecipeData(given)) return setLines(given);
    try {
      const read = readRecipeData(given);
      setLines(read.text);
      setData({ ...read, trouble: null });
    } catch (error) {
      if (!(error instanceof FieldError)) throw error;
      // What is pasted stays as it is, to be put right or taken out.
      setLines(given);
      setData({ name: null, portions: null, unused: [], trouble: error.message });
    }
  };
  const [measures, setMeasures] = useState<Measures>({
    cup: units.spoons === 'us' ? 'us' : 'metric',
    flour: 'spooned',
  });
  const [said, setSaid] = useState<ReadonlyMap<string, Said>>(new Map());
  // A long text is read once nothing is asked of the page.
  const given = useDeferredValue(text);
  const read = useMemo(
    () => readRecipe(given, { ...measures, pantry, egg }),
    [given, measures, pantry, egg],
  );
  const rows = useMemo(() => rowsOf(read.parts, said, only), [read, said, only]);
  return {
    text,
    setText,
    /** What structured data said beside its ingredients; null where none was given. */
    data,
    /** What the text calls itself, and for how many it is; null where it does not say. */
    name: data?.name ?? read.name,
    portions: data?.portions ?? read.portions,
    leftOut: read.leftOut,
    measures,
    setMeasures,
    rows,
    say: (key: string, change: Said) =>
      setSaid((before) => new Map(before).set(key, { ...before.get(key), ...change })),
    /** The parts of one side, those still open left out. */
    partsOf: (side: Side): RecipePart[] =>
      rows.filter((row) => row.side === side && !row.out && !row.open).map(partOf),
    waiting: rows.filter(({ open, out }) => open && !out).length,
  };
}

export type Recipe = ReturnType<typeof useRecipe>;

function rowsOf(
  read: readonly ReadPart[],
  said: ReadonlyMap<string, Said>,
  only?: Side,
): RecipeRow[] {
  const seen = new Map<string, number>();
  return read.map((part) => {
    const nth = seen.get(part.line) ?? 0;
    seen.set(part.line, nth + 1);
    const key = `${part.line}#${nth}`;
    const own = said.get(key) ?? {};
    const id = own.id ?? part.ids[0];
    const g = own.g ?? part.g;
    return {
      key,
      read: part,
      id,
      g,
      preparation: own.id && own.id !== part.ids[0] ? 'raw' : (own.preparation ?? part.preparation),
      side: only ?? own.side ?? part.side,
      out: own.out ?? false,
      open: id === undefined || g === null,
    };
  });
}

function partOf({ id, g, preparation, read }: RecipeRow): RecipePart {
  const asRead = preparation === read.preparation && g === read.g;
  return {
    id: id!,
    g: Number((g ?? 0).toFixed(1)),
    preparation,
    ...(asRead && read.weighedG !== undefined && { weighedG: read.weighedG }),
  };
}
