import type { Rules } from '../basis/rules';
import { passTime } from './drive';
import { lengthOfDough } from './massBalance';
import { LAST_REPEATS, type PassStyle } from './passes';
import type { Roller } from './roller';
import { nearestSetting, stepsTo } from './setting';
import { springBack, type RollingSpeed } from './springBack';

export interface LadderInput {
  readonly roller: Pick<Roller, 'steps' | 'drive'>;
  /** The sheet wanted. */
  readonly thicknessMm: number;
  readonly widthMm: number;
  /** One portion as it is flattened, g; it is cut into `sheets` on the way. */
  readonly portionG: number;
  readonly sheets: number;
  /** No strip longer than this, for the bench and the arms. */
  readonly longestMm: number;
  readonly folds: number;
  readonly style: PassStyle;
  readonly speed: RollingSpeed;
  readonly dusted: boolean;
  readonly dough: {
    readonly glutenRatio: number;
    readonly development: number;
    readonly relaxationLeft: number;
    /** How far it stretches before it tears, share. */
    readonly stretch: number;
  };
}

/** One rung: a setting, how often, and the strips as they leave it. */
export interface Rung {
  readonly kind: 'fold' | 'pass';
  readonly label: string;
  readonly gapMm: number;
  readonly repeats: number;
  readonly thicknessMm: number;
  readonly widthMm: number;
  /** Each strip. */
  readonly lengthMm: number;
  /** Strips of this portion. */
  readonly strips: number;
  /** The strips are cut in half after this rung. */
  readonly cut: boolean;
  readonly dust: boolean;
  readonly stop: boolean;
  /** Drawn out further in one go than this dough stretches. */
  readonly mayTear: boolean;
  /** One strip through once, s: how fast to turn. */
  readonly runS: number;
  /** Every strip and repeat, hands counted, s. */
  readonly seconds: number;
}

export interface Ladder {
  /** The portion patted out by hand before the widest setting. */
  readonly rough: {
    readonly widthMm: number;
    readonly lengthMm: number;
    readonly thicknessMm: number;
  };
  readonly rungs: readonly Rung[];
  readonly seconds: number;
}

/**
 * The passes of one portion, from a rough rectangle to the sheet wanted: letter folds at the widest,
 * then setting by setting, cut in half wherever a strip would outgrow bench and arms. Lengths are mass
 * balance (law) on the spring-back rule; every rung keeps the portion's weight.
 * @example ladder(input, startingRules).rungs.at(-1) // { label: '8', thicknessMm: 0.83, stop: true, … }
 */
export function ladder(from: LadderInput, rules: Rules): Ladder {
  const { roller, portionG, widthMm, sheets, longestMm, folds, style, dough } = from;
  const { drive } = roller;
  const back = (repeats: number) => springBack({ ...dough, repeats, speed: from.speed }, rules);
  const lastBack = back(LAST_REPEATS[style]);
  const steps = stepsTo(roller, from.thicknessMm, lastBack, rules);
  const stop = nearestSetting({ steps }, from.thicknessMm, lastBack, rules).label;
  const last = steps.findIndex(({ label }) => label === stop);
  const middle = Math.floor(last / 2);
  const rungs: Rung[] = [];
  let strips = 1;
  let before = 0;
  const rung = (index: number, kind: Rung['kind'], repeats: number) => {
    const { label, mm } = steps[index]!;
    const thicknessMm = mm * (1 + back(repeats));
    const isStop = kind === 'pass' && index === last;
    const strained = before > 0 ? before / thicknessMm - 1 : 0;
    const lengthMm = lengthOfDough(portionG / strips, widthMm, thicknessMm);
    const { runS, wholeS } = passTime({ drive, speed: from.speed, lengthMm }, rules);
    const next = kind === 'pass' ? nextIndex(index) : index;
    const longer = next === null ? 0 : lengthOfDough(portionG / strips, widthMm, steps[next]!.mm);
    // Cut before it outgrows the bench; at the latest when it is done.
    const cut = kind === 'pass' && strips < sheets && (longer > longestMm || isStop);
    rungs.push({
      kind,
      label,
      gapMm: mm,
      repeats,
      thicknessMm,
      widthMm,
      lengthMm,
      strips,
      cut,
      dust: from.dusted && (kind === 'fold' || index === middle || isStop),
      stop: isStop,
      mayTear: kind === 'pass' && strained > dough.stretch,
      runS,
      seconds: strips * repeats * wholeS,
    });
    before = thicknessMm;
    if (cut) strips = Math.min(sheets, strips * 2);
  };
  const nextIndex = (index: number): number | null => {
    if (index >= last) return null;
    const by = style === 'skip' ? 2 : 1;
    return Math.min(last, index + by);
  };
  if (folds > 0) rung(0, 'fold', folds);
  // A fold passes the widest already; the ladder then starts below it.
  let index: number | null = folds > 0 && last > 0 ? nextIndex(0) : 0;
  while (index !== null) {
    rung(index, 'pass', index >= middle ? LAST_REPEATS[style] : 1);
    index = nextIndex(index);
  }
  // Patted out no thicker than twice the widest gap.
  const mostMm = rules['sheet.rough'].value;
  const roughMm = Math.min(mostMm, 2 * (steps[0]?.mm ?? mostMm));
  return {
    rough: {
      widthMm: widthMm * 0.9,
      thicknessMm: roughMm,
      lengthMm: lengthOfDough(portionG, widthMm * 0.9, roughMm),
    },
    rungs,
    seconds: rungs.reduce((sum, each) => sum + each.seconds, 0),
  };
}
