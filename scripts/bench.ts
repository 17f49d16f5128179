/**
 * npm run bench [-- PART ...]: how long the product's own work takes, and what the plan page weighs. Each row is
 * said as it is measured.
 */
import { startingRules } from '../src/core/basis/rules';
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { Bench } from 'tinybench';
import { startingBasis } from '../src/core/basis/basis';
import { startingPantry } from '../src/core/composition/pantry';
import { searchIngredients } from '../src/core/composition/search';
import { eggOptions } from '../src/core/dough/eggOptions';
import { layingOf } from '../src/core/layout/laying';
import { placesOf } from '../src/core/layout/places';
import { compareShapes } from '../src/core/plan/questions/compareShapes';
import { typedPiece } from '../src/core/plan/model/piece';
import { searchHeats } from '../src/core/plan/questions/heatSearch';
import { evaluatePlan } from '../src/core/plan/evaluatePlan';
import { ladderOf } from '../src/core/plan/model/ladder';
import { modelOf } from '../src/core/risk/modelOf';
import { layingFor } from '../src/core/plan/model/laying';
import { templatePages, wholeSheetPage } from '../src/core/plan/questions/templatesOfPlan';
import { pageSvg } from '../src/core/templates/svg';
import { dryingRemedies } from '../src/core/risk/drying';
import { parsePlan } from '../src/core/plan/document/parsePlan';
import type { Plan } from '../src/core/plan/document/schema';
import { startingPlans } from '../src/core/plan/starting/startingPlans';
import { FAMILY_IDS } from '../src/core/shapes/families';
import { openDatabase } from '../src/server/db/database';
import { templatePdf } from '../src/server/pdf/templatePdf';
import { addLogEntry } from '../src/server/repositories/log';
import { getPantry, saveRows } from '../src/server/repositories/pantry';
import { talliesOf } from '../src/server/repositories/tallies';
import { createPlan, getPlan, listPlans, savePlan } from '../src/server/repositories/plans';
import { dayRows } from './bench/days';
import { faultRows } from './bench/faults';
import { growFile, growthRows, growthSaves } from './bench/growth';
import { handRows } from './bench/hand';
import { practiceRows } from './bench/practice';
import { riskRows } from './bench/risk';
import { kindRows, kitchenRows, runRows } from './bench/runs';
import type { Row } from './bench/rows';
import { weightRows } from './bench/weight';
import { build, installChromium, quietEnv, run, tool } from './setup.mjs';

const PLAN_MS = 4;
const EGGS_MS = 20;
const REMEDIES_MS = 5;
const SEARCH_MS = 16;
const LAYOUT_MS = 5;
const SEARCH_BANDS_MS = 300;
const TEMPLATES_MS = 500;
const ACTION_MS = 30;
const PORT = '4175';

/** Says what was measured, as soon as it is. */
function told(...rows: readonly Row[]): void {
  for (const { what, within, budget, ...measured } of rows) {
    const figures = Object.entries(measured).map(([name, value]) => `${name} ${value}`);
    console.log(`${within === 'NO' ? '✕' : '✓'} ${what}: ${figures.join(', ')} (${budget})`);
  }
}

async function time(budgetMs: number, tasks: Record<string, () => void>) {
  const bench = new Bench({ time: 400, warmupTime: 600, retainSamples: true });
  for (const [name, task] of Object.entries(tasks)) bench.add(name, task);
  await bench.run();
  for (const task of bench.tasks) {
    const result = task.result;
    if (!('latency' in result)) throw new Error(`${task.name} did not run`);
    const samples = [...(result.latency.samples ?? [])].sort((a, b) => a - b);
    const at = (share: number) => samples[Math.floor(share * (samples.length - 1))] ?? NaN;
    told({
      what: task.name,
      'median ms': at(0.5).toFixed(2),
      'p95 ms': at(0.95).toFixed(2),
      budget: `${budgetMs} ms`,
      within: at(0.95) <= budgetMs ? 'yes' : 'NO',
    });
  }
}

const both = (plan: Plan, doughInHandG: number, fillingInHandG: number): Plan => ({
  ...plan,
  batch: { ...plan.batch, wayIn: 'both', doughInHandG, fillingInHandG },
});

