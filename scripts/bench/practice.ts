/** How long an exercise, a decision of a batch on paper and its end take. */
import { DRILL_IDS } from '../../src/core/drills/drill';
import { drill } from '../../src/core/drills/drills';
import { DECISION_IDS } from '../../src/core/paper/decision';
import { DECISIONS } from '../../src/core/paper/decisions';
import { paperBatch } from '../../src/core/paper/paperBatch';
import { endingOf, nextDecision, type Chosen } from '../../src/core/paper/play';
import type { Row } from './rows';

const MS = 50;
const TIMES = 40;

function timed(what: string, run: (seed: number) => void, budgetMs: number, times = TIMES): Row {
  const taken = Array.from({ length: times }, (_, i) => {
    const began = performance.now();
    run(1000 + 7919 * i);
    return performance.now() - began;
  }).sort((a, b) => a - b);
  const p95 = taken[Math.floor(times * 0.95)]!;
  return {
    what,
    'median ms': taken[Math.floor(times / 2)]!.toFixed(1),
    'p95 ms': p95.toFixed(1),
    budget: `${budgetMs}`,
    within: p95 <= budgetMs ? 'yes' : 'NO',
  };
}

/** Ways of one who sees nothing odd, up to a decision. */
const carefulTo = (n: number): Chosen =>
  Object.fromEntries(DECISION_IDS.slice(0, n).map((id) => [id, DECISIONS[id].careful]));

/** Rows for the table. */
export const practiceRows = (): Row[] => [
  ...DRILL_IDS.map((kind) => timed(`exercise, ${kind}`, (seed) => drill(kind, seed), MS)),
  timed(
    'batch on paper, made and its last decision shown',
    (seed) => nextDecision(paperBatch(seed), carefulTo(8)),
    MS,
  ),
  timed(
    'batch on paper, played out and each decision again (in the worker)',
    (seed) => endingOf(paperBatch(seed), { ...carefulTo(9), roll: 'thinner' }),
    1000,
    12,
  ),
];
