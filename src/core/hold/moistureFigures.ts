import type { Rules } from '../basis/rules';
import { figure } from '../working/figure';
import type { Working } from '../working/working';
import { SURFACE_NAMES, type Surface } from './surfaces';

/** What a look through the sheet at one moment says, each with its working. */
export interface MoistureFigures {
  /** Of the dough against the filling, and at the under-face. */
  readonly top: Working;
  readonly under: Working;
  /** From which the under-face is tacky. */
  readonly tacky: Working;
}

/** The sheet at one moment of the hold. */
export interface LookThrough {
  readonly minute: number;
  /** From the filling down, wet basis; and of the under-face. */
  readonly profile: readonly number[];
  readonly face: number;
  readonly thicknessMm: number;
  readonly doughMoisture: number;
  readonly freeWaterShare: number;
  readonly surface: Surface;
}

/** So much may diffusion through a dough be off, either way: D is a typical value, its spread half of it. */
const OFF = 0.35;

const STANDS =
  'diffusion in one dimension, the filling wetting its face evenly: not of a crack, a thin spot or a loose wrap';

/**
 * Workings of the moisture at a moment of the hold. Laws of diffusion on craft rules: estimates.
 * @example moistureFigures(look).under.value // 0.396
 */
export function moistureFigures(look: LookThrough, rules: Rules): MoistureFigures {
  const inputs = {
    after: [look.minute, 'min'],
    thickness: [look.thicknessMm, 'mm'],
    'water in the dough': [look.doughMoisture, 'share'],
    'free water of the filling': [look.freeWaterShare, 'share'],
    'lies on': [SURFACE_NAMES[look.surface]],
  } as const;
  const gained = (moisture: number): [number, number] => {
    const gain = moisture - look.doughMoisture;
    return [look.doughMoisture + gain * (1 - OFF), look.doughMoisture + gain * (1 + OFF)];
  };
  const at = (label: string, moisture: number): Working =>
    figure({
      label,
      unit: 'share',
      kind: 'rule',
      formula: 'the dough’s own water and what has come through from the filling by then',
      inputs,
      source: STANDS,
      compute: () => moisture,
      ...(moisture > look.doughMoisture && { range: gained(moisture) }),
    });
  const rise = rules['hold.tacky'];
  return {
    top: at('Against the filling', look.profile[0]!),
    under: at('At the under-face', look.face),
    tacky: figure({
      label: 'Tacky from',
      unit: 'share',
      kind: 'rule',
      formula: 'water in the dough + what makes it tacky',
      inputs: {
        'water in the dough': [look.doughMoisture, 'share'],
        'makes it tacky': [rise.value, 'share'],
      },
      source: rise.source,
      compute: (of) => of['water in the dough'] + of['makes it tacky'],
      range: [
        look.doughMoisture + rise.value - rise.spread,
        look.doughMoisture + rise.value + rise.spread,
      ],
    }),
  };
}
