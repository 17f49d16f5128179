import type { FieldRange } from '../range';

/** A plan's number field: what it is called and what it allows. Schema and forms share it. */
export interface PlanField extends FieldRange {
  readonly label: string;
}

/** Every number field of a plan, in the core's units. */
export const PLAN_FIELDS = {
  partG: { label: 'Amount', min: 0, max: 50_000, unit: 'g' },
  weighedG: { label: 'Weighed result', min: 0, max: 50_000, unit: 'g' },
  bowlShare: { label: 'Share left in the bowl', min: 0, max: 0.3 },
  bagG: { label: 'Left in the bag', min: 0, max: 500, unit: 'g' },
  portions: { label: 'Portions', min: 1, max: 2000, whole: true },
  piecesPerPortion: { label: 'Pieces each', min: 1, max: 100, whole: true },
  doughInHandG: { label: 'Dough in hand', min: 10, max: 100_000, unit: 'g' },
  fillingInHandG: { label: 'Filling in hand', min: 10, max: 100_000, unit: 'g' },
  usedShare: { label: 'Share of the sheet used', min: 0.2, max: 1 },
  rerolls: { label: 'Rerolls', min: 0, max: 2, whole: true },
  trimUsable: { label: 'Trim fit to reroll', min: 0, max: 1 },
  stuckShare: { label: 'Share left sticking', min: 0, max: 0.3 },
  endTrimG: { label: 'End trim', min: 0, max: 2000, unit: 'g' },
  tasted: { label: 'Pieces to taste', min: 0, max: 50, whole: true },
  breakageShare: { label: 'Breakage', min: 0, max: 0.5 },
  rh: { label: 'Air humidity', min: 0.05, max: 0.95 },
  air: { label: 'Air worked in', min: 0, max: 0.4 },
  yieldStressPa: { label: 'Measured stiffness', min: 20, max: 20_000, unit: 'Pa' },
  thicknessMm: { label: 'Thickness', min: 0.3, max: 4, unit: 'mm' },
  sheetWidthMm: { label: 'Sheet width', min: 40, max: 690, unit: 'mm' },
  benchMm: { label: 'Longest sheet', min: 150, max: 4000, unit: 'mm' },
  sizeMm: { label: 'Blank', min: 20, max: 150, unit: 'mm' },
  pitchMm: { label: 'Pinch to pinch', min: 10, max: 90, unit: 'mm' },
  doseG: { label: 'Dose', min: 0.2, max: 60, unit: 'g' },
  holdMinutes: { label: 'Time to boiling', min: 0, max: 130_000, unit: 'min' },
  waterL: { label: 'Water in the pot', min: 0.5, max: 200, unit: 'litres' },
  saltGPerL: { label: 'Salt in the water', min: 0, max: 40, unit: 'g per litre' },
  safeCoreC: { label: 'Core temperature', min: 50, max: 95, unit: '°C' },
} as const satisfies Record<string, PlanField>;
