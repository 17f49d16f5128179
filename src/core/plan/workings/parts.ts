import { input, type Working } from '../../working/working';
import { BALANCE } from './sources';

/**
 * What to weigh of one ingredient for this batch.
 * @example partWorking({ name: 'Butter', recipeG: 30, g: 67 }, 2.24).value // 67
 */
export const partWorking = (
  { name, recipeG, g }: { readonly name: string; readonly recipeG: number; readonly g: number },
  scale: number,
): Working => ({
  label: name,
  value: g,
  unit: 'g',
  kind: 'law',
  formula: 'in your recipe × recipe to batch',
  inputs: [input('in your recipe', recipeG, 'g'), input('recipe to batch', scale, 'ratio')],
  source: BALANCE,
});
