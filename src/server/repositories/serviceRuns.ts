import { isDeepStrictEqual } from 'node:util';
import type { Plan } from '@/core/plan/document/schema';
import { FieldError } from '@/core/range';
import { planFor } from '@/core/schedule/tasks/service';
import { write, type Database } from '../db/database';
import { getDay, linkRun, runOfService } from './days';
import { getLearnt } from './learnt';
import { getPlan, changePlan } from './plans';
import { openRun } from './runs';

/**
 * Opens a run for one of a day's services, or finds the one that is linked. It is made as the day makes it: for
 * its portions, frozen, or with a class's spare share; where the plan stands otherwise it gets a revision for
 * that. Of the day's changes the plan itself keeps the portions only. Gives the run's id.
 * @throws FieldError when the day has no such service
 * @throws NotFoundError when day or plan are not there
 */
export function openServiceRun(
  db: Database,
  { dayId, serviceId, runId, now }: { dayId: string; serviceId: string; runId: string; now: Date },
): string {
  const service = getDay(db, dayId).day.services.find(({ id }) => id === serviceId);
  if (!service) throw new FieldError('service', 'must be one of the day’s');
  const known = runOfService(db, dayId, serviceId);
  if (known) return known;
  const id = service.planId;
  const { plan } = getPlan(db, id);
  /** As a revision of its own, where it differs from what stands. */
  const put = (next: Plan) => {
    if (isDeepStrictEqual(next, getPlan(db, id).plan)) return;
    changePlan(db, { id, change: () => next, now });
  };
  const asDay = planFor(plan, service);
  put(asDay);
  const { revision } = getPlan(db, id);
  write(db, (tx) => {
    openRun(tx, { id: runId, planId: id, revision, learnt: getLearnt(db), now });
    linkRun(tx, { dayId, service: serviceId, runId });
  });
  const { wayIn, portions } = asDay.batch;
  put({ ...plan, batch: { ...plan.batch, wayIn, portions } });
  return runId;
}
