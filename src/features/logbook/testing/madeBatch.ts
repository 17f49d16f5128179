import type { Happening } from '@/core/run/events';
import { planWith } from '@/core/testing/plans';

/** For tests: a batch by its id, the plan it was made from, and all that happened to it. */
export const RUN = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';

export const plan = planWith({ batch: { portions: 8 } });

export const made: readonly Happening[] = [
  { kind: 'begun' },
  { kind: 'weighed', what: 'doses', g: 45, n: 5 },
  { kind: 'sheetDone', pieces: 24, torn: false },
  { kind: 'sheetDone', pieces: 24, torn: false },
  { kind: 'burst', how: 'lip', pieces: 2 },
  { kind: 'burst', how: 'popped', pieces: 1 },
  { kind: 'left', what: 'dough', g: 40 },
  { kind: 'left', what: 'filling', g: 25 },
  { kind: 'finished' },
];
