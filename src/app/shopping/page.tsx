import type { Metadata } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { cutTo } from '@/core/cutTo';
import { planFigures } from '@/core/plan/evaluatePlan';
import { planNeeds, rowsBought } from '@/core/shopping/shoppingList';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { ShoppingPage } from '@/features/shopping/ShoppingPage';
import { database } from '@/server/database';
import { getBasis } from '@/server/repositories/basis';
import { queryPlans } from '@/server/repositories/findPlans';
import { plansById } from '@/server/repositories/plans';

export const metadata: Metadata = { title: 'Shopping' };

interface Props {
  searchParams: Promise<{ plans?: string | string[]; q?: string | string[] }>;
}

/** One shops for no more plans than this at once. */
const MOST_CHOSEN = 100;

export default async function Page({ searchParams }: Props) {
  const { plans: asked, q } = await searchParams;
  const db = database();
  const words = typeof q === 'string' ? cutTo(q, 80) : '';
  const found = queryPlans(db, { shelf: 'current', words });
  const there = new Set(found.plans.map(({ id }) => id));
  const chosen = typeof asked === 'string' ? asked.split(',').slice(0, MOST_CHOSEN) : [];
  const others = plansById(
    db,
    chosen.filter((id) => !there.has(id)),
  );
  const basis = getBasis(db);
  const plans = [...others, ...found.plans].map(({ id, plan }) => {
    const result = planFigures(plan, basis);
    return { id, pieces: result.pieces, ...planNeeds(plan, result) };
  });
  return (
    <NuqsAdapter>
      <ShoppingPage
        plans={plans}
        all={words === '' && found.total === found.plans.length}
        rows={rowsBought(plans, basis.pantry)}
        notice={<UnreadableNotice documents={found.unreadable} />}
      />
    </NuqsAdapter>
  );
}
