import type { FieldRange } from '../../range';
import type { QuantityKind } from '../../units/parse';

/** A plan's number field: what it is called, what it measures and what it allows. */
export interface PlanField extends FieldRange {
  readonly label: string;
  readonly kind: QuantityKind;
  /** One nudge, in the core's units. */
  readonly step: number;
}

const mass = (label: string, min: number, max: number, step: number) =>
  ({ label, kind: 'mass', min, max, step, unit: 'g' }) as const;
const length = (label: string, min: number, max: number, step: number) =>
  ({ label, kind: 'length', min, max, step, unit: 'mm' }) as const;
const share = (label: string, min: number, max: number, step: number) =>
  ({ label, kind: 'share', min, max, step }) as const;
const minutes = (label: string, min: number, max: number, step: number) =>
  ({ label, kind: 'minutes', min, max, step, unit: 'min' }) as const;
const temperature = (label: string, min: number, max: number) =>
  ({ label, kind: 'temperature', min, max, step: 1, unit: '°C' }) as const;
const volume = (label: string, min: number, max: number) =>
  ({ label, kind: 'spoonful', min, max, step: 1, unit: 'ml' }) as const;
const count = (label: string, min: number, max: number) =>
  ({ label, kind: 'count', min, max, step: 1, whole: true }) as const;

