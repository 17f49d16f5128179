import { seeded } from '../seeded';
import { near, type DrillKind } from './drill';
import { inSentence } from '../units/sentence';

/** Light that passes a millimetre of dough, share: an eye’s estimate. */
const PASSES_PER_MM = 0.3;

const WITHIN = 0.18;

/** How much of the light from behind comes through, 0 to 1. */
export const throughSheet = (thicknessMm: number): number => PASSES_PER_MM ** thicknessMm;

/** A sheet over a hand, or over print: how thin? */
export const light: DrillKind = {
  id: 'light',
  name: 'Light',
  trains: 'Telling a sheet’s thickness by what shows through.',
  words: [],
  make(seed, { roller }) {
    const chance = seeded(seed);
    const thicknessMm =
      Math.round(20 * Math.exp(chance.between(Math.log(0.5), Math.log(1.7)))) / 20;
    const over = chance.of(['hand', 'print'] as const);
    const through = Math.round(100 * throughSheet(thicknessMm));
    const nearest = [...roller.steps].sort(
      (a, b) => Math.abs(a.mm - thicknessMm) - Math.abs(b.mm - thicknessMm),
    )[0];
    return {
      asks: 'How thick is this sheet?',
      sees: `A sheet lies over ${over === 'hand' ? 'a hand' : 'a printed page'}. Of what is dark behind it, ${through} in 100 comes through; at ${inSentence(0.9, 'mm')} it is ${Math.round(100 * throughSheet(0.9))}, at ${inSentence(0.6, 'mm')} ${Math.round(100 * throughSheet(0.6))}.`,
      picture: { kind: 'light', thicknessMm, over },
      asked: { kind: 'number', label: 'Thickness', unit: 'mm', min: 0.3, max: 2.5, step: 0.05 },
      right: near(thicknessMm, WITHIN),
      working: [
        `It is ${inSentence(thicknessMm, 'mm')}${nearest ? `: near dial ${nearest.label} of ${roller.name}` : ''}.`,
        `A hand is clearly seen at ${inSentence(0.9, 'mm')} and under, print can be read at ${inSentence(0.6, 'mm')} and under.`,
      ],
    };
  },
};
