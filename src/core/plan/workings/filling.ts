import { COOLING_LIMITS, coolingTime } from '../../filling/cooling';
import { pipedLength } from '../../filling/doses';
import { spreadRadius } from '../../filling/spreadRadius';
import { yieldStressFromFreeWater, yieldStressFromSpread } from '../../filling/yieldStress';
import { figure } from '../../working/figure';
import type { Asked, FigureList } from './asked';
import { BALANCE, GEOMETRY } from './asked';

/** A share of the filling, by the ingredient table. */
const share = (label: string, what: string, of: (asked: Asked) => number) => (asked: Asked) => {
  const { massG } = asked.model.filling.composition;
  return figure({
    label,
    unit: 'share',
    kind: 'table',
    formula: `${what} ÷ filling`,
    inputs: { [what]: [of(asked) * massG, 'g'], filling: [massG, 'g'] },
    source: 'ingredient table',
    compute: (inputs) => (inputs[what] ?? 0) / (inputs.filling ?? 1),
  });
};

/** Where a part of the filling's water is, or went. */
const trail =
  (label: string, key: 'rawG' | 'dripG' | 'steamedG' | 'heldG' | 'freeG', formula: string) =>
  ({ model, figures: { filling } }: Asked) => {
    const { scale, water } = filling;
    const takenUp = key === 'rawG' ? water.takenUpG : 0;
    return figure({
      label,
      unit: 'g',
      kind: 'table',
      formula: `${formula}; of the recipe, × recipe to batch`,
      inputs: {
        'in the recipe': [scale > 0 ? (water[key] + takenUp) / scale : 0, 'g'],
        'recipe to batch': [scale, 'ratio'],
        'filling in this batch': [model.batch.batch.filling.inG, 'g'],
      },
      source: 'balance on the ingredient and preparation tables',
      compute: (of) => of['in the recipe'] * of['recipe to batch'],
    });
  };

