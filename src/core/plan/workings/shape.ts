import { FINISH_NAMES, neededLip, pressedEdge } from '../../shapes/finish';
import { thicknessOverDome } from '../../shapes/mound';
import { figure, type FigureInput } from '../../working/figure';
import type { FigureList } from './asked';
import { GEOMETRY } from './asked';

/** The piece: mound, lip, dome, edge. */
export const shapeFigures = {
  mound: ({ figures: { shape, filling } }) => {
    const { mound } = shape;
    const settles = mound.slumpedRadiusMm > mound.laidRadiusMm;
    return figure({
      label: {
        cap: 'Mound across, settled',
        lump: 'Lump from fold to front, settled',
        log: 'Width of the log, settled',
      }[mound.form],
      unit: 'mm',
      kind: 'rule',
      formula:
        mound.pocketShare === null
          ? `2 × the larger of as laid and settled; here ${settles ? 'it settles wider' : 'as laid'}`
          : '2 × the pocket’s half, or wider where it is overfull',
      inputs: {
        ...(mound.pocketShare === null && { 'half as laid': [mound.laidRadiusMm, 'mm'] as const }),
        'half as settled': [mound.slumpedRadiusMm, 'mm'],
        volume: [mound.volumeMm3 / 1000, 'ml'],
        stiffness: [filling.yieldStressPa, 'Pa'],
      },
      source: 'spread of a yield-stress paste (Roussel & Coussot 2005) on rules for laid height',
      compute: (of: Record<string, number>) =>
        2 * Math.max(of['half as laid'] ?? 0, of['half as settled']!),
      times: [0.92, 1.08],
    });
  },
  lip: ({ model, figures: { shape } }) => {
    const { family, size } = model.piece.input;
    const measures = family.dimensions.map(({ key, label }): [string, FigureInput] => [
      label.toLowerCase(),
      [shape[key], 'mm'],
    ]);
    const { mound } = shape;
    return figure({
      label: 'Lip',
      unit: 'mm',
      kind: 'law',
      formula: family.lipFormula,
      inputs: {
        ...Object.fromEntries(measures),
        'half of the settled mound': [mound.radiusMm, 'mm'],
        ...(mound.form === 'lump' && {
          'half its length': [mound.halfLengthMm, 'mm'] as const,
          'half its thickness': [mound.heightMm, 'mm'] as const,
        }),
        ...(mound.form === 'log' && { 'its height': [mound.heightMm, 'mm'] as const }),
      },
      source: GEOMETRY,
      compute: (of: Record<string, number>) =>
        family.lipMm(size, { ...mound, radiusMm: of['half of the settled mound']! }),
    });
  },
  lipNeeded: ({ model, figures: { sheet } }) => {
    const { finish } = model.piece.input;
    const { rules } = model.basis;
    const mould = finish === 'mould';
    return figure({
      label: 'Lip needed',
      unit: 'mm',
      kind: 'rule',
      formula: mould ? 'a ridge’s width a side' : 'width of the finish + thickness',
      inputs: {
        [`${FINISH_NAMES[finish].toLowerCase()} needs`]: [
          rules[`shape.finish.${finish}`].value,
          'mm',
        ],
        ...(!mould && { thickness: [sheet.thicknessMm, 'mm'] as const }),
      },
      source: 'craft rule: lips of batches that are cooked whole',
      compute: (of: Record<string, number>) => neededLip(finish, of.thickness ?? 0, rules),
      times: [0.85, 1.2],
    });
  },
  lipMargin: ({ figures: { shape } }) =>
    figure({
      label: 'Lip against what it needs',
      unit: 'ratio',
      kind: 'rule',
      formula: 'lip ÷ lip needed; below 1 it fails, below 1.15 it is on the edge',
      inputs: { lip: [shape.lipMm, 'mm'], needed: [shape.neededLipMm, 'mm'] },
      source: 'craft rule over geometry',
      compute: (of) => Math.max(0, of.lip) / of.needed,
    }),
  overTop: ({ figures: { shape, sheet } }) =>
    figure({
      label: 'Dough over the top',
      unit: 'mm',
      kind: 'rule',
      formula: 'thickness ÷ (1 + c × (λ − 1))',
      inputs: {
        thickness: [sheet.thicknessMm, 'mm'],
        'λ, dome to footprint': [shape.mound.areaRatio, 'ratio'],
        c: [shape.mound.drape, 'ratio'],
      },
      source: 'area of the dome; c is a craft rule: 0 where the dough only wraps',
      compute: (of) =>
        thicknessOverDome(of.thickness, {
          areaRatio: of['λ, dome to footprint'],
          drape: of.c,
        }),
    }),
  thinningMargin: ({ model, figures: { shape } }) =>
    figure({
      label: 'Dough over the top against tearing',
      unit: 'ratio',
      kind: 'rule',
      formula: 'dough over the top ÷ thickness at which it tears',
      inputs: {
        'over the top': [shape.overTopMm, 'mm'],
        'tears at': [model.basis.rules['shape.tears'].value, 'mm'],
      },
      source: 'craft rule',
      compute: (of) => of['over the top'] / of['tears at'],
    }),
  edge: ({ model, figures: { sheet } }) => {
    const { finish } = model.piece.input;
    const { rules } = model.basis;
    return figure({
      label: 'Edge after pressing',
      unit: 'mm',
      kind: 'rule',
      formula: '2 × thickness × what the finish leaves',
      inputs: {
        thickness: [sheet.thicknessMm, 'mm'],
        [`${FINISH_NAMES[finish].toLowerCase()} leaves`]: [
          rules[`shape.edge.${finish}`].value,
          'share',
        ],
      },
      source: 'craft rule',
      compute: (of: Record<string, number>) => pressedEdge(finish, of.thickness!, rules),
    });
  },
} satisfies FigureList;
