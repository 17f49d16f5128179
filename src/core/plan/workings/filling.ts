import { input, type Working, type WorkingInput } from '../../working/working';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { BALANCE, GEOMETRY } from './sources';

/** Workings of the filling. */
export function fillingWorkings({ plan, filling: { composition: c } }: PlanModel, f: PlanFigures) {
  const { filling } = f;
  const { spoonTest, towelTest, texture, air } = plan.filling;
  const { water, scale, stiffnessFrom } = filling;
  const share = (label: string, value: number, what: string) =>
    ({
      label,
      value,
      unit: 'share',
      kind: 'table',
      formula: `${what} ÷ filling`,
      inputs: [input(what, value * c.massG, 'g'), input('filling', c.massG, 'g')],
      source: 'ingredient table',
    }) as const;
  const trail = (label: string, value: number, formula: string) =>
    ({
      label,
      value,
      unit: 'g',
      kind: 'table',
      formula,
      inputs: [
        input('water in it raw', water.rawG, 'g'),
        input('taken up', water.takenUpG, 'g'),
        input('in this batch', f.filling.totalG, 'g'),
      ],
      source: 'balance on the ingredient and preparation tables',
    }) as const;
  const stiffness: { formula: string; inputs: WorkingInput[]; source: string } = {
    spoon: {
      formula: '225 ρ g V² ÷ (128 π² R⁵)',
      inputs: [
        input('V, a level spoon', spoonTest?.volumeMl ?? 0, 'ml'),
        input('2 R, spread across', spoonTest?.diameterMm ?? 0, 'mm'),
        input('ρ', c.densityGPerMl, 'gPerMl'),
      ],
      source: 'your spoon test; Roussel & Coussot 2005',
    },
    measured: {
      formula: 'as you measured it',
      inputs: [input('measured', filling.yieldStressPa, 'Pa')],
      source: 'your measurement',
    },
    rule: {
      formula: '900 × e^(−20 (free water − 0.02)) × texture',
      inputs: [input('free water', c.freeWaterShare, 'share'), input('texture', texture)],
      source: 'craft rule; a spoon test replaces it',
    },
  }[stiffnessFrom];
  return {
    freeWater: {
      label: 'Free water',
      value: c.freeWaterShare,
      unit: 'share',
      kind: towelTest ? 'choice' : 'table',
      formula: '(water − Σ solids × holding) ÷ mass, not below 0',
      inputs: [
        input('water', c.waterG, 'g'),
        input('held by the solids', c.heldG, 'g'),
        input('mass', c.massG, 'g'),
        ...(towelTest
          ? [input('held, of the table, by your towel test', towelTest.holdingFactor, 'ratio')]
          : []),
      ],
      source: towelTest
        ? 'your towel test, followed through the tables'
        : 'balance on the ingredient and preparation tables',
    },
    fillingScale: {
      label: 'Your filling recipe, times',
      value: scale,
      unit: 'ratio',
      kind: 'law',
      formula: 'filling for this batch ÷ what the recipe makes, prepared',
      inputs: [
        input('this batch', f.filling.totalG, 'g'),
        input('the recipe makes', filling.recipeG, 'g'),
      ],
      source: BALANCE,
    },
    stiffness: {
      label: 'Stiffness',
      value: filling.yieldStressPa,
      unit: 'Pa',
      kind: stiffnessFrom === 'rule' ? 'rule' : stiffnessFrom === 'spoon' ? 'law' : 'choice',
      ...stiffness,
      ...(stiffnessFrom === 'rule' && {
        range: [filling.yieldStressPa * 0.6, filling.yieldStressPa * 1.6] as const,
      }),
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
        input('air', air, 'share'),
      ],
      source: 'composition tables',
    },
    fillingFat: share('Fat in the filling', filling.fatShare, 'fat'),
    fillingSalt: share('Salt put in', filling.saltShare, 'salt'),
    fillingEgg: share('Egg in the filling', filling.eggShare, 'egg'),
    waterRaw: trail(
      'Water that went in',
      water.rawG + water.takenUpG,
      'Σ amount × water, + what boiling put in',
    ),
    waterDrip: trail(
      'Drip and liquor, for the sauce',
      water.dripG,
      'Σ water lost × the share that drips or is pressed out',
    ),
    waterSteamed: trail(
      'Water steamed off',
      water.steamedG,
      'Σ water lost × the share that steams off, + cooked off the mixture',
    ),
    waterHeld: trail(
      'Water held by the solids',
      water.heldG,
      'Σ solids × holding, or all there is',
    ),
    waterFree: trail('Water free', water.freeG, 'water − held'),
    settled: {
      label: 'A dose on its own settles to',
      value: 2 * filling.settledMm,
      unit: 'mm',
      kind: 'law',
      formula: '2 × (225 ρ g V² ÷ (128 π² τ))^(1/5)',
      inputs: [
        input('V', filling.doseMl, 'ml'),
        input('ρ', c.densityGPerMl, 'gPerMl'),
        input('τ, stiffness', filling.yieldStressPa, 'Pa'),
        input('laid', 2 * filling.laidMm, 'mm'),
      ],
      source: 'Roussel & Coussot 2005',
    },
    cooling: {
      label: 'Cools to 21 °C in',
      value: filling.cooling.minutes,
      unit: 'min',
      kind: 'rule',
      formula: 'ρ c depth ÷ h × ln((from − 3) ÷ (21 − 3))',
      inputs: [
        input('from', plan.filling.cooling.fromC, 'C'),
        input('spread', plan.filling.cooling.depthMm, 'mm'),
        input('h', '15 W/(m²·K)'),
      ],
      source: 'lumped cooling in air of 3 °C; the surface coefficient is a rule',
      ...(filling.cooling.minutes > 0 && {
        range: [filling.cooling.minutes * 0.6, filling.cooling.minutes * 1.5] as const,
      }),
    },
    fillingVolume: {
      label: 'Filling, by volume',
      value: filling.totalMl,
      unit: 'ml',
      kind: 'law',
      formula: 'weight ÷ density',
      inputs: [input('weight', f.filling.totalG, 'g'), input('density', c.densityGPerMl, 'gPerMl')],
      source: BALANCE,
    },
    pipedLength: {
      label: 'A dose as a piped length',
      value: filling.pipedMm,
      unit: 'mm',
      kind: 'law',
      formula: 'volume ÷ (π × tip² ÷ 4)',
      inputs: [input('volume', filling.doseMl, 'ml'), input('tip', plan.filling.tipMm, 'mm')],
      source: GEOMETRY,
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
        input('as a volume', filling.doseMl, 'ml'),
        input('density', c.densityGPerMl, 'gPerMl'),
      ],
      source: f.deadHeat ? 'dead heat' : 'your choice',
    },
  } satisfies Record<string, Working>;
}
