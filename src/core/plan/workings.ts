import type { Working } from '../working/working';
import { input } from '../working/working';
import { FINISHES } from '../shapes/finish';
import { TEAR_THICKNESS_MM } from '../shapes/mound';
import type { PlanContext } from './context';
import type { PlanFigures } from './figures';

/** Every figure of the plan that can be opened, with its working. */
export function workingsOf(context: PlanContext, figures: PlanFigures) {
  return {
    ...countWorkings(context, figures),
    ...doughWorkings(context, figures),
    ...fillingWorkings(context, figures),
    ...sheetWorkings(context, figures),
    ...shapeWorkings(context, figures),
  } satisfies Record<string, Working>;
}

/** Names of the figures that carry a working. */
export type WorkingId = keyof ReturnType<typeof workingsOf>;

const GEOMETRY = 'geometry';
const BALANCE = 'mass balance';

function countWorkings({ plan, terms }: PlanContext, f: PlanFigures) {
  const { batch } = plan;
  const lost = terms.fillingLoss;
  const piecesFormula = {
    portions: 'portions × pieces each ÷ (1 − breakage), rounded up, + pieces to taste',
    dough: '(dough in hand − end trim) × yield × (1 − stuck) ÷ dough per piece, whole pieces',
    filling: 'filling in hand, less what the bowl keeps, ÷ dose, whole pieces',
    both: 'the fewer of what the dough and what the filling give',
  }[batch.wayIn];
  const inHand =
    batch.wayIn === 'portions'
      ? [input('portions', batch.portions, 'count'), input('pieces each', batch.piecesPerPortion, 'count')]
      : [
          ...(batch.wayIn !== 'filling' ? [input('dough in hand', batch.doughInHandG, 'g')] : []),
          ...(batch.wayIn !== 'dough' ? [input('filling in hand', batch.fillingInHandG, 'g')] : []),
        ];
  const perPiece = [
    input('pieces', f.pieces, 'count'),
    input('dough per piece', f.dough.perPieceG, 'g'),
    input('yield', f.yield, 'share'),
    input('stuck', terms.stuckShare, 'share'),
    input('end trim', terms.endTrimG, 'g'),
  ];
  return {
    pieces: {
      label: 'Pieces to make',
      value: f.pieces,
      unit: 'count',
      kind: 'law',
      formula: piecesFormula,
      inputs: [
        ...inHand,
        input('breakage', terms.breakageShare, 'share'),
        input('pieces to taste', terms.tasted, 'count'),
      ],
      source: 'counting; breakage is the share you set',
    },
    yield: {
      label: 'Rolled dough that ends in blanks',
      value: f.yield,
      unit: 'share',
      kind: 'law',
      formula: 'u × Σ (q (1 − u))ⁱ for i = 0 … rerolls',
      inputs: [
        input('u, share of sheet used', terms.usedShare, 'share'),
        input('q, trim fit to reroll', terms.trimUsable, 'share'),
        input('rerolls', terms.rerolls, 'count'),
      ],
      source: BALANCE,
    },
    doughTotal: {
      label: batch.wayIn === 'dough' || batch.wayIn === 'both' ? 'Dough in hand' : 'Dough to make',
      value: f.dough.totalG,
      unit: 'g',
      kind: batch.wayIn === 'dough' || batch.wayIn === 'both' ? 'choice' : 'law',
      formula: 'pieces × dough per piece ÷ (yield × (1 − stuck)) + end trim',
      inputs: perPiece,
      source: BALANCE,
    },
    fillingTotal: {
      label: batch.wayIn === 'filling' || batch.wayIn === 'both' ? 'Filling in hand' : 'Filling to make',
      value: f.filling.totalG,
      unit: 'g',
      kind: batch.wayIn === 'filling' || batch.wayIn === 'both' ? 'choice' : 'law',
      formula: lost.kind === 'bowl' ? 'pieces × dose ÷ (1 − left in the bowl)' : 'pieces × dose + left in the bag',
      inputs: [
        input('pieces', f.pieces, 'count'),
        input('dose', f.filling.perPieceG, 'g'),
        lost.kind === 'bowl'
          ? input('left in the bowl', lost.share, 'share')
          : input('left in the bag', lost.g, 'g'),
      ],
      source: BALANCE,
    },
    leftoverDough: {
      label: 'Dough left over',
      value: f.leftover.doughG,
      unit: 'g',
      kind: 'law',
      formula: 'dough in − dough the whole pieces use',
      inputs: [input('dough in', f.dough.totalG, 'g'), ...perPiece],
      source: BALANCE,
    },
    leftoverFilling: {
      label: 'Filling left over',
      value: f.leftover.fillingG,
      unit: 'g',
      kind: 'law',
      formula: 'filling in − filling the whole pieces use, the bowl’s share counted',
      inputs: [
        input('filling in', f.filling.totalG, 'g'),
        input('pieces', f.pieces, 'count'),
        input('dose', f.filling.perPieceG, 'g'),
        input('stays in bowl or bag', f.ledger.filling.inBowlG, 'g'),
      ],
      source: BALANCE,
    },
    ratio: {
      label: 'Dough to filling in one piece',
      value: f.ratio,
      unit: 'ratio',
      kind: 'law',
      formula: 'dough per piece ÷ dose',
      inputs: [input('dough per piece', f.dough.perPieceG, 'g'), input('dose', f.filling.perPieceG, 'g')],
      source: BALANCE,
    },
  } satisfies Record<string, Working>;
}

