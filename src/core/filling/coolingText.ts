import type { WriteFigure } from '../units/format';
import { COOLING_LIMITS, type Cooled, type CooledOn } from './cooling';

/** What stands under the pan, as it follows “on”. */
export const COOLED_ON_NAMES: Readonly<Record<CooledOn, string>> = {
  shelf: 'a wire shelf',
  board: 'a board',
  ice: 'an ice bath',
};

/** What is said of a cooling, wherever it is said. */
export interface CoolingSaid extends Cooled {
  readonly meets: { readonly depthMm: number; readonly trays: number; readonly ice: boolean };
}

const trays = (n: number): string => (n === 1 ? '1 tray' : `${n} trays`);

/**
 * How long it takes, and against which limit: one sentence for page, card, bench and day.
 * @example coolingTimes(cooling, write) // 'Down to 21 °C in 54 min, to 5 °C 1 h 21 min later.'
 */
export function coolingTimes({ firstMin, thenMin }: Cooled, write: WriteFigure): string {
  const [first, then] = COOLING_LIMITS;
  return `Down to ${write(first.toC, 'C')} in ${write(firstMin, 'min')}, to ${write(then.toC, 'C')} ${write(thenMin, 'min')} later.`;
}

/**
 * What would cool it in time: `Spread it 21 mm deep or less, on 3 trays; or stand the pan in an ice bath.`
 * The limits are common ones; local food codes come first.
 */
export function coolingAdvice(cooling: CoolingSaid, write: WriteFigure): string {
  const { firstMin, meets } = cooling;
  const [first, then] = COOLING_LIMITS;
  const missed =
    firstMin > first.withinMin
      ? `${write(first.withinMin, 'min')} down to ${write(first.toC, 'C')}`
      : `${write(then.withinMin, 'min')} more down to ${write(then.toC, 'C')}`;
  const ways = [
    // A depth is set down, so that it still meets the limit.
    meets.depthMm >= 2 &&
      `Spread it ${write(Math.floor(meets.depthMm), 'mm').replace(/\.0+(?= )/, '')} deep or less, on ${trays(meets.trays)}`,
    meets.ice && 'stand the pan in an ice bath',
  ].filter((way) => way !== false);
  const advice =
    ways.length > 0 ? `${ways.join('; or ')}.` : 'Make it in smaller lots, in colder air.';
  return `Too slow to cool: the limit is ${missed}. ${advice[0]!.toUpperCase()}${advice.slice(1)}`;
}
