import type { Metadata } from 'next';
import { compareLog } from '@/core/log/compareLog';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { LogPage } from '@/features/log/LogPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { getKitchen } from '@/server/repositories/kitchen';
import { listLog } from '@/server/repositories/log';
import { getBasis } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';
import { getRevision } from '@/server/repositories/revisions';

export const metadata: Metadata = { title: 'Log' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const db = database();
  const { plan, revision } = orNotFound(() => getPlan(db, id));
  const now = evaluatePlan(plan, getBasis(db));
  return (
    <LogPage
      id={id}
      name={plan.name}
      revision={revision}
      cooks={getKitchen(db).cooks}
      planned={{ pieces: now.pieces, thicknessMm: now.sheet.thicknessMm, doseG: now.shape.doseG }}
      entries={listLog(db, id).map(({ entry, revision: made, basis }) => ({
        entry,
        revision: made,
        // Against the pantry of that day: what was planned then stays as it was.
        comparisons: compareLog(evaluatePlan(getRevision(db, id, made).plan, basis), entry),
      }))}
    />
  );
}