function doughWorkings({ plan, hydration: h }: PlanContext, f: PlanFigures) {
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
    doughPerPiece: {
      label: 'Dough in one piece',
      value: f.dough.perPieceG,
      unit: 'g',
      kind: 'law',
      formula: 'density × thickness × flat area of all layers',
      inputs: [
        input('density', 1.2, 'gPerMl'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
        input('flat area', (f.dough.perPieceG * 1000) / (1.2 * f.sheet.thicknessMm), 'mm2'),
      ],
      source: GEOMETRY,
    },
  } satisfies Record<string, Working>;
}

function fillingWorkings({ plan, composition: c }: PlanContext, f: PlanFigures) {
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
    stiffness: {
      label: 'Stiffness',
      value: f.filling.yieldStressPa,
      unit: 'Pa',
      kind: f.filling.measured ? 'choice' : 'rule',
      formula: f.filling.measured ? 'as measured by the spoon test' : '900 × e^(−20 (free water − 0.02)) × texture',
      inputs: [input('free water', c.freeWaterShare, 'share'), input('texture', plan.filling.texture)],
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
      formula: f.deadHeat ? 'filling that reaches the pieces ÷ pieces the dough gives' : 'as you set it',
      inputs: [input('as a volume', f.filling.doseMl, 'ml'), input('density', c.densityGPerMl, 'gPerMl')],
      source: f.deadHeat ? 'dead heat' : 'your choice',
    },
  } satisfies Record<string, Working>;
}

