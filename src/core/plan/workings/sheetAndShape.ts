import { input, type Working } from '../../working/working';
import { DOUGH_DENSITY_G_PER_ML } from '../../constants';
import { FINISHES } from '../../shapes/finish';
import { TEAR_THICKNESS_MM } from '../../shapes/mound';
import type { PlanContext } from '../context';
import type { PlanFigures } from '../figures';
import { BALANCE, GEOMETRY } from './sources';

/** Workings of the sheet. */
export function sheetWorkings({ plan }: PlanContext, f: PlanFigures) {
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
        input('density', DOUGH_DENSITY_G_PER_ML, 'gPerMl'),
        input('width', f.sheet.widthMm, 'mm'),
        input('thickness', f.sheet.thicknessMm, 'mm'),
      ],
      source: BALANCE,
    },
    sheetMass: {
      label: 'One sheet weighs',
      value: f.sheet.massG,
      unit: 'g',
      kind: 'law',
      formula: 'dough that is rolled ÷ sheets',
      inputs: [
        input('dough rolled', f.sheet.count * f.sheet.massG, 'g'),
        input('sheets', f.sheet.count, 'count'),
      ],
      source: BALANCE,
    },
    sheetDrawn: {
      label: 'Share of a sheet that the drawn pattern uses',
      value: f.sheet.gridShare,
      unit: 'share',
      kind: 'law',
      formula: 'blanks × area of a blank × layers ÷ area of the sheet',
      inputs: [
        input('blanks', f.sheet.grid.count, 'count'),
        input('along', f.sheet.blank.alongMm, 'mm'),
        input('across', f.sheet.blank.acrossMm, 'mm'),
        input('layers', f.sheet.blank.layers, 'count'),
      ],
      source: GEOMETRY,
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
      formula: 'length of all the dough ÷ longest sheet, rounded up',
      inputs: [
        input('length of all', f.sheet.count * f.sheet.lengthMm, 'mm'),
        input('longest sheet', plan.sheet.benchMm, 'mm'),
      ],
      source: BALANCE,
    },
  } satisfies Record<string, Working>;
}

/** Workings of the piece: mound, lip, dome, edge. */
export function shapeWorkings({ piece }: PlanContext, f: PlanFigures) {
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
      inputs: [
        input('over the top', f.shape.overTopMm, 'mm'),
        input('tears at', TEAR_THICKNESS_MM, 'mm'),
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
          `${FINISHES[finish].name.toLowerCase()} leaves`,
          FINISHES[finish].thicknessFactor,
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
