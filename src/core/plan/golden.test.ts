import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { startingBasis } from '../basis/basis';
import { FAMILY_IDS } from '../shapes/families';
import { compareShapes } from './questions/compareShapes';
import { searchHeats } from './questions/heatSearch';
import { evaluatePlan } from './evaluatePlan';
import { parsePlan } from './document/parsePlan';
import type { Plan } from './document/schema';
import { startingPlans } from './starting/startingPlans';

/** To nine digits: what differs beyond them is the order of a sum. */
const rounded = (value: unknown): string =>
  JSON.stringify(value, (_key, each: unknown) =>
    typeof each === 'number' ? Number(each.toPrecision(9)) : each,
  );

const digest = (value: unknown): string =>
  createHash('sha256').update(rounded(value)).digest('hex').slice(0, 16);

const plans: [string, Plan][] = [
  ...FAMILY_IDS.map((id): [string, Plan] => [`starting ${id}`, startingPlans[id]]),
  ...readdirSync('demo/plans').map((file): [string, Plan] => [
    `demo ${file.replace('.json', '')}`,
    parsePlan(JSON.parse(readFileSync(`demo/plans/${file}`, 'utf8'))),
  ]),
];

/** Whole results as they stand: a step that should change nothing is seen to change nothing. */
describe('the whole result of every starting and demo plan', () => {
  it.each(plans)('%s', (_name, plan) => {
    const { working, stations, layout, ladder, margins, weakestLink, ...figures } =
      evaluatePlan(plan);
    const { pieces, portions, dough, filling, sheet, shape, leftover } = figures;
    expect({
      pieces,
      portions,
      doughG: Number(dough.totalG.toFixed(2)),
      fillingG: Number(filling.totalG.toFixed(2)),
      leftDoughG: Number(leftover.doughG.toFixed(2)),
      leftFillingG: Number(leftover.fillingG.toFixed(2)),
      hydration: Number(dough.hydration.toFixed(4)),
      target: Number(dough.target.toFixed(4)),
      sheets: sheet.count,
      openMin: Number(sheet.fill.openMin.toFixed(2)),
      setting: sheet.setting,
      lipMm: Number(shape.lipMm.toFixed(3)),
      margins: Object.entries(margins).map(([name, each]) => `${name} ${each?.toFixed(3)}`),
      stations: Object.entries(stations).map(([id, { state, word }]) => `${id}: ${state}, ${word}`),
      weakest: `${weakestLink.name}, ${weakestLink.remedies.length} remedies`,
      all: digest({ figures, layout }),
      workings: digest(working),
      ladder: digest(ladder),
    }).toMatchSnapshot();
  });

  it('of the searches over one', () => {
    const plan = startingPlans.ravioliSquare;
    const both = {
      ...plan,
      batch: { ...plan.batch, wayIn: 'both' as const, doughInHandG: 480, fillingInHandG: 900 },
    };
    expect({
      heats: digest(searchHeats(both, startingBasis)),
      shapes: digest(compareShapes(plan, startingBasis)),
    }).toMatchSnapshot();
  });
});
