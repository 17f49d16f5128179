import { startingRules } from '../../src/core/basis/rules';
import { startingBasis } from '../../src/core/basis/basis';
import { coreFrozen } from '../../src/core/boil/coreFrozen';
import { coreThawed } from '../../src/core/boil/coreThawed';
import { seep } from '../../src/core/hold/seep';
import { evaluatePlan } from '../../src/core/plan/evaluatePlan';
import { modelOf } from '../../src/core/risk/modelOf';
import { startingPlans } from '../../src/core/plan/starting/startingPlans';
import { balanceMap } from '../../src/core/risk/balanceMap';
import { expectedLoss } from '../../src/core/risk/expectedLoss';
import { marginsOf } from '../../src/core/risk/margins';
import { scatter } from '../../src/core/risk/scatter';
import type { Row } from './rows';

const ROUNDS = 15;
/** So long each task runs before it is measured, ms. */
const WARM_MS = 2500;
/** Every median is of tasks at least so long, ms. */
const LEAST_MS = 8;

/** Median CPU time of a task, ms, warm: a busy neighbour does not count. */
function cpuMs(task: (i: number) => void): number {
  let i = 0;
  const burst = (times: number) => {
    const from = process.cpuUsage();
    for (let k = 0; k < times; k += 1) task((i += 1));
    const { user, system } = process.cpuUsage(from);
    return (user + system) / 1000;
  };
  const warm = process.cpuUsage();
  do burst(10);
  while (process.cpuUsage(warm).user < WARM_MS * 1000);
  let times = 1;
  while (burst(times) < LEAST_MS) times *= 2;
  const all = Array.from({ length: ROUNDS }, () => burst(times) / times).sort((a, b) => a - b);
  return all[Math.floor(ROUNDS / 2)]!;
}

const plan = startingPlans.ravioliSquare;
const wet = {
  ...plan,
  filling: {
    ...plan.filling,
    parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw', weighedG: 480 }],
  },
};
const piece = { halfHeightMm: 7, shapeExponent: 0.6, bathC: 98, targetC: 74 };
const sheet = { thicknessMm: 0.8, freeWaterShare: 0.05, doughMoisture: 0.34 };
const DAY_S = 86_400;
/** Never the same twice, so that nothing kept is measured. */
const other = (i: number) => ({
  ...wet,
  sheet: { ...wet.sheet, thicknessMm: 0.75 + (i % 997) * 1e-4 },
});

/** The simulations of hold and pot, the margins, the map and the scatter, beside their goals. */
export function riskRows(): Row[] {
  const map = modelOf(wet, startingBasis);
  const tasks: readonly (readonly [string, number, (i: number) => void])[] = [
    [
      'seep of a hold of a day, bare tray',
      0.1,
      (i) =>
        seep({ ...sheet, thicknessMm: 0.8 + i * 1e-7, surface: 'bare' }, startingRules, {
          untilFace: 0.47,
          untilS: DAY_S,
        }),
    ],
    [
      'seep of a hold of a day, semolina',
      0.2,
      (i) =>
        seep({ ...sheet, thicknessMm: 0.8 + i * 1e-7, surface: 'semolina' }, startingRules, {
          untilFace: 0.47,
          untilS: DAY_S,
        }),
    ],
    ['middle hot, thawed', 0.01, (i) => coreThawed({ ...piece, fromC: 6 + i * 1e-6 })],
    ['middle hot, frozen', 0.3, (i) => coreFrozen({ ...piece, fromC: -18 - (i % 9) * 1e-3 })],
    ['eight margins of a new sheet', 1, (i) => marginsOf(modelOf(other(i), startingBasis))],
    ['plan worked out, all of it, a new sheet', 1.5, (i) => evaluatePlan(other(i), startingBasis)],
    ['map of 12 × 12', 2, () => balanceMap(map, 12)],
    ['map of 24 × 24', 2, () => balanceMap(map, 24)],
    ['map of 48 × 48', 2, () => balanceMap(map)],
    ['share lost, summed', 0.5, () => expectedLoss(map)],
    ['scatter of 10,000 pieces', 5, (i) => scatter(map, { seed: i })],
  ];
  return tasks.map(([what, goal, task]) => {
    const ms = cpuMs(task);
    return {
      what,
      'median ms': ms.toFixed(3),
      budget: `${goal} ms CPU`,
      within: ms <= goal ? 'yes' : 'NO',
    };
  });
}
