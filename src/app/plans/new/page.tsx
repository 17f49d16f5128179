import type { Metadata } from 'next';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { inKitchen } from '@/core/plan/questions/inKitchen';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { allergensOf } from '@/core/composition/allergens';
import { dietOf } from '@/core/composition/diet';
import { DOUGH_STYLES } from '@/core/dough/styles';
import { STARTING_FILLINGS } from '@/core/plan/starting/startingFillings';
import { ImportPlan } from '@/features/plans/ImportPlan';
import { NewPlanForm } from '@/features/plans/NewPlanForm';
import { StartPlan } from '@/features/plans/StartPlan';
import { database } from '@/server/database';
import { rowsFor } from '@/core/plan/model/withLearnt';
import { ownRows } from '@/server/repositories/pantry';
import { getKitchen } from '@/server/repositories/kitchen';
import { getBasis } from '@/server/repositories/basis';
import { Link } from '@/ui/layout/Link';
import { BenchBar } from '@/ui/layout/BenchBar';
import { WordsHere } from '@/ui/glossary/WordsHere';

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
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <h1 className="font-display text-[2rem] leading-tight">What are you making?</h1>
        <p className="mt-1 mb-5 max-w-prose">
          Say what you know; everything can be changed afterwards. What you leave as it is works.{' '}
          <span className="text-ink-dim">
            Rolled on: {kitchen.rollers[0]?.name.toLowerCase() ?? 'any roller'}.
          </span>{' '}
          <Link className="link" href="/kitchen/gear">
            What I have
          </Link>
        </p>
        <NewPlanForm
          fillings={STARTING_FILLINGS.map(({ id, name, says, colour, parts }) => {
            const ids = parts.map((part) => part.id);
            const allergens = allergensOf(ids, basis.pantry);
            return {
              id,
              name,
              says,
              colour,
              // Fish is a diet's word and an allergen's: it is said once.
              contents: [...new Set([dietOf(ids, basis.pantry), ...allergens])].join(', '),
            };
          })}
          doughs={DOUGH_STYLES.filter(({ parts }) => parts).map(({ id, name, says }) => ({
            id,
            name,
            says,
          }))}
          egg={{ eggG: kitchen.eggG, yolkG: kitchen.yolkG }}
          ownRows={rowsFor([], ownRows(db))}
        />
        <details className="mt-8">
          <summary className="min-h-[44px] py-2 font-display text-lead font-semibold">
            Or begin from a shape
          </summary>
          <p className="mb-3 max-w-prose">
            Each is a plan that holds as it stands, its piece drawn to one scale with the others.
          </p>
          <StartPlan choices={choices} />
        </details>
        <div className="mt-6">
          <ImportPlan />
        </div>
        <div className="mt-6">
          <WordsHere words={['dose', 'hydration', 'trim']} />
        </div>
      </main>
    </>
  );
}
