import * as z from 'zod';
import { dayFileOf } from '@/core/formats/dayFile';
import { parseDay } from '@/core/schedule/document/day';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, fileAnswer, readBody } from '@/server/planRequests';
import { getDay, saveDay } from '@/server/repositories/days';
import { plansKept } from '@/server/repositories/plans';

type Context = { params: Promise<{ id: string }> };

/** The day with its plans, as a file. */
export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const db = database();
    const { day } = getDay(db, (await params).id);
    const stored = plansKept(
      db,
      day.services.map(({ planId }) => planId),
    );
    const plans = new Map(stored.map(({ id, plan }) => [id, plan]));
    return fileAnswer(`${JSON.stringify(dayFileOf({ day, plans }), null, 2)}\n`, {
      name: day.name,
      extension: 'day.json',
      type: 'application/json',
    });
  }, 'look');

const saveSchema = z.object({
  day: z.unknown(),
  baseEdition: z.number({ error: 'baseEdition must be a whole number from 1' }).int().min(1),
});

/**
 * A save of a day while somebody works on it.
 * 409 when another window has saved meanwhile, with what it saved.
 */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { id } = await params;
    const { day, baseEdition } = check(saveSchema, await readBody(request));
    const result = saveDay(database(), { id, day: parseDay(day), baseEdition, now: new Date() });
    return result.kind === 'saved'
      ? Response.json({ edition: result.edition })
      : Response.json(
          { error: 'Changed in another window', day: result.theirs, edition: result.edition },
          { status: 409 },
        );
  }, 'plan');
