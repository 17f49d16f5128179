import { capRadius, capVolume } from '../shapes/cap';
import { seeded } from '../seeded';
import { near, type DrillKind } from './drill';
import { inSentence } from '../units/sentence';

const WITHIN = 0.2;

/** Height to radius of mounds as they are laid. */
const SHAPES = [
  ['gathered under the sheet', 0.85],
  ['piped', 0.75],
  ['spooned', 0.6],
] as const;

/** A mound beside a spoon, to scale: how many grams? */
export const dose: DrillKind = {
  id: 'dose',
  name: 'Dose',
  trains: 'Telling a dose by eye, before the scale does.',
  words: ['dose', 'mound'],
  make(seed) {
    const chance = seeded(seed);
    const doseG = Math.round(chance.between(2, 20));
    const density = Math.round(100 * chance.between(0.95, 1.1)) / 100;
    const [laid, shape] = chance.of(SHAPES);
    const spoonMl = chance.of([5, 10, 15]);
    const volumeMm3 = (1000 * doseG) / density;
    const radiusMm = capRadius(volumeMm3, shape);
    const heightMm = shape * radiusMm;
    return {
      asks: 'How heavy is this mound?',
      sees: `A mound, ${laid}, ${inSentence(2 * radiusMm, 'mm')} across and ${inSentence(heightMm, 'mm')} high, beside a level spoon of ${inSentence(spoonMl, 'ml')}. Its filling weighs ${inSentence(density, 'gPerMl')}.`,
      picture: { kind: 'mound', radiusMm, heightMm, spoonMl },
      asked: { kind: 'number', label: 'Dose', unit: 'g', min: 0.5, max: 40, step: 0.5 },
      right: near(doseG, WITHIN),
      working: [
        `It is ${inSentence(doseG, 'g')}.`,
        `A cap ${inSentence(2 * radiusMm, 'mm')} across and ${inSentence(heightMm, 'mm')} high holds ${inSentence(capVolume(radiusMm, heightMm) / 1000, 'ml')}; times ${inSentence(density, 'gPerMl')}.`,
        `The spoon holds ${inSentence(spoonMl * density, 'g')} of it when it is level.`,
      ],
    };
  },
};
