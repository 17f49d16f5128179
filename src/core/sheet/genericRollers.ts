import type { Roller } from './roller';

const steps = (labels: readonly (string | number)[], mm: readonly number[]): Roller['steps'] =>
  mm.map((each, index) => ({ label: String(labels[index]), mm: each }));

const tenths = (from: number, to: number): number[] =>
  Array.from(
    { length: Math.round((from - to) * 10) + 1 },
    (_, i) => Math.round(from * 10 - i) / 10,
  );

/** Profiles to start from: typical gaps, to be replaced by the cook's own strip tests. Table. */
export const genericRollers: readonly Roller[] = [
  {
    id: 'ten-step-0-widest',
    name: 'Ten-step roller, 0 the widest',
    widthMm: 145,
    drive: 'crank',
    strips: [],
    steps: steps(
      [0, 1, 2, 3, 4, 5, 6, 7, 8, 9],
      [4.8, 3.8, 3.0, 2.4, 1.9, 1.5, 1.2, 1.0, 0.8, 0.6],
    ),
  },
  {
    id: 'eight-step-1-widest',
    name: 'Eight-step roller, 1 the widest',
    widthMm: 145,
    drive: 'crank',
    strips: [],
    steps: steps([1, 2, 3, 4, 5, 6, 7, 8], [4.0, 3.2, 2.6, 2.0, 1.5, 1.1, 0.8, 0.6]),
  },
  {
    id: 'seven-step-7-widest',
    name: 'Seven-step roller, 7 the widest',
    widthMm: 145,
    drive: 'crank',
    strips: [],
    steps: steps([7, 6, 5, 4, 3, 2, 1], [4.0, 3.2, 2.4, 1.8, 1.3, 0.9, 0.6]),
  },
  {
    id: 'six-step-1-widest',
    name: 'Six-step roller, 1 the widest',
    widthMm: 145,
    drive: 'crank',
    strips: [],
    steps: steps([1, 2, 3, 4, 5, 6], [3.8, 2.8, 2.0, 1.4, 0.9, 0.6]),
  },
  {
    id: 'sheeter-mm',
    name: 'Sheeter set in mm',
    widthMm: 300,
    drive: 'sheeter',
    strips: [],
    steps: tenths(3, 0.5).map((mm) => ({ label: mm.toFixed(1), mm })),
  },
  {
    id: 'pin-guide-sticks',
    name: 'Pin with guide sticks',
    widthMm: 300,
    drive: 'pin',
    strips: [],
    steps: steps(['3 mm sticks', '2 mm sticks', '1.5 mm sticks', '1 mm sticks'], [3, 2, 1.5, 1]),
  },
];
