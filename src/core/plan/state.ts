/** How something stands; the interface gives each a colour, a mark and a word. */
export type State = 'holds' | 'edge' | 'fails';

/** A margin below this, though above 1, is on the edge. Rule. */
export const ON_THE_EDGE = 1.15;

/** State of a margin (capacity ÷ demand). `stateOfMargin(1.11)` → `'edge'` */
export function stateOfMargin(margin: number): State {
  if (margin < 1) return 'fails';
  return margin < ON_THE_EDGE ? 'edge' : 'holds';
}

/** The worst of several. */
export const worst = (...states: readonly State[]): State =>
  states.includes('fails') ? 'fails' : states.includes('edge') ? 'edge' : 'holds';