function sheetWorkings({ plan }: PlanContext, f: PlanFigures) {
  return {
    thickness: {
      label: 'Sheet thickness',
      value: f.sheet.thicknessMm,
      unit: 'mm',
      kind: 'choice',
      formula: 'nearest step of the dial, spring-back not counted',
      inputs: [
        input('roller', plan.sheet.roller.name),
        input('step', f.sheet.setting),
        input('that step leaves', f.sheet.nearestMm, 'mm'),
      ],
      source: 'roller profile; a weighed strip measures your own',
      range: f.sheet.bandMm,
    },
    sheetLength: {
      label: 'Length of one sheet',
      value: f.sheet.lengthMm,
      unit: 'mm',
      kind: 'law',
      formula: 'mass ÷ (density × width × thickness)',
      inputs: [
        input('mass of one', f.sheet.massG, 'g'),
        input('density', 1.2, 'gPerMl'),
        input('width', f.sheet.widthMm, 'mm'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
      ],
      source: BALANCE,
    },
    sheets: {
      label: 'Sheets to roll',
      value: f.sheet.count,
      unit: 'count',
      kind: 'law',
      formula: 'length of all the dough ÷ longest sheet, rounded up',
      inputs: [
        input('length of all', f.sheet.count * f.sheet.lengthMm, 'mm'),
        input('longest sheet', plan.sheet.benchMm, 'mm'),
      ],
      source: BALANCE,
    },
  } satisfies Record<string, Working>;
}

function shapeWorkings({ piece }: PlanContext, f: PlanFigures) {
  const { family, finish, thicknessMm } = piece;
  const { mound } = f.shape;
  const settled = mound.slumpedRadiusMm > mound.laidRadiusMm;
  return {
    mound: {
      label: mound.form === 'log' ? 'Width of the log, settled' : 'Mound across, settled',
      value: 2 * mound.radiusMm,
      unit: 'mm',
      kind: 'rule',
      formula: `2 × the larger of as laid and settled; here ${settled ? 'it settles wider' : 'as laid'}`,
      inputs: [
        input('volume', mound.volumeMm3 / 1000, 'ml'),
        input('radius as laid', mound.laidRadiusMm, 'mm'),
        input('radius settled', mound.slumpedRadiusMm, 'mm'),
        input('stiffness', f.filling.yieldStressPa, 'Pa'),
      ],
      source: 'spread of a yield-stress paste (Roussel & Coussot 2005) on rules for laid height',
      range: [2 * mound.radiusMm * 0.92, 2 * mound.radiusMm * 1.08],
    },
    lip: {
      label: 'Lip',
      value: f.shape.lipMm,
      unit: 'mm',
      kind: 'law',
      formula: family.lipFormula,
      inputs: [
        ...family.dimensions.map(({ key, label }) => input(label.toLowerCase(), f.shape[key], 'mm')),
        input('radius of the settled mound', mound.radiusMm, 'mm'),
      ],
      source: GEOMETRY,
    },
    lipNeeded: {
      label: 'Lip needed',
      value: f.shape.neededLipMm,
      unit: 'mm',
      kind: 'rule',
      formula: 'width of the finish + 2 × thickness',
      inputs: [
        input(`${FINISHES[finish].name.toLowerCase()} needs`, FINISHES[finish].widthMm, 'mm'),
        input('thickness', thicknessMm, 'mm'),
      ],
      source: 'craft rule',
      range: [f.shape.neededLipMm * 0.85, f.shape.neededLipMm * 1.2],
    },
    lipMargin: {
      label: 'Lip against what it needs',
      value: f.margins.lip,
      unit: 'ratio',
      kind: 'rule',
      formula: 'lip ÷ lip needed; below 1 it fails, below 1.15 it is on the edge',
      inputs: [input('lip', f.shape.lipMm, 'mm'), input('needed', f.shape.neededLipMm, 'mm')],
      source: 'craft rule over geometry',
    },
    overTop: {
      label: 'Dough over the top',
      value: f.shape.overTopMm,
      unit: 'mm',
      kind: 'rule',
      formula: 'thickness ÷ (1 + c × (λ − 1))',
      inputs: [
        input('thickness', thicknessMm, 'mm'),
        input('λ, dome to footprint', mound.areaRatio, 'ratio'),
        input('c', mound.drape, 'ratio'),
      ],
      source: 'area of the dome; c is a craft rule',
    },
    thinningMargin: {
      label: 'Dough over the top against tearing',
      value: f.margins.thinning,
      unit: 'ratio',
      kind: 'rule',
      formula: 'dough over the top ÷ thickness at which it tears',
      inputs: [input('over the top', f.shape.overTopMm, 'mm'), input('tears at', TEAR_THICKNESS_MM, 'mm')],
      source: 'craft rule',
    },
    edge: {
      label: 'Edge after pressing',
      value: f.edge.pressedMm,
      unit: 'mm',
      kind: 'rule',
      formula: '2 × thickness × what the finish leaves',
      inputs: [
        input('thickness', thicknessMm, 'mm'),
        input(`${FINISHES[finish].name.toLowerCase()} leaves`, FINISHES[finish].thicknessFactor, 'share'),
      ],
      source: 'craft rule',
    },
    edgeSoft: {
      label: 'Edge soft after',
      value: f.edge.softMin,
      unit: 'min',
      kind: 'rule',
      formula: '6 × (edge ÷ 2)², wetted from both sides',
      inputs: [input('edge', f.edge.pressedMm, 'mm')],
      source: 'craft rule; bite one to be sure',
      range: [f.edge.softMin * 0.7, f.edge.softMin * 1.4],
    },
    faceSoft: {
      label: 'Face soft after',
      value: f.edge.faceMin,
      unit: 'min',
      kind: 'rule',
      formula: '6 × thickness², wetted from one side',
      inputs: [input('thickness', thicknessMm, 'mm')],
      source: 'craft rule; bite one to be sure',
      range: [f.edge.faceMin * 0.7, f.edge.faceMin * 1.4],
    },
  } satisfies Record<string, Working>;
}
