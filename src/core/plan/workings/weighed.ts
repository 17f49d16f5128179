import { figure, type FigureInput } from '../../working/figure';
import type { Working } from '../../working/working';
import { BALANCE } from './asked';

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
  const common = { label: name, unit: 'g', kind: 'law', source: BALANCE } as const;
  if (count) {
    const each = `one ${count.word}`;
    const inputs: Record<string, FigureInput> = {
      [`${count.word}s`]: [count.n, 'count'],
      [each]: [count.n > 0 ? g / count.n : 0, 'g'],
      'by share it would be': [recipeG * scale, 'g'],
    };
    return figure({
      ...common,
      formula: `whole ${count.word}s × what one holds`,
      inputs,
      compute: (of) => (of[`${count.word}s`] ?? 0) * (of[each] ?? 0),
    });
  }
  const shareG = recipeG * scale;
  return figure({
    ...common,
    formula: wholeEggs
      ? 'in your recipe × recipe to batch + what whole eggs move'
      : 'in your recipe × recipe to batch',
    inputs: {
      'in your recipe': [recipeG, 'g'],
      'recipe to batch': [scale, 'ratio'],
      ...(wholeEggs && { 'whole eggs move': [g - shareG, 'g'] as const }),
    },
    compute: (of: Record<string, number>) =>
      of['in your recipe']! * of['recipe to batch']! + (of['whole eggs move'] ?? 0),
  });
}
