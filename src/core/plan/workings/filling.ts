import { input, type Working } from '../../working/working';
import type { PlanContext } from '../context';
import type { PlanFigures } from '../figures';
import { BALANCE } from './sources';

/** Workings of the filling. */
export function fillingWorkings({ plan, composition: c }: PlanContext, f: PlanFigures) {
  const held = c.parts.reduce((total, part) => total + part.holdingG, 0);
  return {
    freeWater: {
      label: 'Free water',
      value: c.freeWaterShare,
      unit: 'share',
      kind: 'table',
      formula: '(water − Σ solids × holding) ÷ mass, not below 0',
      inputs: [
        input('water', c.waterG, 'g'),
        input('held by the solids', held, 'g'),
        input('mass', c.massG, 'g'),
      ],
      source: 'balance on the ingredient and preparation tables',
    },
    fillingScale: {
      label: 'Your filling recipe, times',
      value: f.filling.scale,
      unit: 'ratio',
      kind: 'law',
      formula: 'filling for this batch ÷ what the recipe makes, prepared',
      inputs: [
        input('this batch', f.filling.totalG, 'g'),
        input('the recipe makes', f.filling.recipeG, 'g'),
      ],
      source: BALANCE,
    },
    stiffness: {
      label: 'Stiffness',
      value: f.filling.yieldStressPa,
      unit: 'Pa',
      kind: f.filling.measured ? 'choice' : 'rule',
      formula: f.filling.measured
        ? 'as measured by the spoon test'
        : '900 × e^(−20 (free water − 0.02)) × texture',
      inputs: [
        input('free water', c.freeWaterShare, 'share'),
        input('texture', plan.filling.texture),
      ],
      source: f.filling.measured ? 'your spoon test' : 'craft rule; a spoon test replaces it',
      ...(f.filling.measured
        ? {}
        : { range: [f.filling.yieldStressPa * 0.6, f.filling.yieldStressPa * 1.6] as const }),
    },
    density: {
      label: 'Density of the filling',
      value: c.densityGPerMl,
      unit: 'gPerMl',
      kind: 'law',
      formula: '(1 − air) ÷ Σ (share ÷ density) of water, protein, fat, carbohydrate',
      inputs: [
        input('water', c.waterG, 'g'),
        input('protein', c.proteinG, 'g'),
        input('fat', c.fatG, 'g'),
        input('carbohydrate', c.carbohydrateG, 'g'),
        input('air', plan.filling.air, 'share'),
      ],
      source: 'composition tables',
    },
    dose: {
      label: 'Filling in one piece',
      value: f.filling.perPieceG,
      unit: 'g',
      kind: f.deadHeat ? 'law' : 'choice',
      formula: f.deadHeat
        ? 'filling that reaches the pieces ÷ pieces the dough gives'
        : 'as you set it',
      inputs: [
        input('as a volume', f.filling.doseMl, 'ml'),
        input('density', c.densityGPerMl, 'gPerMl'),
      ],
      source: f.deadHeat ? 'dead heat' : 'your choice',
    },
  } satisfies Record<string, Working>;
}