async function core() {
  await time(PLAN_MS, {
    ...Object.fromEntries(
      FAMILY_IDS.map((id) => [
        `plan worked out, ${id}`,
        () => void evaluatePlan(startingPlans[id], startingBasis),
      ]),
    ),
    'plan worked out, dead heat found at once': () =>
      void evaluatePlan(both(startingPlans.ravioliSquare, 616, 928), startingBasis),
    'plan worked out, dead heat that searches every band': () =>
      void evaluatePlan(both(startingPlans.ravioliSquare, 400, 5000), startingBasis),
    'plan worked out, 12 kg of yolk-rich dough in whole eggs': () =>
      void evaluatePlan(large, startingBasis),
    'plan document read and checked': () =>
      void parsePlan(JSON.parse(JSON.stringify(startingPlans.ravioliSquare)), startingPantry),
  });
  const egg = { eggG: 50, yolkG: 17 };
  const blend = {
    absorption: 0,
    othersG: 0.02,
    othersWaterG: 0,
    othersEggSolidsG: 0,
    othersFatG: 0,
    weatherWaterG: 0,
  };
  const options = (g: number, yolkShare?: number) =>
    void eggOptions(
      { blend, given: { kind: 'dough', g }, egg, style: 'plain', yolkShare },
      startingPantry,
      { rules: startingRules },
    );
  await time(EGGS_MS, {
    'egg options for 616 g of dough': () => options(616),
    'egg options for 5 kg of yolk-rich dough': () => options(5000, 0.7),
  });
  const wet = {
    ...startingPlans.tortelloni.filling,
    parts: [
      { id: 'ricotta-fresh', g: 500, preparation: 'raw' },
      { id: 'spinach-raw', g: 400, preparation: 'wilt-drain' },
      { id: 'celeriac-raw', g: 300, preparation: 'steam' },
      { id: 'mushroom-raw', g: 200, preparation: 'sweat-covered' },
      { id: 'hard-cheese-aged', g: 60, preparation: 'raw' },
    ],
  };
  await time(REMEDIES_MS, {
    'remedies for a wet filling of five ingredients': () =>
      void dryingRemedies(wet, 0.02, startingBasis),
  });
}

/** One layout, a search over every band, and templates. */
async function layouts() {
  const cut = { kind: 'disc', diameterMm: 30 } as const;
  const wide = {
    cut,
    way: 'single' as const,
    widthMm: 690,
    longestMm: 4000,
    thicknessMm: 0.8,
    gapMm: 1,
    endMm: 5,
    pieceAreaMm2: 700,
  };
  const usual = layingFor(
    startingPlans.ravioliRound,
    typedPiece(startingPlans.ravioliRound, startingBasis),
    900,
  );
  await time(LAYOUT_MS, {
    'layout of one sheet, with every place': () => void placesOf(layingOf(usual)),
    'layout of 3,000 discs, with every place': () => void placesOf(layingOf(wide)),
    'ladder of passes': () => void ladderOf(squareModel),
  });
  const dead = both(startingPlans.ravioliSquare, 640, 820);
  const sizesMm = Array.from({ length: 60 }, (_, i) => 35 + i);
  await time(SEARCH_BANDS_MS, {
    'dead heat over all bands, 60 sizes by 5 thicknesses': () =>
      void searchHeats(dead, startingBasis, {
        sizesMm,
        thicknessesMm: [0.6, 0.7, 0.8, 0.9, 1.0],
      }),
    'thirteen shapes compared': () =>
      void compareShapes(startingPlans.ravioliSquare, startingBasis),
  });
  const pages = (template: 'sheet' | 'gauge') =>
    templatePages(startingPlans.ravioliRound, startingBasis, { template, paper: 'a4' });
  await time(TEMPLATES_MS, {
    'sheet template as SVG': () =>
      void pageSvg(wholeSheetPage(startingPlans.ravioliRound, startingBasis)!),
    'sheet and gauge tiled over A4': () => void [pages('sheet'), pages('gauge')],
  });
  const from = performance.now();
  for (let i = 0; i < 10; i += 1)
    await templatePdf([...pages('sheet'), ...pages('gauge')], 'bench');
  const each = (performance.now() - from) / 10;
  told({
    what: 'sheet and gauge as PDF, mean of ten',
    'median ms': each.toFixed(2),
    budget: `${TEMPLATES_MS} ms`,
    within: each <= TEMPLATES_MS ? 'yes' : 'NO',
  });
}

const squareModel = modelOf(startingPlans.ravioliSquare, startingBasis);

/** A yolk-rich dough for a large service. */
const large: Plan = {
  ...startingPlans.ravioliSquare,
  batch: { ...startingPlans.ravioliSquare.batch, portions: 260 },
  dough: {
    ...startingPlans.ravioliSquare.dough,
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 100 },
      { id: 'egg-yolk', g: 136 },
      { id: 'water', g: 7 },
    ],
  },
};

/** Two thousand ingredients of the cook's own. */
const manyRows = Array.from({ length: 2000 }, (_, i) => ({
  ...startingPantry.ingredients.get('celeriac-raw')!,
  id: `own-${i}`,
  name: `Own ingredient ${i}`,
}));

