import { heatOf, POT_HEAT } from '../../boil/potDip';
import { FINISH_NAMES } from '../../shapes/finish';
import { handsOfRound } from '../../boil/rounds';
import { softAt } from '../model/boil';
import { figure } from '../../working/figure';
import type { FigureList } from './asked';

const CONDUCTION = 'conduction into the piece by its own proportions';

/** The pot: middle, edge, skin, air. */
export const boilFigures = {
  cookFor: ({ figures: { boil } }) =>
    figure({
      label: 'Cooking, water to plate',
      unit: 'min',
      kind: 'rule',
      formula: 'the latest of middle, edge and face',
      inputs: {
        middle: [(boil.coreS ?? 0) / 60, 'min'],
        edge: [softAt(boil).edgeMin, 'min'],
        face: [softAt(boil).faceMin, 'min'],
      },
      source: `${CONDUCTION}; edge and face are craft rules; bite one to be sure`,
      compute: (of) => Math.max(of.middle, of.edge, of.face),
      times: [0.8, 1.25],
    }),
  core: ({ figures: { boil } }) =>
    figure({
      label: 'Middle hot after',
      unit: 'min',
      kind: 'law',
      formula: 'conduction from the water into the middle; latent heat where it is frozen',
      inputs: {
        'half its height': [boil.halfHeightMm, 'mm'],
        'shape, 0 flat to 2 a ball': [boil.shapeExponent, 'ratio'],
        from: [boil.fromC, 'C'],
        water: [boil.bathC, 'C'],
        to: [boil.targetC, 'C'],
      },
      source: CONDUCTION,
      compute: () => (boil.coreS ?? 0) / 60,
    }),
  edgeSoft: ({ model, figures: { edge } }) => {
    const rate = model.basis.rules['boil.edge'].value;
    return figure({
      label: 'Edge soft after',
      unit: 'min',
      kind: 'rule',
      formula: `${rate} × (edge ÷ 2)², wetted from both sides; the ${FINISH_NAMES[model.piece.input.finish].toLowerCase()}’s`,
      inputs: { edge: [edge.pressedMm, 'mm'] },
      source: 'craft rule; bite one to be sure',
      compute: (of) => rate * (of.edge / 2) ** 2,
      times: [0.7, 1.4],
    });
  },
  faceSoft: ({ model, figures: { sheet } }) => {
    const rate = model.basis.rules['boil.face'].value;
    return figure({
      label: 'Face soft after',
      unit: 'min',
      kind: 'rule',
      formula: `${rate} × thickness², wetted from one side`,
      inputs: { thickness: [sheet.thicknessMm, 'mm'] },
      source: 'craft rule; bite one to be sure',
      compute: (of) => rate * of.thickness ** 2,
      times: [0.7, 1.4],
    });
  },
  burstMargin: ({ model, figures: { boil, hold } }) => {
    const { rules } = model.basis;
    const { style } = model.plan.boil;
    return figure({
      label: 'Room for the air',
      unit: 'ratio',
      kind: 'rule',
      formula: 'pocket’s give × seal × roughness × lip where short ÷ (air × (swelling − 1))',
      inputs: {
        'pocket’s give': [rules['boil.room'].value, 'share'],
        seal: [hold.sealFactor, 'ratio'],
        roughness: [rules[`boil.rough.${style}`].value, 'ratio'],
        'lip where short': [Math.min(1, model.piece.made.margins.lip), 'ratio'],
        air: [hold.air, 'share'],
        swelling: [boil.swelling, 'ratio'],
      },
      source: 'law of gases on craft rules for the room',
      compute: (of) =>
        (of['pocket’s give'] * of.seal * of.roughness * of['lip where short']) /
        (of.air * (of.swelling - 1)),
      times: [0.7, 1.4],
    });
  },
  faceMargin: ({ figures: { boil } }) =>
    figure({
      label: 'Skin against its time in the pot',
      unit: 'ratio',
      kind: 'rule',
      formula: '(3 × face soft after + 1) ÷ minutes in the pot',
      inputs: {
        'skin stands': [boil.skinStandsMin, 'min'],
        'in the pot': [boil.potMin, 'min'],
      },
      source: 'craft rule',
      compute: (of) => of['skin stands'] / of['in the pot'],
      times: [0.75, 1.3],
    }),
  potRound: ({ model, figures: { boil, counts } }) => {
    const { rules } = model.basis;
    const { byHeat, byLitres, bySurface } = boil.rounds;
    const { atOnce } = model.plan.boil;
    return figure({
      label: 'In the pot at once',
      unit: 'count',
      kind: 'rule',
      formula:
        atOnce === undefined
          ? `what cools the water by ${rules['boil.dip'].value} °C at most, ${rules['boil.perLitre'].value} g a litre and ${rules['boil.layers'].value} layers at most, in even rounds`
          : 'your own number, in even rounds',
      inputs: {
        pieces: [Math.max(1, counts.made), 'count'],
        ...(atOnce === undefined
          ? {
              'by heat': [byHeat, 'count'] as const,
              'by water': [byLitres, 'count'] as const,
              'by room': [bySurface, 'count'] as const,
            }
          : { 'your own': [atOnce, 'count'] as const }),
      },
      source: 'heat balance; how far and how full are craft rules',
      compute: (of: Readonly<Record<string, number>>) => {
        const most = Math.max(
          1,
          of['your own'] ?? Math.min(of['by heat']!, of['by water']!, of['by room']!),
        );
        return Math.ceil(of.pieces! / Math.ceil(of.pieces! / most));
      },
    });
  },
  potDip: ({ model, figures: { boil } }) =>
    figure({
      label: 'The water cools by',
      unit: 'dC',
      kind: 'law',
      formula: `load × heat to its temperature ÷ (water × ${POT_HEAT.waterKJ} + load × ${POT_HEAT.pastaKJ})`,
      inputs: {
        load: [boil.rounds.loadG, 'g'],
        'heat, kJ a kg': [heatOf(boil.fromC, boil.bathC, boil.frozen), 'ratio'],
        water: [model.plan.boil.waterL, 'litre'],
      },
      source: 'heat balance; latent heat where it is frozen',
      compute: (of) => {
        const loadKg = of.load / 1000;
        const waterKJ = of.water * POT_HEAT.waterKJ + loadKg * POT_HEAT.pastaKJ;
        return Math.max(0, (loadKg * of['heat, kJ a kg']) / waterKJ);
      },
    }),
  potRecovers: ({ model, figures: { boil } }) =>
    figure({
      label: 'Hot again after',
      unit: 'min',
      kind: 'law',
      formula: 'load × heat to the water’s temperature ÷ what the burner gives',
      inputs: {
        load: [boil.rounds.loadG, 'g'],
        'heat, kJ a kg': [heatOf(boil.fromC, boil.bathC, boil.frozen), 'ratio'],
        'burner, W': [model.plan.boil.powerW, 'ratio'],
      },
      source: 'heat balance; what reaches the water, not what the burner is sold as',
      compute: (of) => Math.max(0, (of.load * of['heat, kJ a kg']) / of['burner, W'] / 60),
    }),
  potTotal: ({ model, figures: { boil } }) => {
    const lift = handsOfRound(boil.rounds.pieces, model.basis.rules);
    return figure({
      label: 'All of them boiled in',
      unit: 'min',
      kind: 'rule',
      formula: 'rounds × (in the pot + hands to put in and lift out) + the waits between them',
      inputs: {
        rounds: [boil.rounds.rounds, 'count'],
        'in the pot': [boil.potMin, 'min'],
        hands: [lift, 'min'],
        'wait for the water': [boil.rounds.waitMin, 'min'],
      },
      source: 'what hands take is a craft rule',
      compute: (of) =>
        of.rounds * (of['in the pot'] + of.hands) + (of.rounds - 1) * of['wait for the water'],
      times: [0.85, 1.3],
    });
  },
} satisfies FigureList;
