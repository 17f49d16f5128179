import type { Metadata } from 'next';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { inKitchen } from '@/core/plan/questions/inKitchen';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { ImportPlan } from '@/features/plans/ImportPlan';
import { StartPlan } from '@/features/plans/StartPlan';
import { database } from '@/server/db/database';
import { getKitchen } from '@/server/repositories/kitchen';
import { getBasis } from '@/server/repositories/basis';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'New plan' };

export default function Page() {
  const db = database();
  const [kitchen, basis] = [getKitchen(db), getBasis(db)];
  const choices = FAMILY_IDS.map((family) => {
    const plan = inKitchen(startingPlans[family], kitchen, basis);
    const { pieces, portions, dough, filling, shape } = evaluatePlan(plan, basis);
    return {
      family,
      name: familyOf(family).name,
      summary: familyOf(family).summary,
      colour: plan.colour,
      portions,
      pieces,
      doughG: dough.totalG,
      fillingG: filling.totalG,
      section: shape.drawing.section,
    };
  });
  return (
    <>
      <BenchBar />
      <main className="mx-auto max-w-[1080px] p-5 md:py-8">
        <h1 className="font-display text-[2rem] leading-tight">What are you making?</h1>
        <p className="mt-1 mb-5 max-w-prose">
          Each is a plan that holds as it stands, its piece drawn to one scale with the others.
          Change the filling, the count and anything else from there.
        </p>
        <StartPlan choices={choices} />
        <div className="mt-6">
          <ImportPlan />
        </div>
      </main>
    </>
  );
}
