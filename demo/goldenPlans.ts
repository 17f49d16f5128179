import { startingPantry } from '../src/core/composition/pantry';
import { readdirSync, readFileSync } from 'node:fs';
import { FAMILY_IDS } from '../src/core/shapes/families';
import { parsePlan } from '../src/core/plan/document/parsePlan';
import type { Plan } from '../src/core/plan/document/schema';
import { startingPlans } from '../src/core/plan/starting/startingPlans';

const demoPlan = (name: string): Plan =>
  parsePlan(JSON.parse(readFileSync(`demo/plans/${name}.json`, 'utf8')), startingPantry);

/** For tests: the demo's plans by their files' names. */
export const DEMO_PLANS: ReadonlyMap<string, Plan> = new Map(
  readdirSync('demo/plans').map((file) => {
    const name = file.replace('.json', '');
    return [name, demoPlan(name)];
  }),
);

/** For tests: every starting plan and every plan of the demo, with its name. */
export const GOLDEN_PLANS: readonly (readonly [string, Plan])[] = [
  ...FAMILY_IDS.map((id) => [`starting ${id}`, startingPlans[id]] as const),
  ...[...DEMO_PLANS].map(([name, plan]) => [`demo ${name}`, plan] as const),
];

/** For tests: a few plans that differ in dough, shape, way in and hold, for what takes long or says much. */
export const FEW_PLANS = GOLDEN_PLANS.filter(([name]) =>
  /starting (ravioliSquare|tortelloni|pinchedAgnolotti|mouldedRavioli)$|stall$|ox-cheek/.test(name),
);
