import { input, type Working } from '../../working/working';
import { DOUGH_DENSITY_G_PER_ML } from '../../constants';
import type { PlanContext } from '../context';
import type { PlanFigures } from '../figures';
import { BALANCE, GEOMETRY } from './sources';

/** Workings of the dough. */
export function doughWorkings({ plan, hydration: h }: PlanContext, f: PlanFigures) {
  return {
    hydration: {
      label: 'Hydration',
      value: h.hydration,
      unit: 'share',
      kind: 'law',
      formula: 'water in all that is not flour ÷ flour',
      inputs: [
        input('water', h.waterG, 'g'),
        input('flour', h.flourG, 'g'),
        ...(plan.dough.rh === undefined
          ? []
          : [input('of it, from the weather', h.weatherWaterG, 'g')]),
      ],
      source: 'composition tables; damp flour after the Oswin isotherm',
    },
    hydrationTarget: {
      label: 'Target hydration',
      value: h.target,
      unit: 'share',
      kind: 'rule',
      formula: '0.49 − 0.105 × smoothstep(s ÷ 0.12) + absorption + style',
      inputs: [
        input('s, egg solids to flour', h.eggSolidsRatio, 'share'),
        input('absorption of the flours', h.absorption, 'ratio'),
        input('style', plan.dough.style),
      ],
      source: 'craft rule; whole egg near 38.5 %, water near 49 %',
      range: [h.low, h.high],
    },
    addWater: {
      label: 'Water to the target',
      value: f.dough.addWaterG,
      unit: 'g',
      kind: 'law',
      formula: '(target − hydration) × flour, for this batch',
      inputs: [
        input('target', h.target, 'share'),
        input('hydration', h.hydration, 'share'),
        input('flour in this batch', h.flourG * f.dough.scale, 'g'),
      ],
      source: BALANCE,
    },
    addFlour: {
      label: 'Flour to the target',
      value: f.dough.addFlourG,
      unit: 'g',
      kind: 'law',
      formula: 'water ÷ target − flour, for this batch',
      inputs: [
        input('water in this batch', h.waterG * f.dough.scale, 'g'),
        input('target', h.target, 'share'),
        input('flour in this batch', h.flourG * f.dough.scale, 'g'),
      ],
      source: BALANCE,
    },
    doughScale: {
      label: 'Your dough recipe, times',
      value: f.dough.scale,
      unit: 'ratio',
      kind: 'law',
      formula: 'dough for this batch ÷ what the recipe makes',
      inputs: [
        input('this batch', f.dough.totalG, 'g'),
        input('the recipe makes', f.dough.recipeG, 'g'),
      ],
      source: BALANCE,
    },
    doughPerPiece: {
      label: 'Dough in one piece',
      value: f.dough.perPieceG,
      unit: 'g',
      kind: 'law',
      formula: 'density × thickness × flat area of all layers',
      inputs: [
        input('density', DOUGH_DENSITY_G_PER_ML, 'gPerMl'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
        input(
          'flat area',
          (f.dough.perPieceG * 1000) / (DOUGH_DENSITY_G_PER_ML * f.sheet.thicknessMm),
          'mm2',
        ),
      ],
      source: GEOMETRY,
    },
  } satisfies Record<string, Working>;
}

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