/** Every number field of a plan by its path, in the core's units. Schema and forms share them. */
export const PLAN_FIELDS = {
  'batch.portions': count('Portions', 1, 5000),
  'batch.piecesPerPortion': count('Pieces each', 1, 400),
  'batch.doughInHandG': mass('Dough in hand', 5, 100_000, 10),
  'batch.fillingInHandG': mass('Filling in hand', 5, 100_000, 10),
  'batch.usedShare': share('Sheet used, by your own count', 0.2, 1, 0.01),
  'batch.rerolls': count('Rerolls', 0, 2),
  'batch.trimUsable': share('Trim fit to reroll', 0, 1, 0.05),
  'batch.stuckShare': share('Dough left sticking', 0, 0.3, 0.01),
  'batch.endTrimG': mass('End trim', 0, 2000, 5),
  'batch.fillingLoss.share': share('Left in the bowl', 0, 0.3, 0.01),
  'batch.fillingLoss.g': mass('Left in the bag', 0, 2000, 1),
  'batch.tasted': count('Pieces to taste', 0, 200),
  'batch.breakageShare': share('Breakage', 0, 0.9, 0.01),
  'dough.parts.g': mass('Amount', 0, 50_000, 10),
  'dough.parts.haveG': mass('All there is', 0, 50_000, 10),
  'dough.rh': share('Air humidity', 0.05, 0.95, 0.05),
  'dough.roomC': temperature('Kitchen', 0, 45),
  'dough.eggG': mass('An egg, no shell', 6, 200, 1),
  'dough.yolkG': mass('A yolk', 2, 90, 1),
  'dough.work.kneadMin': minutes('Kneaded', 0, 240, 1),
  'dough.work.folds': count('Letter folds', 0, 40),
  'dough.work.restMin': minutes('Rested', 0, 10_080, 5),
  'dough.hangMm': length('Strip tears at', 50, 6000, 10),
  'filling.parts.g': mass('Amount', 0, 50_000, 10),
  'filling.parts.weighedG': mass('Weighed result', 0, 50_000, 10),
  'filling.air': share('Air worked in', 0, 0.4, 0.01),
  'filling.cookedOffG': mass('Cooked off', 0, 50_000, 5),
  'filling.lumpMm': length('Largest lump', 0.2, 40, 1),
  'filling.meetsC': temperature('Meets the dough at', -5, 95),
  'filling.tipMm': length('Piping tip', 1, 80, 1),
  'filling.spoonTest.volumeMl': volume('Level spoon', 0.5, 100),
  'filling.spoonTest.diameterMm': length('Spread across', 5, 500, 1),
  'filling.towelTest.spoonfulG': mass('Spoonful', 1, 500, 1),
  'filling.towelTest.wetG': mass('Taken by the towel', 0, 500, 0.1),
  'filling.towelTest.holdingFactor': {
    label: 'Held, of the table',
    kind: 'plain',
    min: 0.05,
    max: 20,
    step: 0.1,
  },
  'filling.cooling.fromC': temperature('Comes off at', 20, 110),
  'filling.cooling.depthMm': length('Spread to cool', 2, 300, 5),
  'filling.yieldStressPa': {
    label: 'Stiffness, measured',
    kind: 'plain',
    min: 20,
    max: 20_000,
    step: 10,
    unit: 'Pa',
  },
  'sheet.thicknessMm': length('Thickness', 0.2, 6, 0.1),
  'sheet.widthMm': length('Sheet width', 20, 1000, 5),
  'sheet.benchMm': length('Longest sheet', 80, 10_000, 50),
  'sheet.endMm': length('Lost at each end', 0, 200, 1),
  'sheet.people': count('Pairs of hands', 1, 40),
  'sheet.secondsPerPiece': {
    label: 'Seconds a piece',
    kind: 'plain',
    min: 0.5,
    max: 600,
    step: 1,
    unit: 's',
  },
  'sheet.rh': share('Air humidity', 0.05, 0.95, 0.05),
  'sheet.dust.gPerKg': {
    label: 'Dust, g to a kg of dough',
    kind: 'plain',
    min: 0,
    max: 200,
    step: 5,
    unit: 'g per kg',
  },
  'shape.sizeMm': length('Blank', 12, 300, 1),
  'shape.acrossMm': length('Short side', 12, 300, 1),
  'shape.pocketMm': length('Pocket across', 6, 200, 1),
  'shape.depthMm': length('Pocket depth', 1, 80, 1),
  'shape.rows': count('Rows', 1, 40),
  'shape.columns': count('Columns', 1, 40),
  'shape.gapMm': length('Gap between blanks', 0, 100, 1),
  'shape.pitchMm': length('Pinch to pinch', 6, 200, 1),
  'shape.doseG': mass('Dose', 0.1, 300, 0.5),
  'hold.phases.minutes': minutes('Held for', 0, 130_000, 10),
  'boil.waterL': {
    label: 'Water in the pot',
    kind: 'litres',
    min: 0.5,
    max: 200,
    step: 0.5,
    unit: 'litres',
  },
  'boil.atOnce': count('Pieces at a time', 1, 2000),
  'boil.saltGPerL': {
    label: 'Salt in the water',
    kind: 'saltiness',
    min: 0,
    max: 100,
    step: 1,
    unit: 'g per litre',
  },
  'boil.safeCoreC': temperature('Safe core', 40, 100),
  'boil.altitudeM': {
    label: 'Height over the sea',
    kind: 'height',
    min: -400,
    max: 6000,
    step: 100,
    unit: 'm',
  },
  'boil.powerW': {
    label: 'Burner, watts into the water',
    kind: 'plain',
    min: 200,
    max: 30_000,
    step: 100,
    unit: 'W',
  },
  'boil.sauceMin': minutes('Finished in the sauce', 0, 60, 0.5),
} as const satisfies Record<string, PlanField>;

/** Path of a number field of a plan: `batch.portions`. */
export type PlanFieldPath = keyof typeof PLAN_FIELDS;

/** What a plan has where nothing was said. Schema and forms share it. */
export const USUAL = {
  'batch.rerolls': 1,
  'batch.trimUsable': 0.85,
  'batch.stuckShare': 0.02,
  'batch.endTrimG': 0,
  'batch.trimTo': 'ribbons',
  'batch.tasted': 2,
  'batch.fillingLoss.kind': 'bowl',
  'batch.fillingLoss.share': 0.03,
  'filling.air': 0.03,
  'filling.cookedOffG': 0,
  'sheet.people': 1,
  'sheet.endMm': 5,
  'sheet.speed': 'even',
  'sheet.passes': 'twiceFromMiddle',
  'sheet.long': 'bench',
  'sheet.air': 'still',
  'sheet.dust.kind': 'none',
  'shape.edge': 'plain',
  'shape.gapMm': 0,
  'filling.meetsC': 20,
  'hold.medium': 'water',
  'hold.faces': 'clean',
  'hold.air': 'middle',
  'hold.surface': 'semolina',
  'boil.altitudeM': 0,
  'boil.powerW': 2500,
  'boil.sauceMin': 1,
} as const;
