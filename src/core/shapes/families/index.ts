import type { FamilyId, ShapeFamily } from '../shape';
import { agnolottiFlat } from './agnolottiFlat';
import { agnolottiPinched } from './agnolottiPinched';
import { bonnet, cappelletti, foldedTriangle, halfMoon, tortelloni } from './folded';
import { mouldedRavioli } from './mouldedRavioli';
import {
  ravioliRectangle,
  ravioliRound,
  ravioliSquare,
  ravioliTriangle,
  stampedRound,
} from './ravioli';

export { FAMILY_IDS, type FamilyId } from '../shape';

const families: Record<FamilyId, ShapeFamily> = {
  ravioliSquare,
  ravioliRound,
  ravioliRectangle,
  ravioliTriangle,
  stampedRound,
  mouldedRavioli,
  halfMoon,
  foldedTriangle,
  bonnet,
  tortelloni,
  cappelletti,
  agnolottiPinched,
  agnolottiFlat,
};

/** The family of an id. `familyOf('tortelloni').name` → `'Tortelloni'` */
export const familyOf = (id: FamilyId): ShapeFamily => families[id];
