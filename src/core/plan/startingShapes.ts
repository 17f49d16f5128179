import type { FamilyId } from '../shapes/families';
import type { Plan } from './schema';

/** Measures, dose and edge that hold for each family with a middling filling, and a thickness for it. */
export const startingShapes: Readonly<
  Record<FamilyId, { readonly thicknessMm: number; readonly shape: Plan['shape'] }>
> = {
  ravioliSquare: {
    thicknessMm: 0.8,
    shape: {
      family: 'ravioliSquare',
      sizeMm: 58,
      pitchMm: 30,
      doseG: 8,
      laid: 'piped',
      finish: 'wheel',
    },
  },
  tortelloni: {
    thicknessMm: 0.8,
    shape: {
      family: 'tortelloni',
      sizeMm: 70,
      pitchMm: 30,
      doseG: 6,
      laid: 'spooned',
      finish: 'press',
    },
  },
  agnolottiPinched: {
    thicknessMm: 0.6,
    shape: {
      family: 'agnolottiPinched',
      sizeMm: 58,
      pitchMm: 28,
      doseG: 2.6,
      laid: 'piped',
      finish: 'wheel',
    },
  },
  cappelletti: {
    thicknessMm: 0.6,
    shape: {
      family: 'cappelletti',
      sizeMm: 46,
      pitchMm: 30,
      doseG: 1.8,
      laid: 'ball',
      finish: 'pinch',
    },
  },
};
