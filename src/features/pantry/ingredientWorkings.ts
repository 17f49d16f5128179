import type { Ingredient } from '@/core/composition/ingredient';
import { startingRules } from '@/core/basis/rules';
import { input, type Working } from '@/core/working/working';

const SOURCE = 'the figures of this row';

/** Workings of what an ingredient's figures come to. */
export function ingredientWorkings(row: Ingredient, cupMl: number) {
  const solids = 1 - row.water;
  return {
    solids: {
      label: 'Dry solids',
      value: solids,
      unit: 'share',
      kind: 'law',
      formula: '1 − water',
      inputs: [input('water', row.water, 'share')],
      source: SOURCE,
    },
    free: {
      label: 'Free water, on its own',
      value: Math.max(0, row.water - solids * row.holding),
      unit: 'share',
      kind: 'table',
      formula: 'water − solids × holding, not below 0',
      inputs: [
        input('water', row.water, 'share'),
        input('solids', solids, 'share'),
        input('holding', row.holding, 'ratio'),
      ],
      source: SOURCE,
    },
    cup: {
      label: 'A cup of it',
      value: cupMl * row.densityGPerMl,
      unit: 'g',
      kind: 'table',
      formula: 'cup × bulk density',
      inputs: [input('cup', cupMl, 'ml'), input('bulk density', row.densityGPerMl, 'gPerMl')],
      source: SOURCE,
    },
    gluten: {
      label: 'Gluten, of a wheat sheet',
      value: (row.protein * row.gluten) / startingRules['dough.gluten.reference'].value,
      unit: 'share',
      kind: 'table',
      formula: 'protein × gluten quality ÷ 0.095',
      inputs: [
        input('protein', row.protein, 'share'),
        input('gluten quality', row.gluten, 'ratio'),
      ],
      source: SOURCE,
    },
  } satisfies Record<string, Working>;
}
