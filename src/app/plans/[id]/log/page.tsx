import type { Metadata } from 'next';
import { compareLog } from '@/core/log/compareLog';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { LogPage } from '@/features/log/LogPage';
import { database } from '@/server/db/database';
import { orNotFound } from '@/server/orNotFound';
import { getKitchen } from '@/server/repositories/kitchen';
import { listLog } from '@/server/repositories/log';
import { getPlan, getRevision } from '@/server/repositories/plans';

export const metadata: Metadata = { title: 'Log' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const db = database();
  const { plan, revision } = orNotFound(() => getPlan(db, id));
  const now = evaluatePlan(plan);
  const byRevision = new Map<number, PlanResult>([[revision, now]]);
  const resultOf = (number: number): PlanResult => {
    const known = byRevision.get(number) ?? evaluatePlan(getRevision(db, id, number).plan);
    byRevision.set(number, known);
    return known;
  };
  return (
    <LogPage
      id={id}
      name={plan.name}
      revision={revision}
      cooks={getKitchen(db).cooks}
      planned={{ pieces: now.pieces, thicknessMm: now.sheet.thicknessMm, doseG: now.shape.doseG }}
      entries={listLog(db, id).map((stored) => ({
        ...stored,
        comparisons: compareLog(resultOf(stored.revision), stored.entry),
      }))}
    />
  );
}
