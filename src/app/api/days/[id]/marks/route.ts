import * as z from 'zod';
import { dayMarkSchema } from '@/core/schedule/document/marks';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { addMarks, dayProgress } from '@/server/repositories/days';

type Context = { params: Promise<{ id: string }> };

/** So many marks go up at once. */
const MOST = 200;

const bodySchema = z.strictObject({
  marks: z.array(dayMarkSchema).max(MOST, `marks must be at most ${MOST}`),
});

/** How far the day has come; whoever follows it asks every few seconds, with what they know. */
export const GET = (request: Request, { params }: Context) =>
  answer(async () => {
    const known = new URL(request.url).searchParams.get('known') ?? '';
    return Response.json(dayProgress(database(), (await params).id, known));
  }, 'look');

/** Adds what happened to tasks of the day; what is there already changes nothing. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const { marks } = check(bodySchema, await readBody(request));
    return Response.json(addMarks(database(), (await params).id, marks, new Date()));
  }, 'bench');
