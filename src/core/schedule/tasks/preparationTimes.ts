import type { Preparation } from '../../composition/ingredient';

/** How long a preparation takes beside peeling and cutting, and what it stands on. */
export interface PreparationTime {
  /** Minutes somebody is at it. */
  readonly atMin: number;
  /** Minutes it then goes on by itself. */
  readonly aloneMin: number;
  readonly on: 'oven' | 'burner' | null;
}

/** Table: typical minutes of every preparation that is shipped. */
export const PREPARATION_TIMES: Readonly<Record<string, PreparationTime>> = {
  'roast-cubes': { atMin: 3, aloneMin: 45, on: 'oven' },
  'roast-whole': { atMin: 2, aloneMin: 80, on: 'oven' },
  steam: { atMin: 3, aloneMin: 20, on: 'burner' },
  'boil-drain': { atMin: 3, aloneMin: 25, on: 'burner' },
  'sweat-covered': { atMin: 4, aloneMin: 20, on: 'burner' },
  'sweat-open': { atMin: 15, aloneMin: 0, on: 'burner' },
  'saute-hard': { atMin: 16, aloneMin: 0, on: 'burner' },
  'wilt-drain': { atMin: 8, aloneMin: 10, on: 'burner' },
  'wilt-squeeze': { atMin: 14, aloneMin: 0, on: 'burner' },
  'drain-sieve': { atMin: 2, aloneMin: 60, on: null },
  'drain-overnight': { atMin: 3, aloneMin: 600, on: null },
  press: { atMin: 3, aloneMin: 30, on: null },
  'braise-shred': { atMin: 15, aloneMin: 150, on: 'oven' },
  'fry-crumble': { atMin: 14, aloneMin: 0, on: 'burner' },
  'pan-cook-drain': { atMin: 12, aloneMin: 5, on: 'burner' },
  toast: { atMin: 8, aloneMin: 0, on: 'burner' },
};

/** Minutes of a preparation; of one of the cook's own by whether it comes out hot. Table, a rule where it is silent. */
export const preparationTime = ({ id, hot }: Preparation): PreparationTime =>
  PREPARATION_TIMES[id] ?? { atMin: hot ? 15 : 5, aloneMin: 0, on: hot ? 'burner' : null };
