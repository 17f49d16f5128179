import type { Rules } from './rules';

/** How something stands; the interface gives each a colour, a mark and a word. */
export const STATES = ['holds', 'edge', 'fails'] as const;

export type State = (typeof STATES)[number];

/** State of a margin (capacity ÷ demand). `stateOfMargin(1.11, startingRules)` → `'edge'` */
export function stateOfMargin(margin: number, rules: Rules): State {
  if (margin < 1) return 'fails';
  return margin < rules['risk.edge'].value ? 'edge' : 'holds';
}

/** The worst of several. */
export const worst = (...states: readonly State[]): State =>
  states.includes('fails') ? 'fails' : states.includes('edge') ? 'edge' : 'holds';
