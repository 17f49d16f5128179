import type { Metadata } from 'next';
import { planFigures } from '@/core/plan/evaluatePlan';
import { planNeeds } from '@/core/shopping/shoppingList';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { ShoppingPage } from '@/features/shopping/ShoppingPage';
import { database } from '@/server/database';
import { getBasis } from '@/server/repositories/basis';
import { ownRows } from '@/server/repositories/pantry';
import { listPlans } from '@/server/repositories/plans';

export const metadata: Metadata = { title: 'Shopping' };

interface Props {
  searchParams: Promise<{ plans?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { plans: asked } = await searchParams;
  const db = database();
  const basis = getBasis(db);
  const { plans: read, unreadable } = listPlans(db, 'current');
  const plans = read.map(({ id, plan }) => {
    const result = planFigures(plan, basis);
    return { id, pieces: result.pieces, ...planNeeds(plan, result) };
  });
  const wanted = typeof asked === 'string' ? asked.split(',') : null;
  return (
    <ShoppingPage
      notice={<UnreadableNotice documents={unreadable} />}
      key={String(asked)}
      plans={plans}
      chosen={plans.map(({ id }) => id).filter((id) => !wanted || wanted.includes(id))}
      ownRows={ownRows(db)}
    />
  );
}
