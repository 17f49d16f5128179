import { liftPull, wetStrength } from '../../hold/lift';
import { moundPerimeter } from '../model/hold';
import { figure } from '../../working/figure';
import { NO_END } from '../../risk/margins';
import type { FigureList } from './asked';

const SEEP = 'diffusion through the sheet, its face at the filling by its free water';

/** From closing to the pot: seal, hold, lift. */
export const holdFigures = {
  sealMargin: ({ model }) => {
    const { medium, faces } = model.plan.hold;
    const { rules } = model.basis;
    return figure({
      label: 'Seal against what the pot asks',
      unit: 'ratio',
      kind: 'rule',
      formula: 'wetting × faces ÷ what opens',
      inputs: {
        wetting: [rules[`seal.medium.${medium}`].value, 'ratio'],
        faces: [rules[`seal.face.${faces}`].value, 'ratio'],
        'opens at': [rules['seal.holds'].value, 'ratio'],
      },
      source: 'craft rule',
      compute: (of) => (of.wetting * of.faces) / of['opens at'],
      times: [0.85, 1.15],
    });
  },
  goodFor: ({ model, figures: { hold, sheet, filling } }) =>
    figure({
      label: hold.goodFor ? 'Keeps' : 'Keeps, frozen, all of its',
      unit: 'min',
      kind: 'rule',
      formula: 'until the under-face is tacky, or the safe limit, each place at its own pace',
      inputs: {
        thickness: [sheet.thicknessMm, 'mm'],
        'free water': [filling.freeWaterShare, 'share'],
        'water in the dough': [model.sheet.moisture, 'share'],
        'tacky at': [hold.tackyAt, 'share'],
        'as planned it comes to': [hold.faceMoisture, 'share'],
      },
      source: SEEP,
      compute: () => hold.goodFor?.minute ?? hold.plannedMin,
      times: [0.6, 1.6],
    }),
  seepMargin: ({ figures: { hold } }) =>
    figure({
      label: 'Keeping time against the plan',
      unit: 'ratio',
      kind: 'rule',
      formula: 'minutes it keeps ÷ minutes planned',
      inputs: {
        ...(hold.goodFor && { keeps: [hold.goodFor.minute, 'min'] as const }),
        planned: [hold.plannedMin, 'min'],
      },
      source: SEEP,
      compute: (of: Record<string, number>) =>
        of.planned! > 0 && of.keeps !== undefined ? of.keeps / of.planned! : NO_END,
      times: [0.6, 1.6],
    }),
  liftMargin: ({ model, figures: { hold, dough, shape } }) => {
    const gained = hold.faceMoisture - model.sheet.moisture;
    return figure({
      label: 'Wet dough against its piece',
      unit: 'ratio',
      kind: 'rule',
      formula: 'strength × e^(−water gained ÷ 0.03) ÷ (weight ÷ (mound round × dough there))',
      inputs: {
        strength: [dough.strengthKPa, 'kPa'],
        'water gained': [gained, 'share'],
        weight: [dough.perPieceG + shape.doseG, 'g'],
        'mound round': [moundPerimeter(shape.mound), 'mm'],
        'dough there': [shape.overTopMm, 'mm'],
      },
      source: 'law of a hanging weight on the rule for strength',
      compute: (of) =>
        wetStrength(of.strength, of['water gained'], model.basis.rules) /
        liftPull({
          pieceG: of.weight,
          perimeterMm: of['mound round'],
          thicknessMm: of['dough there'],
        }),
      times: [0.6, 1.6],
    });
  },
} satisfies FigureList;
