/** A line of the table that `npm run bench` prints. */
export interface Row {
  what: string;
  'median ms'?: string;
  'p95 ms'?: string;
  'p98 ms'?: string;
  value?: string;
  kB?: string;
  budget: string;
  within: string;
}
