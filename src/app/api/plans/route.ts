import { randomUUID } from 'node:crypto';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { getPantry } from '@/server/repositories/pantry';
import { createPlan } from '@/server/repositories/plans';

/** A plan document in, a new plan's id out. */
export const POST = (request: Request) =>
  answer(async () => {
    const db = database();
    const plan = parsePlan(await readBody(request), getPantry(db));
    const { id } = createPlan(db, { id: randomUUID(), plan, now: new Date() });
    return Response.json({ id }, { status: 201 });
  }, 'plan');
