import { DOUGH_DENSITY_G_PER_ML } from '../../physics/constants';
import { openTime } from '../../sheet/openTime';
import { figure, type FigureInput } from '../../working/figure';
import type { FigureList } from './asked';
import { BALANCE, GEOMETRY } from './asked';

/** The sheet: its thickness, length and weight, its pattern, its time, its trim; and the pot's salt. */
export const sheetFigures = {
  thickness: ({ model, figures: { sheet, dough } }) =>
    figure({
      label: 'Sheet thickness',
      unit: 'mm',
      kind: 'choice',
      formula: 'as you set it; the nearest step of the dial leaves its gap × (1 + spring-back)',
      inputs: {
        thickness: [sheet.thicknessMm, 'mm'],
        roller: [model.plan.sheet.roller.name],
        step: [sheet.setting],
        'spring-back': [dough.springBack, 'share'],
        'that step leaves': [sheet.nearestMm, 'mm'],
      },
      source: 'roller profile; a weighed strip measures your own',
      compute: (of) => of.thickness,
      range: sheet.bandMm,
    }),
  sheetLength: ({ figures: { sheet } }) =>
    figure({
      label: 'Length of one sheet',
      unit: 'mm',
      kind: 'law',
      formula: 'mass ÷ (density × width × thickness)',
      inputs: {
        'mass of one': [sheet.massG, 'g'],
        density: [DOUGH_DENSITY_G_PER_ML, 'gPerMl'],
        width: [sheet.widthMm, 'mm'],
        thickness: [sheet.thicknessMm, 'mm'],
      },
      source: BALANCE,
      compute: (of) => (of['mass of one'] * 1000) / (of.density * of.width * of.thickness),
    }),
  sheetMass: ({ figures: { sheet } }) =>
    figure({
      label: 'One full sheet weighs',
      unit: 'g',
      kind: 'law',
      formula: 'density × width × thickness × length',
      inputs: {
        density: [DOUGH_DENSITY_G_PER_ML, 'gPerMl'],
        width: [sheet.widthMm, 'mm'],
        thickness: [sheet.thicknessMm, 'mm'],
        length: [sheet.lengthMm, 'mm'],
      },
      source: BALANCE,
      compute: (of) => (of.density * of.width * of.thickness * of.length) / 1000,
    }),
  layoutShare: ({ figures: { layout, sheet } }) =>
    figure({
      label: 'Share of a sheet that becomes pieces',
      unit: 'share',
      kind: 'law',
      formula:
        'pieces × flat area of one ÷ area of the sheet, two sheets when they lie in register',
      inputs: {
        pieces: [layout.pieces, 'count'],
        'flat area of one': [layout.laying.pieceAreaMm2, 'mm2'],
        length: [sheet.lengthMm, 'mm'],
        width: [sheet.widthMm, 'mm'],
        'sheets together': [layout.laying.sheets, 'count'],
      },
      source: GEOMETRY,
      compute: (of) =>
        (of.pieces * of['flat area of one']) / (of.length * of.width * of['sheets together']),
    }),
  openTime: ({ model, figures: { sheet } }) => {
    const { plan, basis } = model;
    return figure({
      label: 'An uncovered sheet stays open',
      unit: 'min',
      kind: 'law',
      formula: '4 % of its water ÷ (h × vapour density × (0.96 − humidity))',
      inputs: {
        thickness: [sheet.thicknessMm, 'mm'],
        'water in the dough': [model.sheet.moisture, 'share'],
        kitchen: [plan.dough.roomC, 'C'],
        humidity: [plan.sheet.rh, 'share'],
        air: [plan.sheet.air],
      },
      source: 'drying from one face; the 4 % is a rule',
      compute: (of) =>
        openTime(
          {
            thicknessMm: of.thickness,
            waterShare: of['water in the dough'],
            tempC: of.kitchen,
            rh: of.humidity,
            air: plan.sheet.air,
          },
          basis.rules,
        ),
      times: [0.7, 1.4],
    });
  },
  fillTime: ({ model, figures: { layout, sheet } }) =>
    figure({
      label: 'Time to fill a sheet',
      unit: 'min',
      kind: 'rule',
      formula: 'pieces × seconds a piece ÷ pairs of hands ÷ 60',
      inputs: {
        pieces: [layout.pieces, 'count'],
        'seconds a piece': [sheet.fill.secondsPerPiece, 'count'],
        'pairs of hands': [model.plan.sheet.people, 'count'],
      },
      source: 'craft rule; time ten of your own',
      compute: (of) => (of.pieces * of['seconds a piece']) / of['pairs of hands'] / 60,
      times: [0.7, 1.5],
    }),
  trim: ({ figures: { ledger, layout, pieces, dough } }) =>
    figure({
      label: 'Trim fit to use after the last rolling',
      unit: 'g',
      kind: 'law',
      formula: 'dough rolled − pieces × dough per piece − trim not fit',
      inputs: {
        'dough rolled': [
          ledger.dough.inG - ledger.dough.leftoverG - ledger.dough.endTrimG - ledger.dough.stuckG,
          'g',
        ],
        pieces: [pieces, 'count'],
        'dough per piece': [dough.perPieceG, 'g'],
        'not fit': [ledger.dough.spoiltG, 'g'],
        rollings: [layout.rollings.length, 'count'],
      },
      source: BALANCE,
      compute: (of) =>
        Math.max(0, of['dough rolled'] - of.pieces * of['dough per piece'] - of['not fit']),
    }),
  salt: ({ model }) =>
    figure({
      label: 'Salt for the pot',
      unit: 'g',
      kind: 'law',
      formula: 'water × salt per litre',
      inputs: {
        water: [model.plan.boil.waterL, 'litre'],
        'per litre': [model.plan.boil.saltGPerL, 'g'],
      },
      source: 'your choice of salt',
      compute: (of) => of.water * of['per litre'],
    }),
  sheets: ({ figures: { layout, sheet } }) => {
    const { sheets: together } = layout.laying;
    const rolled = layout.rollings.flatMap(
      ({ generation, full, short }): [string, FigureInput][] => [
        [
          generation ? `full, of trim rolled ${generation} more` : 'full',
          [full * together, 'count'],
        ],
        [
          generation ? `short, of trim rolled ${generation} more` : 'short',
          [short ? together : 0, 'count'],
        ],
      ],
    );
    return figure({
      label: 'Sheets to roll',
      unit: 'count',
      kind: 'law',
      formula: `full sheets of ${sheet.massG.toFixed(0)} g and short last ones, of the dough and of rerolled trim, added`,
      inputs: Object.fromEntries(rolled),
      source: BALANCE,
      compute: (of) => Object.values(of).reduce((sum, each) => sum + each, 0),
    });
  },
} satisfies FigureList;
