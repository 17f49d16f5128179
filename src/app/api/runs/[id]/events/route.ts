import * as z from 'zod';
import { runEventSchema } from '@/core/run/events';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { addEvents, eventsAfter } from '@/server/repositories/runs';

type Context = { params: Promise<{ id: string }> };

/** So many events go up at once. */
const MOST = 200;

const bodySchema = z.strictObject({
  events: z.array(runEventSchema).max(MOST, `events must be at most ${MOST}`),
});

const afterSchema = z.coerce
  .number({ error: 'after must be a whole number from 0' })
  .int('after must be a whole number from 0')
  .min(0, 'after must be a whole number from 0');

/** What has happened since an event's number: whoever follows a run asks for it every second or so. */
export const GET = (request: Request, { params }: Context) =>
  answer(async () => {
    const after = check(afterSchema, new URL(request.url).searchParams.get('after') ?? '0');
    return Response.json(eventsAfter(database(), (await params).id, after));
  }, 'look');

/** Adds what happened at a bench; what is there already changes nothing. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const { events } = check(bodySchema, await readBody(request));
    return Response.json(addEvents(database(), (await params).id, events, new Date()));
  }, 'bench');
