/** What the shorter commands give. The longer ones have a file each. */
import { metricText } from '../core/units/format';
import { sentenceText } from '../core/units/sentence';
import { join } from 'node:path';
import * as z from 'zod';
import { basisWith } from '../core/basis/basis';
import type { Learnt } from '../core/basis/learnt';
import { learn } from '../core/calibrate/learn';
import type { Pantry } from '../core/composition/pantry';
import { DRILL_IDS } from '../core/drills/drill';
import { drill, MOST_SEED } from '../core/drills/drills';
import { readRunFile } from '../core/formats/runFile';
import { placesOf } from '../core/layout/places';
import { parsePlan } from '../core/plan/document/parsePlan';
import type { Plan } from '../core/plan/document/schema';
import { evaluatePlan } from '../core/plan/evaluatePlan';
import { modelOf } from '../core/risk/modelOf';
import { cautionsFor } from '../core/plan/questions/cautions';
import { scatter } from '../core/risk/scatter';
import { toMake } from '../core/batch/toMake';
import { bowlsOf } from '../core/run/bowls';
import { evidenceOf } from '../core/run/evidence';
import { systemZone } from '../core/kitchen/localTime';
import { foldRun, madeOnOf } from '../core/run/fold';
import { runLedger } from '../core/run/ledger';
import { readJson, UsageError, type World } from './world';

/** A plan's result, with the passes, every blank's place, and the cautions that go with it. */
export function planResult(plan: Plan, pantry: Pantry, learnt: readonly Learnt[]): object {
  const basis = basisWith(pantry, learnt);
  const result = evaluatePlan(plan, basis);
  const model = modelOf(plan, basis);
  const hands = scatter(model);
  return {
    ...result,
    remedies: result.weakestLink.remedies,
    scatter: { ...hands, make: toMake(result.counts.plated, hands.lost) + result.counts.tasted },
    layout: { ...result.layout, places: placesOf(result.layout.laying) },
    cautions: cautionsFor(plan, pantry),
  };
}

/** A run's state, and against its plan its bowls and ledger. */
export function runResult(
  world: World,
  file: string | undefined,
  pantry: Pantry,
  planFile: string | undefined,
): object {
  if (!file) throw new UsageError('FILE: name a run file, or - for standard input');
  const { id, plan: held, learnt, events, bad } = readRunFile(world.readText(file), pantry);
  const plan = planFile === undefined ? held : parsePlan(readJson(world, planFile), pantry);
  const state = foldRun(events);
  const result = plan && evaluatePlan(plan, basisWith(pantry, learnt));
  const { events: _events, ...rest } = state;
  return {
    id,
    ...rest,
    begun: [...state.begun],
    done: [...state.done],
    ticked: [...state.ticked],
    ingredients: Object.fromEntries(state.ingredients),
    bowls: result && bowlsOf(result, state),
    ledger: result && runLedger(result, state),
    unreadable: bad,
  };
}

/** What the run files of a folder teach, as a file that plans can be worked out with. */
export function calibrations(
  world: World,
  folder: string | undefined,
  pantry: Pantry,
  today: string | undefined,
): object {
  if (!folder) throw new UsageError('DIR: name a folder of run files');
  if (today !== undefined && !z.iso.date().safeParse(today).success) {
    throw new UsageError(`--today: must be a day as 2026-11-24, not ${today}`);
  }
  const files = world
    .list(folder)
    .filter((name) => name.endsWith('.jsonl'))
    .sort();
  const runs = files.map((name) => {
    const { plan, learnt, events } = readRunFile(world.readText(join(folder, name)), pantry);
    if (!plan) throw new UsageError(`${name}: holds no plan`);
    const state = foldRun(events);
    return {
      run: name,
      madeOn: madeOnOf(state, systemZone()) ?? '1970-01-01',
      evidence: evidenceOf(plan, state, basisWith(pantry, learnt)),
    };
  });
  const latest = runs
    .map(({ madeOn }) => madeOn)
    .sort()
    .at(-1);
  return {
    format: 'mortar-sheet/calibrations',
    version: 1,
    learnt: learn(runs, { today: today ?? latest ?? '1970-01-01' }),
  };
}

/** An exercise, its answer and how it comes. */
export function exercise(kind: string | undefined, seed = '1'): object {
  const id = DRILL_IDS.find((each) => each === kind);
  if (!id) throw new UsageError(`KIND: must be one of: ${DRILL_IDS.join(', ')}`);
  const n = Number(seed);
  if (!Number.isInteger(n) || n < 0 || n > MOST_SEED) {
    throw new UsageError(`--seed: must be a whole number from 0 to ${MOST_SEED}`);
  }
  const each = drill(id, n);
  const inMetric = (words: string) => sentenceText(words, metricText);
  return { ...each, sees: inMetric(each.sees), working: each.working.map(inMetric) };
}