/** The filling: its water, how it stands, what of it goes where. */
export const fillingFigures = {
  freeWater: ({ model }) => {
    const { composition: c } = model.filling;
    const { towelTest } = model.plan.filling;
    return figure({
      label: 'Free water',
      unit: 'share',
      kind: towelTest ? 'choice' : 'table',
      formula: '(water − what the solids hold) ÷ mass, not below 0',
      inputs: {
        water: [c.waterG, 'g'],
        'held by the solids': [c.heldG, 'g'],
        mass: [c.massG, 'g'],
        ...(towelTest && {
          'held, of the table, by your towel test': [towelTest.holdingFactor, 'ratio'] as const,
        }),
      },
      source: towelTest
        ? 'your towel test, followed through the tables'
        : 'balance on the ingredient and preparation tables',
      compute: (of) =>
        of.mass > 0 ? Math.max(0, of.water - of['held by the solids']) / of.mass : 0,
    });
  },
  fillingScale: ({ model, figures: { filling } }) =>
    figure({
      label: 'Your filling recipe, times',
      unit: 'ratio',
      kind: 'law',
      formula: 'filling for this batch ÷ what the recipe makes, prepared',
      inputs: {
        'this batch': [model.batch.batch.filling.inG, 'g'],
        'the recipe makes': [filling.recipeG, 'g'],
      },
      source: BALANCE,
      compute: (of) => (of['the recipe makes'] > 0 ? of['this batch'] / of['the recipe makes'] : 0),
    }),
  stiffness: ({ model }) => {
    const { rules } = model.basis;
    const { composition: c, stiffness } = model.filling;
    const { spoonTest, texture } = model.plan.filling;
    const common = { label: 'Stiffness', unit: 'Pa' } as const;
    if (stiffness.from === 'spoon' && spoonTest) {
      return figure({
        ...common,
        kind: 'law',
        formula: '225 ρ g V² ÷ (128 π² R⁵), between 5 and 50,000 Pa',
        inputs: {
          'V, a level spoon': [spoonTest.volumeMl, 'ml'],
          '2 R, spread across': [spoonTest.diameterMm, 'mm'],
          ρ: [c.densityGPerMl, 'gPerMl'],
        },
        source: 'your spoon test; Roussel & Coussot 2005',
        compute: (of) =>
          Math.min(
            50_000,
            Math.max(
              5,
              yieldStressFromSpread({
                volumeMl: of['V, a level spoon'],
                diameterMm: of['2 R, spread across'],
                densityGPerMl: of.ρ,
              }),
            ),
          ),
      });
    }
    if (stiffness.from === 'measured') {
      return figure({
        ...common,
        kind: 'choice',
        formula: 'as you measured it',
        inputs: { measured: [stiffness.pa, 'Pa'] },
        source: 'your measurement',
        compute: (of) => of.measured,
      });
    }
    const r = (id: '' | '.water' | '.at' | '.least') => rules[`filling.stiffness${id}`].value;
    return figure({
      ...common,
      kind: 'rule',
      formula: `${r('')} × e^(−${r('.water')} (free water − ${r('.at')})) × texture, not below ${r('.least')}`,
      inputs: {
        'free water': [c.freeWaterShare, 'share'],
        [`texture: ${texture}`]: [rules[`filling.texture.${texture}`].value, 'ratio'],
      },
      source: 'craft rule; a spoon test replaces it',
      compute: (of) => yieldStressFromFreeWater(of['free water'] ?? 0, texture, rules),
      times: [0.6, 1.6],
    });
  },
  density: ({ model }) => {
    const { composition: c } = model.filling;
    return figure({
      label: 'Density of the filling',
      unit: 'gPerMl',
      kind: 'law',
      formula:
        '(1 − air) ÷ Σ (share ÷ density): water 1.00, protein 1.35, fat 0.92, carbohydrate 1.55; no denser than dry salt',
      inputs: {
        water: [c.waterG, 'g'],
        protein: [c.proteinG, 'g'],
        fat: [c.fatG, 'g'],
        carbohydrate: [c.carbohydrateG, 'g'],
        mass: [c.massG, 'g'],
        air: [model.plan.filling.air, 'share'],
      },
      source: 'composition tables',
      compute: (of) => {
        const ml = of.water + of.protein / 1.35 + of.fat / 0.92 + of.carbohydrate / 1.55;
        return of.mass > 0 ? (of.mass / Math.max(ml, of.mass / 2.16)) * (1 - of.air) : 1 - of.air;
      },
    });
  },
  fillingFat: share('Fat in the filling', 'fat', ({ figures: { filling } }) => filling.fatShare),
  fillingSalt: share('Salt put in', 'salt', ({ figures: { filling } }) => filling.saltShare),
  fillingEgg: share('Egg in the filling', 'egg', ({ figures: { filling } }) => filling.eggShare),
  waterRaw: trail('Water that went in', 'rawG', 'Σ amount × water, + what boiling put in'),
  waterDrip: trail(
    'Drip and liquor, for the sauce',
    'dripG',
    'Σ water lost × the share that drips or is pressed out',
  ),
  waterSteamed: trail(
    'Water steamed off',
    'steamedG',
    'Σ water lost × the share that steams off, + cooked off the mixture',
  ),
  waterHeld: trail('Water held by the solids', 'heldG', 'Σ solids × holding, or all there is'),
  waterFree: trail('Water free', 'freeG', 'water − held'),
  settled: ({ model, figures: { filling } }) =>
    figure({
      label: 'A dose on its own settles to',
      unit: 'mm',
      kind: 'law',
      formula: '2 × (225 ρ g V² ÷ (128 π² τ))^(1/5)',
      inputs: {
        V: [filling.doseMl, 'ml'],
        ρ: [model.filling.composition.densityGPerMl, 'gPerMl'],
        'τ, stiffness': [filling.yieldStressPa, 'Pa'],
        laid: [2 * filling.laidMm, 'mm'],
      },
      source: 'Roussel & Coussot 2005',
      compute: (of) =>
        2 *
        spreadRadius({
          volumeMl: Math.max(0.01, of.V),
          densityGPerMl: of.ρ,
          yieldStressPa: of['τ, stiffness'],
        }),
    }),
  cooling: ({ model }) => {
    const { rules, conditions } = model.basis;
    const { fromC, depthMm, on, covered } = model.plan.filling.cooling;
    const [{ toC }] = COOLING_LIMITS;
    return figure({
      label: `Cools to ${toC} °C in`,
      unit: 'min',
      kind: 'rule',
      formula:
        'τ × ln((from − air) ÷ (to − air)), τ = ρc d₁ (1 ÷ h over + d₁ ÷ 2k), d₁ = d (1 ÷ h under + d ÷ 2k) ÷ (1 ÷ h over + 1 ÷ h under + d ÷ k); ρc 3.6 MJ/(m³·K), k 0.5 W/(m·K)',
      inputs: {
        from: [fromC, 'C'],
        'd, spread': [depthMm, 'mm'],
        'h over, W/(m²·K)': [rules[covered ? 'filling.cool.covered' : 'filling.cool.open'].value],
        'h under, W/(m²·K)': [rules[`filling.cool.${on}`].value],
        'cold air': [conditions.coldAirC, 'C'],
      },
      source:
        'conduction out of both faces; the plane that cools last counts, not the mean; the surface coefficients are rules',
      compute: (of) =>
        coolingTime(
          { fromC: of.from, depthMm: of['d, spread'], on, covered, airC: of['cold air'] },
          toC,
          rules,
        ),
      times: [0.7, 1.4],
    });
  },
  fillingVolume: ({ model }) =>
    figure({
      label: 'Filling, by volume',
      unit: 'ml',
      kind: 'law',
      formula: 'weight ÷ density',
      inputs: {
        weight: [model.batch.batch.filling.inG, 'g'],
        density: [model.filling.composition.densityGPerMl, 'gPerMl'],
      },
      source: BALANCE,
      compute: (of) => of.weight / of.density,
    }),
  pipedLength: ({ model, figures: { filling } }) =>
    figure({
      label: 'A dose as a piped length',
      unit: 'mm',
      kind: 'law',
      formula: 'volume ÷ (π × tip² ÷ 4)',
      inputs: {
        volume: [filling.doseMl, 'ml'],
        tip: [model.plan.filling.tipMm, 'mm'],
      },
      source: GEOMETRY,
      compute: (of) => pipedLength({ doseG: of.volume, densityGPerMl: 1, tipMm: of.tip }),
    }),
  dose: ({ model, figures: { filling, deadHeat } }) =>
    figure({
      label: 'Filling in one piece',
      unit: 'g',
      kind: deadHeat ? 'law' : 'choice',
      formula: deadHeat
        ? 'filling that reaches the pieces ÷ pieces the dough gives, inside its band'
        : 'as you set it: volume × density',
      inputs: {
        'as a volume': [filling.doseMl, 'ml'],
        density: [model.filling.composition.densityGPerMl, 'gPerMl'],
      },
      source: deadHeat ? 'dead heat' : 'your choice',
      compute: (of) => of['as a volume'] * of.density,
    }),
} satisfies FigureList;
