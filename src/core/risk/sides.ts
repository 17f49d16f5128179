import type { Mound } from '../shapes/mound';

/** What of a piece hangs on its dose alone. */
export interface DoseSide {
  readonly mound: Mound;
  readonly lipMm: number;
  /** Sheet thickness ÷ dough over the dome. */
  readonly thins: number;
  readonly perimeterMm: number;
  readonly doseG: number;
}

/** What of a piece hangs on its sheet alone. */
export interface SheetSide {
  readonly thicknessMm: number;
  readonly neededLipMm: number;
  readonly sealFactor: number;
  /** Minutes the hold is good for; without end where nothing comes through. */
  readonly goodForMin: number;
  readonly wetKPa: number;
  readonly edgeMin: number;
  readonly faceMin: number;
  readonly doughG: number;
}

/** A piece as its margins see it, as plain numbers: the same object is filled again for piece after piece. */
export interface PieceAt {
  dose: DoseSide;
  sheet: SheetSide;
  /** Bare dough beside the mound ÷ what the seal wants. */
  lip: number;
  /** Dough over the dome, mm. */
  overTopMm: number;
  potMin: number;
}
