import { familyOf, type FamilyId } from '../../shapes/families';
import { dimensions } from '../../shapes/shape';
import type { Plan } from '../document/schema';

type Shape = Plan['shape'];

interface Start {
  readonly thicknessMm: number;
  readonly shape: Partial<Shape> & Pick<Shape, 'sizeMm' | 'doseG' | 'laid' | 'finish'>;
}

/** Measures, dose and edge that hold for each family with a middling filling, and a thickness for it. */
const STARTS: Readonly<Record<FamilyId, Start>> = {
  ravioliSquare: {
    thicknessMm: 0.8,
    shape: { sizeMm: 58, doseG: 10, laid: 'piped', finish: 'wheel' },
  },
  ravioliRound: {
    thicknessMm: 0.8,
    shape: { sizeMm: 62, doseG: 10, laid: 'piped', finish: 'cutter' },
  },
  ravioliRectangle: {
    thicknessMm: 0.8,
    shape: { sizeMm: 66, acrossMm: 56, doseG: 10, laid: 'piped', finish: 'wheel' },
  },
  ravioliTriangle: {
    thicknessMm: 0.8,
    shape: { sizeMm: 80, doseG: 7, laid: 'ball', finish: 'wheel' },
  },
  stampedRound: {
    thicknessMm: 0.8,
    shape: { sizeMm: 66, doseG: 10, laid: 'piped', finish: 'cutter' },
  },
  mouldedRavioli: {
    thicknessMm: 1.0,
    shape: {
      sizeMm: 42,
      pocketMm: 34,
      depthMm: 10,
      rows: 3,
      columns: 4,
      doseG: 6,
      laid: 'spooned',
      finish: 'mould',
    },
  },
  halfMoon: {
    thicknessMm: 0.8,
    shape: { sizeMm: 80, doseG: 7, laid: 'spooned', finish: 'fork' },
  },
  foldedTriangle: {
    thicknessMm: 0.8,
    shape: { sizeMm: 70, doseG: 8, laid: 'spooned', finish: 'press' },
  },
  bonnet: {
    thicknessMm: 0.8,
    shape: { sizeMm: 70, doseG: 8, laid: 'spooned', finish: 'press' },
  },
  tortelloni: {
    thicknessMm: 0.8,
    shape: { sizeMm: 70, doseG: 9, laid: 'spooned', finish: 'press' },
  },
  cappelletti: {
    thicknessMm: 0.6,
    shape: { sizeMm: 46, doseG: 2, laid: 'ball', finish: 'pinch' },
  },
  agnolottiPinched: {
    thicknessMm: 0.6,
    shape: { sizeMm: 58, pitchMm: 28, doseG: 3.5, laid: 'piped', finish: 'wheel' },
  },
  agnolottiFlat: {
    thicknessMm: 0.6,
    shape: { sizeMm: 70, pitchMm: 40, doseG: 2.8, laid: 'ball', finish: 'wheel' },
  },
};

/** A family as it starts: every measure of its shape, and a thickness. */
export function startingShape(family: FamilyId): { thicknessMm: number; shape: Shape } {
  const { thicknessMm, shape } = STARTS[family];
  return {
    thicknessMm,
    shape: {
      ...dimensions({}),
      sheets: familyOf(family).sheetWays[0] ?? 'single',
      gapMm: 0,
      ...shape,
      family,
    },
  };
}
