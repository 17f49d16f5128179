import { input, type Working } from '../../working/working';
import { DOUGH_DENSITY_G_PER_ML } from '../../physics/constants';
import { FINISH_NAMES } from '../../shapes/finish';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { BALANCE, GEOMETRY } from './sources';

/** Workings of the sheet. */
export function sheetWorkings({ plan }: PlanModel, f: PlanFigures) {
  return {
    thickness: {
      label: 'Sheet thickness',
      value: f.sheet.thicknessMm,
      unit: 'mm',
      kind: 'choice',
      formula: 'nearest step of the dial, its gap × (1 + spring-back)',
      inputs: [
        input('roller', plan.sheet.roller.name),
        input('step', f.sheet.setting),
        input('spring-back', f.dough.springBack, 'share'),
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
        input('density', DOUGH_DENSITY_G_PER_ML, 'gPerMl'),
        input('width', f.sheet.widthMm, 'mm'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
      ],
      source: BALANCE,
    },
    sheetMass: {
      label: 'One full sheet weighs',
      value: f.sheet.massG,
      unit: 'g',
      kind: 'law',
      formula: 'density × width × thickness × length',
      inputs: [
        input('density', DOUGH_DENSITY_G_PER_ML, 'gPerMl'),
        input('width', f.sheet.widthMm, 'mm'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
        input('length', f.sheet.lengthMm, 'mm'),
      ],
      source: BALANCE,
    },
    layoutShare: {
      label: 'Share of a sheet that becomes pieces',
      value: f.layout.share,
      unit: 'share',
      kind: 'law',
      formula:
        'pieces × flat area of one ÷ area of the sheet, two sheets when they lie in register',
      inputs: [
        input('pieces', f.layout.pieces, 'count'),
        input('flat area of one', f.layout.laying.pieceAreaMm2, 'mm2'),
        input('length', f.sheet.lengthMm, 'mm'),
        input('width', f.sheet.widthMm, 'mm'),
        input('sheets together', f.layout.laying.sheets, 'count'),
      ],
      source: GEOMETRY,
    },
    openTime: {
      label: 'An uncovered sheet stays open',
      value: f.sheet.fill.openMin,
      unit: 'min',
      kind: 'law',
      formula: '4 % of its water ÷ (h × vapour density × (0.96 − humidity))',
      inputs: [
        input('thickness', f.sheet.thicknessMm, 'mm'),
        input('kitchen', plan.dough.roomC, 'C'),
        input('humidity', plan.sheet.rh, 'share'),
        input('air', plan.sheet.air),
      ],
      source: 'drying from one face; the 4 % is a rule',
      range: [f.sheet.fill.openMin * 0.7, f.sheet.fill.openMin * 1.4],
    },
    fillTime: {
      label: 'Time to fill a sheet',
      value: f.sheet.fill.fillMin,
      unit: 'min',
      kind: 'rule',
      formula: 'pieces × seconds a piece ÷ pairs of hands ÷ 60',
      inputs: [
        input('pieces', f.layout.pieces, 'count'),
        input('seconds a piece', f.sheet.fill.secondsPerPiece, 'count'),
        input('pairs of hands', plan.sheet.people, 'count'),
      ],
      source: 'craft rule; time ten of your own',
      range: [f.sheet.fill.fillMin * 0.7, f.sheet.fill.fillMin * 1.5],
    },
    trim: {
      label: 'Trim fit to use after the last rolling',
      value: f.trim.g,
      unit: 'g',
      kind: 'law',
      formula: 'what each rolling leaves × share fit to use, after the last one',
      inputs: [
        ...f.layout.rollings.map(({ generation, trimG }) =>
          input(generation ? `left by reroll ${generation}` : 'left by the sheets', trimG, 'g'),
        ),
        input('fit to use', plan.batch.trimUsable, 'share'),
      ],
      source: BALANCE,
    },
    salt: {
      label: 'Salt for the pot',
      value: f.saltG,
      unit: 'g',
      kind: 'law',
      formula: 'water × salt per litre',
      inputs: [
        input('water', plan.boil.waterL, 'litre'),
        input('per litre', plan.boil.saltGPerL, 'g'),
      ],
      source: 'your choice of salt',
    },
    sheets: {
      label: 'Sheets to roll',
      value: f.sheet.count,
      unit: 'count',
      kind: 'law',
      formula: 'dough rolled ÷ a full sheet, the short last one and rerolled trim counted',
      inputs: [
        ...f.layout.rollings.flatMap(({ generation, doughG, full, short }) => [
          input(generation ? `trim, reroll ${generation}` : 'dough rolled', doughG, 'g'),
          input('full', full * f.layout.laying.sheets, 'count'),
          input('short', short ? f.layout.laying.sheets : 0, 'count'),
        ]),
        input('a full sheet', f.sheet.massG, 'g'),
      ],
      source: BALANCE,
    },
  } satisfies Record<string, Working>;
}

/** Workings of the piece: mound, lip, dome, edge. */
export function shapeWorkings(
  { piece: { input: piece }, basis: { rules } }: PlanModel,
  f: PlanFigures,
) {
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
        ...family.dimensions.map(({ key, label }) =>
          input(label.toLowerCase(), f.shape[key], 'mm'),
        ),
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
        input(
          `${FINISH_NAMES[finish].toLowerCase()} needs`,
          rules[`shape.finish.${finish}`].value,
          'mm',
        ),
        input('thickness', thicknessMm, 'mm'),
      ],
      source: 'craft rule',
      range: [f.shape.neededLipMm * 0.85, f.shape.neededLipMm * 1.2],
    },
    lipMargin: {
      label: 'Lip against what it needs',
      value: Math.max(0, f.shape.lipMm) / f.shape.neededLipMm,
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
      value: f.shape.overTopMm / rules['shape.tears'].value,
      unit: 'ratio',
      kind: 'rule',
      formula: 'dough over the top ÷ thickness at which it tears',
      inputs: [
        input('over the top', f.shape.overTopMm, 'mm'),
        input('tears at', rules['shape.tears'].value, 'mm'),
      ],
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
        input(
          `${FINISH_NAMES[finish].toLowerCase()} leaves`,
          rules[`shape.edge.${finish}`].value,
          'share',
        ),
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
