import { agnolottiPinched } from './agnolottiPinched';
import { cappelletti, tortelloni } from './foldedSquare';
import { ravioliSquare } from './ravioliSquare';
import type { ShapeFamily } from './shape';

/** Ids of the families the product knows, in the order they are offered. */
export const FAMILY_IDS = [
  'ravioliSquare',
  'tortelloni',
  'agnolottiPinched',
  'cappelletti',
] as const;

export type FamilyId = (typeof FAMILY_IDS)[number];

const families: Record<FamilyId, ShapeFamily> = {
  ravioliSquare,
  tortelloni,
  agnolottiPinched,
  cappelletti,
};

/** The family of an id. `familyOf('tortelloni').name` → `'Tortelloni'` */
export const familyOf = (id: FamilyId): ShapeFamily => families[id];
