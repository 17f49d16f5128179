import { input, type Working } from '../../working/working';
import { BALANCE } from './sources';

/** A line to weigh out, as the figures give it. */
export interface WeighedLine {
  readonly name: string;
  readonly recipeG: number;
  readonly g: number;
  readonly count?: { readonly n: number; readonly word: string } | null;
}

/**
 * What to weigh of one ingredient for this batch.
 * @param wholeEggs the other lines were moved so that eggs come out whole
 * @example partWorking({ name: 'Butter', recipeG: 30, g: 67 }, 2.24).value // 67
 */
export function partWorking(
  { name, recipeG, g, count }: WeighedLine,
  scale: number,
  wholeEggs = false,
): Working {
  const common = { label: name, value: g, unit: 'g', kind: 'law', source: BALANCE } as const;
  if (count) {
    return {
      ...common,
      formula: `whole ${count.word}s × what one holds`,
      inputs: [
        input(`${count.word}s`, count.n, 'count'),
        input(`one ${count.word}`, count.n > 0 ? g / count.n : 0, 'g'),
        input('by share it would be', recipeG * scale, 'g'),
      ],
    };
  }
  return {
    ...common,
    formula: wholeEggs
      ? 'in your recipe × recipe to batch, moved so that eggs are whole and hydration stays'
      : 'in your recipe × recipe to batch',
    inputs: [input('in your recipe', recipeG, 'g'), input('recipe to batch', scale, 'ratio')],
  };
}
