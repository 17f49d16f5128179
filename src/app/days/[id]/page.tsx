import type { Metadata } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import { DayPage } from '@/features/day/DayPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { basisPartsOf } from '@/server/repositories/basis';
import { getDay } from '@/server/repositories/days';
import { planChoices } from '@/server/repositories/findPlans';
import { getKitchen } from '@/server/repositories/kitchen';
import { plansKept } from '@/server/repositories/plans';

interface Props {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: orNotFound(() => getDay(database(), id)).day.name };
}

/** One chooses among no more plans than this: the ones changed last. */
const MOST_CHOICES = 400;

export default async function Page({ params }: Props) {
  const db = database();
  const { id } = await params;
  const { day, edition } = orNotFound(() => getDay(db, id));
  const own = plansKept(
    db,
    day.services.map(({ planId }) => planId),
  );
  const named = own.map((stored) => ({
    id: stored.id,
    name: stored.plan.name,
    portions: stored.plan.batch.portions,
  }));
  const choices = new Map(
    [...planChoices(db, MOST_CHOICES), ...named].map((choice) => [choice.id, choice]),
  );
  return (
    <NuqsAdapter>
      <DayPage
        id={id}
        stored={day}
        edition={edition}
        plans={own.map((stored) => [stored.id, stored.plan])}
        choices={[...choices.values()]}
        parts={basisPartsOf(
          db,
          own.map(({ plan }) => plan),
        )}
        notice={null}
        timeZone={getKitchen(db).timeZone}
      />
    </NuqsAdapter>
  );
}
