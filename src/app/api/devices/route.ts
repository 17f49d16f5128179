import * as z from 'zod';
import { check } from '@/server/check';
import { linesAfter, postLines } from '@/server/deviceLines';
import { answer, readBody } from '@/server/planRequests';

const bodySchema = z.strictObject({
  lines: z
    .array(z.string().max(400, 'lines must be at most 400 characters each'))
    .max(100, 'lines must be at most 100 at once'),
});

/** Lines of a device on this machine, as `docs/devices.md` has them. */
export const POST = (request: Request) =>
  answer(async () => {
    const { lines } = check(bodySchema, await readBody(request));
    return Response.json({ last: postLines(lines) });
  }, 'bench');

/** What devices said since a number. */
export const GET = (request: Request) =>
  answer(async () => {
    const after = Number(new URL(request.url).searchParams.get('after') ?? NaN);
    return Response.json(linesAfter(Number.isFinite(after) ? after : null));
  }, 'look');
