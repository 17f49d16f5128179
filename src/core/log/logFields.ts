import type { FieldRange } from '../range';

/** Every number of a log entry: what it is called and what it allows. Schema and form share it. */
export const LOG_FIELDS = {
  pieces: { label: 'Pieces made', min: 0, max: 20_000, whole: true },
  burst: { label: 'Burst', min: 0, max: 20_000, whole: true },
  doughLeftG: { label: 'Dough left', min: 0, max: 100_000, unit: 'g' },
  fillingLeftG: { label: 'Filling left', min: 0, max: 100_000, unit: 'g' },
  thicknessMm: { label: 'Measured thickness', min: 0.2, max: 6, unit: 'mm' },
  doseG: { label: 'Measured dose', min: 0.1, max: 100, unit: 'g' },
} as const satisfies Record<string, FieldRange & { label: string }>;
