import { startingPantry } from '../composition/pantry';
import { readFileSync } from 'node:fs';
import { demoEvents, DEMO_RUNS, runId, type DemoRun } from '../../../demo/runs';
import { startingBasis } from '../basis/basis';
import { learn } from '../calibrate/learn';
import { compareLog } from '../log/compareLog';
import { findings } from '../log/findings';
import { planAgain } from '../log/planAgain';
import { trends } from '../log/trends';
import { evaluatePlan } from '../plan/evaluatePlan';
import { parsePlan } from '../plan/document/parsePlan';
import type { Plan } from '../plan/document/schema';
import { benchOf } from '../run/bench';
import { evidenceOf } from '../run/evidence';
import { foldRun } from '../run/fold';
import { lateAt } from '../run/late';
import { runLedger } from '../run/ledger';
import { plateRounds } from '../run/plating';
import { meanwhileOf, stepNow, stepsOf } from '../run/steps/steps';
import { summaryOf } from '../run/summary';
import { entryOfRun } from '../run/writtenDown';
import { table } from '../testing/table';
import { figureText, formatFigure } from '../units/format';
import { METRIC } from '../units/units';
import type { FigureUnit } from '../working/working';
import { DEMO_PLANS } from '../../../demo/goldenPlans';

interface History {
  readonly plan: string;
  readonly id: string;
  readonly revisions: readonly { readonly set: Readonly<Record<string, unknown>> }[];
}

const HISTORY = JSON.parse(readFileSync('demo/history.json', 'utf8')) as readonly History[];

/** The plan as it was when a batch of the demo was made. */
function planOf({ plan: id, revision }: DemoRun): Plan {
  const { plan, revisions } = HISTORY.find((each) => each.id === id)!;
  const document = structuredClone(DEMO_PLANS.get(plan)!) as unknown as Record<
    string,
    Record<string, unknown>
  >;
  for (const [path, value] of Object.entries(revisions[revision - 1]!.set)) {
    const [part = '', field = ''] = path.split('.');
    document[part] = { ...document[part], [field]: value };
  }
  return parsePlan(document, startingPantry);
}

const write = (value: number, unit: FigureUnit) => figureText(value, unit, METRIC);

const BATCHES = DEMO_RUNS.map((told) => {
  const run = told.openAfter === undefined ? told : { ...told, at: '2026-11-27T13:00:00Z' };
  const plan = planOf(run);
  const events = demoEvents(run, plan, startingBasis);
  return { run, plan, events, state: foldRun(events) };
});

/** Of batches alike the first and the last tell as much as all. */
const SOME = BATCHES.filter((_, i) => i % 5 === 0 || i === BATCHES.length - 1);

describe.each(SOME.map((each) => [`${each.run.plan} of ${each.run.at}`, each] as const))(
  '%s',
  (_name, { plan, events, state }) => {
    const result = evaluatePlan(plan, startingBasis);

    it('at the bench, at every third of it', () => {
      const thirds = [0.1, 0.4, 0.7, 1].map((share) => {
        const so = foldRun(events.slice(0, Math.ceil(share * events.length)));
        const bench = benchOf(plan, result, {
          state: so,
          rules: startingBasis.rules,
          write,
          split: (value, unit) => formatFigure(value, unit, METRIC),
        });
        const now = stepNow(bench);
        return {
          now: now.id,
          shows: now.show(bench),
          title: now.title(bench),
          steps: stepsOf(bench).map(({ id }) => id),
          meanwhile: meanwhileOf(bench).map(({ id }) => id),
          live: bench.live,
          ledger: runLedger(result, so),
          plates: plateRounds(plan, so, so.pieces, 24),
          late: lateAt(result, so, Date.parse(events.at(-1)!.at) + 30 * 60_000, write),
        };
      });
      expect(table(thirds)).toMatchSnapshot();
    });

    it('once it is over', () => {
      const again = planAgain(plan, state, {
        weighedG: result.dough.totalG,
        basis: startingBasis,
      });
      expect(
        table({
          summary: summaryOf(plan, state, startingBasis),
          evidence: evidenceOf(plan, state, startingBasis),
          again,
          compared: compareLog(
            result,
            entryOfRun('5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d1101', state, 'Etc/UTC'),
          ),
        }),
      ).toMatchSnapshot();
    });
  },
);

it('what all of them taught, and how it goes', () => {
  const found = BATCHES.map(({ run, plan, state }) => ({
    planId: run.plan,
    madeOn: run.at.slice(0, 10),
    summary: summaryOf(plan, state, startingBasis),
  }));
  const learnt = learn(
    BATCHES.map(({ run, plan, state }) => ({
      run: runId(run),
      madeOn: run.at.slice(0, 10),
      evidence: evidenceOf(plan, state, startingBasis),
    })),
    { today: '2026-12-01' },
  );
  expect(
    table({
      learnt: Object.fromEntries(
        learnt.map(({ quantity, key, ...each }) => [`${quantity} ${key}`, each]),
      ),
      findings: findings(found),
      trends: trends(found),
    }),
  ).toMatchSnapshot();
});
