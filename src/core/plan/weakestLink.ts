import type { Piece } from '../shapes/piece';
import { stateOfMargin, type State } from './state';

/** The lowest margin of a piece. */
export interface WeakestLink {
  readonly name: keyof Piece['margins'];
  readonly margin: number;
  readonly state: State;
}

/**
 * Where a piece would fail first: the margin that is lowest, capacity to demand.
 * @example weakestLink(piece) // { name: 'lip', margin: 1.11, state: 'edge' }
 */
export function weakestLink({ margins }: Pick<Piece, 'margins'>): WeakestLink {
  const name = margins.lip <= margins.thinning ? 'lip' : 'thinning';
  return { name, margin: margins[name], state: stateOfMargin(margins[name]) };
}
