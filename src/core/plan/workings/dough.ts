import { input, type Working } from '../../working/working';
import { DOUGH_DENSITY_G_PER_ML } from '../../physics/constants';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { BALANCE, GEOMETRY } from './sources';

/** Workings of the dough. */
export function doughWorkings({ plan, basis: { rules } }: PlanModel, f: PlanFigures) {
  const { dough: d } = f;
  const h = d.now;
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
        input('flour in this batch', h.flourG, 'g'),
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
        input('water in this batch', h.waterG, 'g'),
        input('target', h.target, 'share'),
        input('flour in this batch', h.flourG, 'g'),
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
        input('this batch', f.dough.weighedG, 'g'),
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
    doughWeighed: {
      label: 'Dough to weigh out',
      value: d.weighedG,
      unit: 'g',
      kind: 'law',
      formula: 'dough of the batch − what corrections put in since',
      inputs: [
        input('dough of the batch', d.totalG, 'g'),
        input('corrections: flour', d.corrected.flourG, 'g'),
        input('corrections: water', d.corrected.waterG, 'g'),
      ],
      source: BALANCE,
    },
    holdBack: {
      label: 'Flour to hold back',
      value: d.holdBackG,
      unit: 'g',
      kind: 'rule',
      formula: '√((6 % of the egg’s water)² + (spread of the flour’s moisture)²) ÷ target',
      inputs: [
        input('water in the egg', d.eggWaterG, 'g'),
        input('flour', h.flourG, 'g'),
        input('spread of its moisture', plan.dough.rh === undefined ? 0.01 : 0.015, 'share'),
        input('target', h.target, 'share'),
      ],
      source: 'craft rule: what eggs and weather may bring short',
    },
    weatherWater: {
      label: 'Water the weather put into the flour',
      value: d.weighedG > 0 ? h.weatherWaterG : 0,
      unit: 'g',
      kind: 'law',
      formula: 'Σ flour × (moisture at this humidity − moisture in the table)',
      inputs: [
        input('flour', h.flourG, 'g'),
        input('air humidity', plan.dough.rh ?? 'flour sealed', 'share'),
      ],
      source: 'Oswin isotherm, fitted constants',
    },
    gluten: {
      label: 'Gluten, of a wheat sheet',
      value: d.makeup.glutenRatio / rules['dough.gluten.reference'].value,
      unit: 'share',
      kind: 'table',
      formula: 'Σ flour × protein × gluten quality ÷ flour, against 0.095',
      inputs: [
        input('gluten ratio', d.makeup.glutenRatio.toFixed(4)),
        input('reference', rules['dough.gluten.reference'].value.toFixed(3)),
      ],
      source: 'ingredient table',
    },
    yolk: {
      label: 'Yolk in the egg',
      value: d.makeup.yolkShare ?? 0,
      unit: 'share',
      kind: 'law',
      formula: '(yolks + whole eggs × yolk ÷ egg) ÷ all egg',
      inputs: [input('an egg', plan.dough.eggG, 'g'), input('its yolk', plan.dough.yolkG, 'g')],
      source: 'your eggs',
    },
    fat: {
      label: 'Fat in the dough',
      value: d.makeup.fatShare,
      unit: 'share',
      kind: 'table',
      formula: 'Σ amount × fat ÷ dough',
      inputs: [
        input('dough', d.makeup.massG, 'g'),
        input('fat in it', d.makeup.fatShare * d.makeup.massG, 'g'),
      ],
      source: 'ingredient table',
    },
    strength: {
      label: 'Strength of the sheet',
      value: d.strengthKPa,
      unit: 'kPa',
      kind: 'rule',
      formula: '25 × (gluten)^1.5 × development × e^(−too wet ÷ 0.04) × (1 − 0.6 × fat)',
      inputs: [
        input(
          'gluten, of a wheat sheet',
          d.makeup.glutenRatio / rules['dough.gluten.reference'].value,
          'ratio',
        ),
        input('development', d.ready.development, 'ratio'),
        input('too wet by', Math.max(0, h.hydration - h.target), 'share'),
        input('fat', d.makeup.fatShare, 'share'),
      ],
      source: 'craft rule; a hanging strip measures it',
      ...(d.strengthKPa > 0 && { range: [d.strengthKPa * 0.6, d.strengthKPa * 1.5] as const }),
    },
    stretch: {
      label: 'Stretch before it tears',
      value: d.stretch,
      unit: 'share',
      kind: 'rule',
      formula: '0.8 × development × e^(−too dry ÷ 0.05)',
      inputs: [
        input('development', d.ready.development, 'ratio'),
        input('too dry by', Math.max(0, h.target - h.hydration), 'share'),
      ],
      source: 'craft rule',
      ...(d.stretch > 0 && { range: [d.stretch * 0.7, d.stretch * 1.3] as const }),
    },
    springBack: {
      label: 'Springs back after the roller',
      value: d.springBack,
      unit: 'share',
      kind: 'rule',
      formula: '0.35 × gluten × development × (0.2 + 0.8 × spring left) × 0.5^(repeats − 1)',
      inputs: [
        input(
          'gluten, of a wheat sheet',
          d.makeup.glutenRatio / rules['dough.gluten.reference'].value,
          'ratio',
        ),
        input('development', d.ready.development, 'ratio'),
        input('spring left', d.ready.relaxationLeft, 'share'),
        input('passes a setting', 2, 'count'),
      ],
      source: 'craft rule; a strip test shows the truth',
      ...(d.springBack > 0 && { range: [d.springBack * 0.5, d.springBack * 1.7] as const }),
    },
    readiness: {
      label: 'Ready to roll',
      value: d.ready.readiness,
      unit: 'share',
      kind: 'rule',
      formula: 'kneaded ÷ 0.9 × (1 − spring left) ÷ 0.8, neither above 1',
      inputs: [
        input('kneaded', d.ready.kneaded, 'ratio'),
        input('spring left', d.ready.relaxationLeft, 'share'),
        input('minutes kneaded', d.work.kneadMin, 'min'),
        input('minutes rested', d.work.restMin, 'min'),
        input('at', d.work.restC, 'C'),
      ],
      source:
        'craft rules: kneading by e^(−minutes ÷ τ), rest twice as slow for every 10 °C colder',
    },
    earliest: {
      label: 'Earliest to roll, from wetting the flour',
      value: d.ready.earliestMin,
      unit: 'min',
      kind: 'rule',
      formula: 'minutes of kneading + rest until a fifth of the spring is left',
      inputs: [
        input('kneading wanted', d.ready.kneadWantedMin, 'min'),
        input('rest wanted', d.ready.restWantedMin, 'min'),
      ],
      source: 'craft rules',
      range: [d.ready.earliestMin * 0.7, d.ready.earliestMin * 1.5],
    },
    whites: {
      label: 'Whites left over',
      value: d.whites.g,
      unit: 'g',
      kind: 'law',
      formula: 'yolks used alone × (egg − yolk)',
      inputs: [
        input('yolks used alone', d.whites.count, 'count'),
        input('a white', plan.dough.eggG - plan.dough.yolkG, 'g'),
      ],
      source: 'your eggs',
    },
  } satisfies Record<string, Working>;
}
