import type { RunSummary } from '../run/summary';

/** A run as findings are read from. */
export interface FoundRun {
  readonly planId: string;
  readonly madeOn: string;
  readonly summary: RunSummary;
}

/** Something the runs of a plan show, with how sure it is. */
export interface Finding {
  readonly planId: string;
  readonly plan: string;
  /** What was changed between the runs before and those since. */
  readonly since: {
    readonly what: 'finish' | 'doseG' | 'thicknessMm';
    readonly to: string | number;
  };
  /** Share lost before and since. */
  readonly before: number;
  readonly after: number;
  readonly runsBefore: number;
  readonly runsAfter: number;
  /** How likely it is that there truly is a difference this way, 0 to 1. */
  readonly sure: number;
}

/** Runs differ by more than their counts alone say: each piece counts as this much of one. Rule. */
const PIECE_COUNTS = 0.25;

/** Less sure than this nothing is said. */
const SURE = 0.95;

/** Shares that differ by less than this are not worth a sentence. */
const LEAST = 0.02;

const WHATS = ['finish', 'doseG', 'thicknessMm'] as const;

/**
 * What a plan’s runs show since something about it was changed: whether fewer, or more, pieces are lost.
 * Each change is held against the runs before it; only what the evidence supports is said. Estimate by the
 * log-odds of two shares, pieces of one run counted as partly alike.
 * @example findings(runs)[0] // { since: { what: 'finish', to: 'pinch' }, before: 0.12, after: 0.03, sure: 0.99 … }
 */
export function findings(runs: readonly FoundRun[]): Finding[] {
  const plans = new Map<string, FoundRun[]>();
  for (const run of runs) {
    if (run.summary.status !== 'finished' || run.summary.leftOut || run.summary.pieces === 0)
      continue;
    plans.set(run.planId, [...(plans.get(run.planId) ?? []), run]);
  }
  return [...plans.values()]
    .flatMap((own) => bestOf(own) ?? [])
    .sort((a, b) => b.sure - a.sure || b.before - b.after - (a.before - a.after));
}

/** The change of one plan that the evidence speaks for most; null where it speaks for none. */
function bestOf(own: readonly FoundRun[]): Finding | null {
  const runs = [...own].sort((a, b) => (a.madeOn < b.madeOn ? -1 : a.madeOn > b.madeOn ? 1 : 0));
  let best: Finding | null = null;
  for (const what of WHATS) {
    for (let i = 1; i < runs.length; i += 1) {
      const to = runs[i]!.summary.planned[what];
      const was = runs[i - 1]!.summary.planned[what];
      if (to === was) continue;
      const [before, after] = [runs.slice(0, i), runs.slice(i)];
      // Only where it stayed as it was changed to: else nobody knows which it was.
      if (after.some(({ summary }) => summary.planned[what] !== to)) continue;
      const [a, b] = [lossOf(before), lossOf(after)];
      const apart = (b.at - a.at) / Math.hypot(a.sd, b.sd);
      const sure = normalCdf(Math.abs(apart));
      if (sure < SURE || Math.abs(b.share - a.share) < LEAST) continue;
      if (best && best.sure >= sure) continue;
      best = {
        planId: runs[0]!.planId,
        plan: runs.at(-1)!.summary.planned.name,
        since: { what, to },
        before: a.share,
        after: b.share,
        runsBefore: before.length,
        runsAfter: after.length,
        sure,
      };
    }
  }
  return best;
}

/** Share lost of some runs, and its log-odds with their spread. */
function lossOf(runs: readonly FoundRun[]): { share: number; at: number; sd: number } {
  const pieces = runs.reduce((sum, { summary }) => sum + summary.pieces, 0);
  const lost = runs.reduce((sum, { summary }) => sum + Math.min(summary.pieces, summary.lost), 0);
  const [bad, good] = [lost * PIECE_COUNTS + 0.5, (pieces - lost) * PIECE_COUNTS + 0.5];
  return { share: lost / pieces, at: Math.log(bad / good), sd: Math.sqrt(1 / bad + 1 / good) };
}

/** The normal distribution below a deviate, to 1e-7 (Abramowitz and Stegun 7.1.26). `normalCdf(0)` → `0.5` */
function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const tail =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) *
    Math.exp(-x * x);
  return z >= 0 ? 1 - tail / 2 : tail / 2;
}
