import { SURFACE_NAMES } from '../../hold/surfaces';
import { lastPlace, type PhasePlace } from '../../hold/phases';
import type { BenchStep } from './step';

const PLACES: Readonly<Record<PhasePlace, { title: string; does: string }>> = {
  bench: { title: 'Hold', does: 'on the bench' },
  drying: { title: 'Dry', does: 'drying in the air' },
  fridge: { title: 'Chill', does: 'in the fridge' },
  freezer: { title: 'Freeze', does: 'in the freezer, flat, until hard' },
};

const piecesText = (n: number): string => (n === 1 ? '1 piece' : `${n} pieces`);

/** Onto the trays. */
export const trays: BenchStep = {
  id: 'trays',
  title: () => 'Trays',
  needs: ['fill'],
  applies: ({ result }) => result.pieces > 0,
  meanwhile: false,
  tests: [],
  show: ({ plan, state, result }) => ({
    figure: { text: String(state.pieces), unit: `of ${result.pieces}` },
    does: `onto ${SURFACE_NAMES[plan.hold.surface]}, none touching`,
    says: ['A smooth bare tray lets the under-face turn tacky.'],
    lines: [],
    timer: null,
    asks: 'They lie on trays',
  }),
};

/** Where they wait for the pot. */
export const hold: BenchStep = {
  id: 'hold',
  title: ({ plan }) => PLACES[lastPlace(plan.hold.phases)].title,
  needs: ['trays'],
  applies: ({ plan }) => plan.hold.phases.length > 0,
  meanwhile: false,
  tests: [],
  show: ({ plan, result: { hold: held }, split, write }) => {
    const minutes = plan.hold.phases.reduce((sum, phase) => sum + phase.minutes, 0);
    const words = plan.hold.phases.map(
      (phase) => `${write(phase.minutes, 'min')} ${PLACES[phase.place].does}`,
    );
    return {
      figure: split(minutes, 'min'),
      does: PLACES[lastPlace(plan.hold.phases)].does,
      says: [
        ...(words.length > 1 ? [`${words.join(', then ')}.`] : []),
        held.goodFor
          ? `They keep ${write(held.goodFor.minute, 'min')}. Local food codes come first.`
          : 'Local food codes come first.',
      ],
      lines: [],
      timer: {
        timer: 'hold',
        minutes: Math.min(10_080, Math.max(1, held.goodFor?.minute ?? minutes)),
        name: 'They wait from now',
      },
      asks: 'Time to boil',
    };
  },
};

/** Round by round through the pot. */
export const boil: BenchStep = {
  id: 'boil',
  title: () => 'Boil',
  needs: ['hold'],
  applies: ({ result }) => result.pieces > 0,
  meanwhile: false,
  tests: ['coreC'],
  show: ({ plan, result, state, split, write }) => {
    const { boil: pot, safeCore } = result;
    const made = state.pieces > 0 ? state.pieces : result.pieces;
    const left = Math.max(0, made - state.boiled);
    const now = Math.min(pot.rounds.pieces, left);
    return {
      figure: split(pot.potMin, 'min'),
      does: `${piecesText(now)}, ${plan.boil.style === 'simmer' ? 'at a gentle simmer' : 'at a rolling boil'}`,
      says: [
        `${write(result.saltG, 'g')} salt in ${write(plan.boil.waterL, 'litre')}. Stir once.`,
        safeCore.tempC === null
          ? 'Floating is not done: bite the edge.'
          : `${write(safeCore.tempC, 'C')} in the middle; floating is not done. Local codes come first.`,
        'Lift them out, do not pour. Steam scalds.',
        plan.serving === 'broth'
          ? 'Broth hot and bowls warm before they go in.'
          : 'Sauce warm and plates hot before they go in.',
      ],
      lines: [],
      timer: { timer: 'boil', minutes: pot.potMin, name: 'They are in' },
      asks: left === 0 ? 'All are boiled' : `Out: ${piecesText(now)}`,
    };
  },
};

/** Results. */
export const close: BenchStep = {
  id: 'close',
  title: () => 'Look back',
  needs: ['plate'],
  applies: () => true,
  meanwhile: false,
  tests: ['doughLeft', 'fillingLeft', 'trimLeft', 'pieces'],
  show: ({ state }) => ({
    figure: { text: String(state.pieces - state.lost), unit: `whole of ${state.pieces}` },
    does: 'What burst, and what is left?',
    says: ['Written down, the next batch starts from what is true here.'],
    lines: [],
    timer: null,
    asks: 'Close the batch',
  }),
};
