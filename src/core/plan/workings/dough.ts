import { development } from '../../dough/development';
import { holdBack } from '../../dough/holdBack';
import { relaxationLeft, restWanted } from '../../dough/relaxation';
import { sheetTraits } from '../../dough/sheetStrength';
import { targetHydration } from '../../dough/targetHydration';
import { DOUGH_DENSITY_G_PER_ML } from '../../physics/constants';
import { LAST_REPEATS } from '../../sheet/passes';
import { springBack } from '../../sheet/springBack';
import { strengthFromHang } from '../../sheet/strengthFromHang';
import { figure } from '../../working/figure';
import type { FigureList } from './asked';
import { BALANCE, GEOMETRY } from './asked';

/** The dough: its water, what to weigh, how it is worked and how it rolls. */
export const doughFigures = {
  hydration: ({ model, figures: { dough } }) =>
    figure({
      label: 'Hydration',
      unit: 'share',
      kind: 'law',
      formula: 'water in all that is not flour ÷ flour',
      inputs: {
        water: [dough.now.waterG, 'g'],
        flour: [dough.now.flourG, 'g'],
        ...(model.plan.dough.rh !== undefined && {
          'of it, from the weather': [dough.now.weatherWaterG, 'g'] as const,
        }),
      },
      source: 'composition tables; damp flour after the Oswin isotherm',
      compute: (of) => of.water / of.flour,
    }),
  hydrationTarget: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    const r = (id: 'base' | 'eggDrop' | 'eggFull' | 'fat') => rules[`dough.target.${id}`].value;
    const { style } = model.plan.dough;
    return figure({
      label: 'Target hydration',
      unit: 'share',
      kind: 'rule',
      formula: `${r('base')} − ${r('eggDrop')} × smoothstep(s ÷ ${r('eggFull')}) + absorption + style − ${r('fat')} × f`,
      inputs: {
        's, egg solids to flour': [dough.now.eggSolidsRatio, 'share'],
        'f, fat to flour': [dough.now.fatRatio, 'share'],
        'absorption of the flours': [dough.now.absorption, 'ratio'],
        'style shift': [rules[`dough.style.${style}`].value, 'ratio'],
      },
      source: 'craft rule; whole egg near 39 %, yolk near 37 %, water near 49 %',
      compute: (of) =>
        targetHydration(
          {
            eggSolidsRatio: of['s, egg solids to flour'],
            fatRatio: of['f, fat to flour'],
            absorption: of['absorption of the flours'] + of['style shift'],
            style: 'plain',
          },
          rules,
        ),
      range: [dough.now.low, dough.now.high],
    });
  },
  addWater: ({ figures: { dough } }) =>
    figure({
      label: 'Water to the target',
      unit: 'g',
      kind: 'law',
      formula: '(target − hydration) × flour, for this batch',
      inputs: {
        target: [dough.now.target, 'share'],
        hydration: [dough.now.hydration, 'share'],
        'flour in this batch': [dough.weighedG > 0 ? dough.now.flourG : 0, 'g'],
      },
      source: BALANCE,
      compute: (of) => (of.target - of.hydration) * of['flour in this batch'],
    }),
  addFlour: ({ figures: { dough } }) => {
    const batch = dough.weighedG > 0 ? 1 : 0;
    return figure({
      label: 'Flour to the target',
      unit: 'g',
      kind: 'law',
      formula: 'water ÷ target − flour, for this batch',
      inputs: {
        'water in this batch': [batch * dough.now.waterG, 'g'],
        target: [dough.now.target, 'share'],
        'flour in this batch': [batch * dough.now.flourG, 'g'],
      },
      source: BALANCE,
      compute: (of) => of['water in this batch'] / of.target - of['flour in this batch'],
    });
  },
  doughScale: ({ figures: { dough } }) =>
    figure({
      label: 'Your dough recipe, times',
      unit: 'ratio',
      kind: 'law',
      formula: 'dough for this batch ÷ what the recipe makes',
      inputs: {
        'this batch': [dough.weighedG, 'g'],
        'the recipe makes': [dough.recipeG, 'g'],
      },
      source: BALANCE,
      compute: (of) => of['this batch'] / of['the recipe makes'],
    }),
  doughPerPiece: ({ model, figures: { dough, sheet } }) => {
    const { family, size } = model.piece.input;
    return figure({
      label: 'Dough in one piece',
      unit: 'g',
      kind: 'law',
      formula: `density × thickness × flat area of all layers (${family.areaFormula})`,
      inputs: {
        density: [DOUGH_DENSITY_G_PER_ML, 'gPerMl'],
        thickness: [sheet.thicknessMm, 'mm'],
        'flat area': [family.flatAreaMm2(size), 'mm2'],
      },
      source: GEOMETRY,
      compute: (of) =>
        dough.perPieceG === 0 ? 0 : (of.density * of.thickness * of['flat area']) / 1000,
    });
  },
  doughWeighed: ({ figures: { dough } }) =>
    figure({
      label: 'Dough to weigh out',
      unit: 'g',
      kind: 'law',
      formula: 'dough of the batch − what corrections put in since',
      inputs: {
        'dough of the batch': [dough.totalG, 'g'],
        'corrections: flour': [dough.corrected.flourG, 'g'],
        'corrections: water': [dough.corrected.waterG, 'g'],
      },
      source: BALANCE,
      compute: (of) =>
        of['dough of the batch'] - of['corrections: flour'] - of['corrections: water'],
    }),
  holdBack: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    const flourKept = model.plan.dough.rh === undefined ? 'sealed' : 'open';
    return figure({
      label: 'Flour to hold back',
      unit: 'g',
      kind: 'rule',
      formula: '√((spread of the egg’s water)² + (spread of the flour’s moisture)²) ÷ target',
      inputs: {
        'water in the egg': [dough.eggWaterG, 'g'],
        'flour weighed': [dough.weighedG > 0 ? dough.now.flourG - dough.corrected.flourG : 0, 'g'],
        'spread of the egg': [rules['dough.holdBack.egg'].value, 'share'],
        'spread of the flour': [rules[`dough.holdBack.${flourKept}`].value, 'share'],
        target: [dough.now.target, 'share'],
      },
      source: 'craft rule: what eggs and weather may bring short',
      compute: (of) =>
        holdBack(
          {
            flourG: of['flour weighed'],
            eggWaterG: of['water in the egg'],
            target: of.target,
            flourKept,
          },
          rules,
        ),
    });
  },
  weatherWater: ({ model, figures: { dough } }) =>
    figure({
      label: 'Water the weather put into the flour',
      unit: 'g',
      kind: 'law',
      formula: 'flour × (moisture at this humidity − moisture in the table)',
      inputs: {
        flour: [dough.weighedG > 0 ? dough.now.flourG : 0, 'g'],
        'more than in the table': [dough.now.weatherWaterG / dough.now.flourG, 'share'],
        'air humidity': [model.plan.dough.rh ?? 'flour sealed', 'share'],
      },
      source: 'Oswin isotherm, fitted constants',
      compute: (of) => of.flour * of['more than in the table'],
    }),
  gluten: ({ model, figures: { dough } }) =>
    figure({
      label: 'Gluten, of a wheat sheet',
      unit: 'share',
      kind: 'table',
      formula: 'Σ flour × protein × gluten quality ÷ flour, against a wheat sheet’s',
      inputs: {
        'gluten ratio': [dough.makeup.glutenRatio, 'ratio'],
        'of a wheat sheet': [model.basis.rules['dough.gluten.reference'].value, 'ratio'],
      },
      source: 'ingredient table',
      compute: (of) => of['gluten ratio'] / of['of a wheat sheet'],
    }),
  yolk: ({ model, figures: { dough } }) =>
    figure({
      label: 'Yolk in the egg',
      unit: 'share',
      kind: 'law',
      formula: '(yolks + whole eggs × yolk ÷ egg) ÷ all egg',
      inputs: {
        'all yolk to all egg': [dough.makeup.yolkShare ?? 0, 'share'],
        'an egg': [model.plan.dough.eggG, 'g'],
        'its yolk': [model.plan.dough.yolkG, 'g'],
      },
      source: 'your eggs',
      compute: (of) => of['all yolk to all egg'],
    }),
  fat: ({ figures: { dough } }) =>
    figure({
      label: 'Fat in the dough',
      unit: 'share',
      kind: 'table',
      formula: 'Σ amount × fat ÷ dough',
      inputs: {
        'fat in it': [dough.makeup.fatShare * dough.makeup.massG, 'g'],
        dough: [dough.makeup.massG, 'g'],
      },
      source: 'ingredient table',
      compute: (of) => of['fat in it'] / of.dough,
    }),
  strength: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    const { hangMm } = model.plan.dough;
    const common = { label: 'Strength of the sheet', unit: 'kPa' } as const;
    if (hangMm !== undefined) {
      return figure({
        ...common,
        kind: 'law',
        formula: 'density × gravity × length at which a strip tears',
        inputs: {
          'strip tears at': [hangMm, 'mm'],
          density: [DOUGH_DENSITY_G_PER_ML, 'gPerMl'],
        },
        source: 'your hanging strip',
        compute: (of) => strengthFromHang(of['strip tears at']),
      });
    }
    const r = (id: string) => rules[id as keyof typeof rules].value;
    return figure({
      ...common,
      kind: 'rule',
      formula: `${r('dough.strength')} × gluten^${r('dough.strength.gluten')} × development × e^(−too soft ÷ ${r('dough.strength.wet')}) × (1 − ${r('dough.strength.fat')} × fat); too soft counts from ${r('dough.band.asItShouldBe')} over the target`,
      inputs: {
        'gluten ratio': [dough.makeup.glutenRatio, 'ratio'],
        development: [dough.ready.development, 'ratio'],
        'over the target by': [dough.now.hydration - dough.now.target, 'share'],
        fat: [dough.makeup.fatShare, 'share'],
      },
      source: 'craft rule; a hanging strip measures it',
      compute: (of) =>
        sheetTraits(
          {
            glutenRatio: of['gluten ratio'],
            development: of.development,
            over: of['over the target by'],
            fatShare: of.fat,
          },
          rules,
        ).strengthKPa,
      times: [0.6, 1.5],
    });
  },
  stretch: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    return figure({
      label: 'Stretch before it tears',
      unit: 'share',
      kind: 'rule',
      formula: `${rules['dough.stretch'].value} × development × e^(−too stiff ÷ ${rules['dough.stretch.dry'].value}); too stiff counts from ${rules['dough.band.asItShouldBe'].value} under the target`,
      inputs: {
        development: [dough.ready.development, 'ratio'],
        'over the target by': [dough.now.hydration - dough.now.target, 'share'],
      },
      source: 'craft rule',
      compute: (of) =>
        sheetTraits(
          {
            glutenRatio: 0,
            development: of.development,
            over: of['over the target by'],
            fatShare: 0,
          },
          rules,
        ).stretch,
      times: [0.7, 1.3],
    });
  },
  springBack: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    const { speed, passes } = model.plan.sheet;
    const r = (id: string) => rules[id as keyof typeof rules].value;
    const rested = r('sheet.springBack.rested');
    return figure({
      label: 'Springs back after the roller',
      unit: 'share',
      kind: 'rule',
      formula: `${r('sheet.springBack')} × gluten ÷ ${r('dough.gluten.reference')} × development × (${rested} + ${1 - rested} × spring left) × ${r('sheet.springBack.again')}^(passes − 1) × speed`,
      inputs: {
        'gluten ratio': [dough.makeup.glutenRatio, 'ratio'],
        development: [dough.ready.development, 'ratio'],
        'spring left': [dough.ready.relaxationLeft, 'share'],
        'passes at the last setting': [LAST_REPEATS[passes], 'count'],
        speed: [r(`sheet.speed.${speed}`), 'ratio'],
      },
      source: 'craft rule; a strip test shows the truth',
      compute: (of) =>
        springBack(
          {
            glutenRatio: of['gluten ratio'],
            development: of.development,
            relaxationLeft: of['spring left'],
            repeats: of['passes at the last setting'],
            speed,
          },
          rules,
        ),
      times: [0.5, 1.7],
    });
  },
  readiness: ({ model, figures: { dough } }) => {
    const { rules } = model.basis;
    const { work } = dough;
    const enough = rules['dough.knead.enough'].value;
    const rested = rules['dough.rest.enough'].value;
    return figure({
      label: 'Ready to roll',
      unit: 'share',
      kind: 'rule',
      formula: `kneaded ÷ ${enough} × (1 − spring left) ÷ ${1 - rested}, neither above 1; kneaded by ${work.by}, spring left e^(−rest ÷ τ)`,
      inputs: {
        'minutes kneaded': [work.kneadMin, 'min'],
        'minutes rested': [work.restMin, 'min'],
        at: [work.restC, 'C'],
      },
      source:
        'craft rules: kneading by e^(−minutes ÷ τ), rest twice as slow for every 10 °C colder',
      compute: (of) =>
        Math.min(
          1,
          development({ by: work.by, minutes: of['minutes kneaded'], folds: 0 }, rules) / enough,
        ) *
        Math.min(
          1,
          (1 - relaxationLeft({ minutes: of['minutes rested'], tempC: of.at }, rules)) /
            (1 - rested),
        ),
    });
  },
  earliest: ({ model, figures: { dough } }) =>
    figure({
      label: 'Earliest to roll, from wetting the flour',
      unit: 'min',
      kind: 'rule',
      formula: 'minutes of kneading, enough of it, + rest until a fifth of the spring is left',
      inputs: {
        'kneading wanted': [dough.ready.kneadWantedMin, 'min'],
        kneaded: [dough.work.kneadMin, 'min'],
        'rested at': [dough.work.restC, 'C'],
      },
      source: 'craft rules',
      compute: (of) =>
        Math.max(of.kneaded, of['kneading wanted']) +
        restWanted(of['rested at'], model.basis.rules),
      times: [0.7, 1.5],
    }),
  whites: ({ model, figures: { dough } }) =>
    figure({
      label: 'Whites left over',
      unit: 'g',
      kind: 'law',
      formula: 'yolks used alone × (egg − yolk), less the whites in the recipe',
      inputs: {
        'whites left': [dough.whites.count, 'count'],
        'a white': [model.plan.dough.eggG - model.plan.dough.yolkG, 'g'],
      },
      source: 'your eggs',
      compute: (of) => of['whites left'] * of['a white'],
    }),
} satisfies FigureList;
