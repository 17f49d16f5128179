import * as z from 'zod';
import { cutTo } from '@/core/cutTo';
import type { Pantry } from '@/core/composition/pantry';
import { oneOf } from '@/core/fields';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { TEMPLATES } from '@/core/plan/questions/templatesOfPlan';
import { check } from './check';
import { NotFoundError } from './repositories/notFound';

/** Largest plan document taken, bytes. */
const MAX_BYTES = 512 * 1024;

/** A bad request: its message names the field and the range. */
const bad = (error: string, path = '', status = 400) => Response.json({ error, path }, { status });

/** A body that is larger than any plan. */
class TooLarge extends Error {
  constructor() {
    super(`body: must be at most ${MAX_BYTES / 1024} kB`);
  }
}

/**
 * Reads a request's body as JSON. One that is too large is cut off while it arrives.
 * @throws TooLarge, or PlanError when it is not JSON
 */
export async function readBody(request: Request): Promise<unknown> {
  if (Number(request.headers.get('content-length') ?? 0) > MAX_BYTES) throw new TooLarge();
  const reader = request.body?.getReader();
  const text = new TextDecoder();
  let read = '';
  let bytes = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    bytes += part.value.byteLength;
    if (bytes > MAX_BYTES) {
      void reader?.cancel();
      throw new TooLarge();
    }
    read += text.decode(part.value, { stream: true });
  }
  try {
    return JSON.parse(read + text.decode());
  } catch {
    throw new PlanError('body: must be JSON');
  }
}

const saveSchema = z.object({
  plan: z.unknown().optional(),
  baseEdition: z.number({ error: 'baseEdition must be a whole number from 1' }).int().min(1),
  sitting: z.string({ error: 'sitting must be text of at most 60 characters' }).max(60),
});

/** A save as the page sends it: the plan, the edition it follows, and the sitting. */
export function parseSave(body: unknown, pantry: Pantry) {
  const save = check(saveSchema, body);
  return { ...save, plan: parsePlan(save.plan, pantry) };
}

/** What a template may be asked for. */
export const templateSchema = z.strictObject({
  template: oneOf('template', TEMPLATES).default('sheet'),
  paper: oneOf('paper', ['a4', 'letter']).default('a4'),
  format: oneOf('format', ['pdf', 'svg']).default('pdf'),
});

/** A file to keep, named after the plan. */
export function fileAnswer(
  body: string | Buffer,
  { name, extension, type }: { name: string; extension: string; type: string },
): Response {
  const plain = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const file = `${cutTo(plain, 60)}.${extension}`;
  return new Response(typeof body === 'string' ? body : new Uint8Array(body), {
    headers: {
      'content-type': type.startsWith('application/pdf') ? type : `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file)}`,
    },
  });
}

/** There is no sheet to draw: why, for a person. */
export const nothingToPrint = (): Response =>
  bad('No blank fits this sheet: there is nothing to print. See Sheet and Shape.', 'shape', 422);

/** Turns what a handler throws into an answer. */
export async function answer(handle: () => Promise<Response>): Promise<Response> {
  try {
    return await handle();
  } catch (error) {
    if (error instanceof PlanError) return bad(error.message, error.path);
    if (error instanceof TooLarge) return bad(error.message, '', 413);
    if (error instanceof NotFoundError) return bad(error.message, '', 404);
    console.error(error);
    return bad('The plan could not be written. Nothing stored was changed.', '', 500);
  }
}
