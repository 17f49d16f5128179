/** What a stage of dough should look and feel like, and how to test it. */
export interface DoughStage {
  readonly id: 'mix' | 'knead' | 'rest' | 'roll';
  readonly name: string;
  readonly looks: string;
  readonly test: string;
  /** What the test should show. */
  readonly passes: string;
}

/** The stages of a sheet dough in order. Craft rules. */
export const DOUGH_STAGES: readonly DoughStage[] = [
  {
    id: 'mix',
    name: 'Mix',
    looks: 'Crumbs that hold when squeezed; dry at the bottom of the bowl is normal.',
    test: 'Squeeze a handful.',
    passes: 'It holds together and leaves the palm clean.',
  },
  {
    id: 'knead',
    name: 'Knead',
    looks: 'From rough and streaked to smooth and satiny; it tightens as it is worked.',
    test: 'Cut it through and look for streaks.',
    passes: 'One colour all through, no white or yellow.',
  },
  {
    id: 'rest',
    name: 'Rest, wrapped airtight',
    looks: 'Softer, a little shiny, no crust anywhere.',
    test: 'Poke it with a finger.',
    passes: 'The dent comes back slowly and not all the way.',
  },
  {
    id: 'roll',
    name: 'First pass',
    looks: 'A smooth face and straight edges after two to four letter folds.',
    test: 'Stretch a corner, then fold it sharply.',
    passes: 'It thins to a window before tearing, and the fold does not crack.',
  },
];
