import type { HeldModel } from '../../plan/model/model';
import type { PieceAt } from '../sides';

/** What a link can bear, and what it is asked to. */
export interface Balance {
  readonly capacity: number;
  readonly demand: number;
}

/** A margin: one link of the piece, of the sheet or of the pot that may give way. */
export interface Margin {
  readonly id: string;
  /** The station at which it is set and seen. */
  readonly station: 'sheet' | 'shape' | 'seal' | 'boil';
  /** What it asks for, in a few words. */
  readonly needs: string;
  /** The bench can still work round it: it is said at its station, and loses no piece. */
  readonly workedRound?: true;
  /** Capacity against demand; `pending` while it cannot be told. */
  of(model: HeldModel): Balance | 'pending';
  /**
   * The same over any thickness and dose, as plain numbers: what a plan gives is read once, and every piece of a map
   * or a scatter then costs a few sums.
   */
  over(model: HeldModel): (piece: PieceAt) => number;
}

/** What a margin counts as where its capacity has no end, or nothing is asked of it. */
export const NO_END = 9;

/** Capacity over demand; where neither can be told apart from no end, it counts as {@link NO_END}. */
export const ratio = ({ capacity, demand }: Balance): number =>
  demand > 0 && Number.isFinite(capacity) ? capacity / demand : NO_END;