/** A year of a busy kitchen: 60 plans, 2,000 log entries. */
async function store() {
  const file = '.cache/bench.db';
  for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  const db = openDatabase(file);
  const now = new Date('2026-01-01T00:00:00Z');
  for (let p = 0; p < 60; p += 1) {
    createPlan(db, { id: `p${p}`, plan: startingPlans.ravioliSquare, now });
  }
  for (let i = 0; i < 2000; i += 1) {
    addLogEntry(db, {
      planId: `p${i % 60}`,
      revision: 1,
      now,
      entry: {
        id: randomUUID(),
        madeOn: '2026-01-01',
        pieces: 40,
        burst: 1,
        doughLeftG: 0,
        fillingLeftG: 0,
        note: '',
      },
    });
  }
  let dose = 3;
  await time(ACTION_MS, {
    'plan saved': () => {
      dose = dose > 9 ? 3 : dose + 0.001;
      const { plan, edition } = getPlan(db, 'p0');
      const next = { ...plan, shape: { ...plan.shape, doseG: dose } };
      savePlan(db, { id: 'p0', plan: next, baseEdition: edition, sitting: 'bench', now });
    },
    'list of 60 plans read, as it was worked out': () =>
      void talliesOf(db, listPlans(db, 'current').plans, { built: 'bench' }),
  });
  saveRows(db, 'ingredients', manyRows, { now });
  await time(ACTION_MS, {
    'pantry of 2,000 own ingredients read': () => void getPantry(db),
    'one of 2,000 ingredients saved': () =>
      saveRows(db, 'ingredients', [{ ...manyRows[7]!, water: 0.8 }], { now }),
  });
  const rows2000 = [...getPantry(db).ingredients.values()];
  await time(SEARCH_MS, {
    'search through 2,000 ingredients': () => void searchIngredients(rows2000, 'own 19'),
  });
  told(...runRows(db));
  db.$client.close();
}

/** How the plan page comes over the line and answers the hand, from a server of its own. */
async function pages() {
  build();
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    stdio: 'ignore',
    env: { ...quietEnv, MORTAR_DB: '.cache/bench.db', MORTAR_LISTEN: `127.0.0.1:${PORT}` },
  });
  try {
    const origin = `http://127.0.0.1:${PORT}`;
    await whenReady(`${origin}/plans/p0`);
    told(
      ...(await weightRows(origin, [
        { name: 'plan page', path: '/plans/p0', kB: { JavaScript: 180, 'style sheets': 30 } },
        { name: 'log page, charts apart', path: '/plans/p0/log', kB: { JavaScript: 140 } },
      ])),
    );
    installChromium();
    told(...(await handRows(origin, 'p0')));
  } finally {
    server.kill();
  }
}

async function whenReady(url: string): Promise<void> {
  for (let attempt = 0; attempt < 60; attempt += 1) {
    try {
      if ((await fetch(url)).ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('The server did not start');
}

/** Pages and saves of a kitchen with 5,000 plans, 5,000 batches, 320,000 taps, 3,000 ingredients and 500 days. */
async function growth() {
  build();
  const file = '.cache/grown.db';
  for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  run(tool('tsx'), ['demo/seed.ts', file]);
  growFile(file);
  const db = openDatabase(file);
  const planId = listPlans(db, 'current').plans[0]!.id;
  db.$client.close();
  told(...growthSaves(file, planId));
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    stdio: 'ignore',
    env: { ...quietEnv, MORTAR_DB: file, MORTAR_LISTEN: `127.0.0.1:${PORT}` },
  });
  try {
    const origin = `http://127.0.0.1:${PORT}`;
    await whenReady(`${origin}/words`);
    told(...(await growthRows(origin, server.pid!, planId)));
  } finally {
    server.kill();
  }
}

const PARTS: Readonly<Record<string, () => unknown>> = {
  core,
  risk: () => told(...riskRows()),
  layouts,
  store,
  hand: pages,
  growth,
  kitchens() {
    console.log('Made-up kitchens: how far predictions are off, and whether the 90 % ranges hold');
    console.table(kitchenRows());
    console.table(kindRows());
  },
  days: () => console.table(dayRows()),
  practice: () => console.table(practiceRows()),
  faults() {
    const faults = faultRows();
    console.table(faults.rows);
    console.log('Hidden causes: what is taken for what, the most frequent first');
    console.table(faults.mistaken);
  },
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in PARTS));
if (unknown.length > 0) {
  console.error(`There is no ${unknown.join(', ')}. Parts: ${Object.keys(PARTS).join(', ')}`);
  process.exit(2);
}
for (const [name, part] of Object.entries(PARTS)) {
  if (asked.length === 0 || asked.includes(name)) await part();
}
