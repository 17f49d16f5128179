import { open } from 'node:fs/promises';
import * as z from 'zod';
import { cutTo } from '@/core/cutTo';
import type { Pantry } from '@/core/composition/pantry';
import { oneOf } from '@/core/fields';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { TEMPLATES } from '@/core/plan/questions/templatesOfPlan';
import { FieldError } from '@/core/range';
import { allow } from './door/asker';
import { check } from './check';
import { ForbiddenError } from './door/forbidden';
import type { Role } from './door/roles';
import { NotFoundError } from './repositories/notFound';
import { UnreadableError } from './repositories/unreadable';
import { databaseProblem, type VaultTrouble } from './vault/problem';

/** Largest plan document taken, bytes. */
const MAX_BYTES = 512 * 1024;

/** A bad request: its message names the field and the range. */
const bad = (error: string, path = '', status = 400) => Response.json({ error, path }, { status });

/** A body that is larger than what is asked for can be. */
class TooLarge extends Error {
  constructor(most: number) {
    super(`body: must be at most ${most / 1024} kB`);
  }
}

/** A request's body as it arrives. One that is too large is cut off. @throws TooLarge */
async function* partsOf(request: Request, most: number): AsyncGenerator<Uint8Array> {
  if (Number(request.headers.get('content-length') ?? 0) > most) throw new TooLarge(most);
  const reader = request.body?.getReader();
  let bytes = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    bytes += part.value.byteLength;
    if (bytes > most) {
      void reader?.cancel();
      throw new TooLarge(most);
    }
    yield part.value;
  }
}

/**
 * Reads a request's body.
 * @param most bytes
 * @throws TooLarge
 */
export async function readBytes(request: Request, most: number): Promise<Buffer> {
  const parts: Uint8Array[] = [];
  for await (const part of partsOf(request, most)) parts.push(part);
  return Buffer.concat(parts);
}

/**
 * Puts a request's body into a new file as it arrives.
 * @param most bytes
 * @throws TooLarge; what had arrived is in the file
 */
export async function saveBytes(request: Request, file: string, most: number): Promise<void> {
  const handle = await open(file, 'wx', 0o600);
  try {
    for await (const part of partsOf(request, most)) await handle.write(part);
  } finally {
    await handle.close();
  }
}

/**
 * Reads a request's body as JSON.
 * @throws TooLarge, or PlanError when it is not JSON
 */
export async function readBody(request: Request): Promise<unknown> {
  const bytes = await readBytes(request, MAX_BYTES);
  try {
    return JSON.parse(bytes.toString('utf8'));
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

/** A file to keep: what it is called, and what it is. */
interface FileAnswered {
  readonly name: string;
  readonly extension: string;
  readonly type: string;
}

/** What is said of a file to keep before it. */
export function fileHeaders({ name, extension, type }: FileAnswered): Record<string, string> {
  const plain = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const file = `${cutTo(plain, 60)}.${extension}`;
  return {
    'content-type': type.startsWith('application/pdf') ? type : `${type}; charset=utf-8`,
    'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file)}`,
  };
}

/** A file to keep, named after the plan. */
export const fileAnswer = (body: string | Buffer, named: FileAnswered): Response =>
  new Response(typeof body === 'string' ? body : new Uint8Array(body), {
    headers: fileHeaders(named),
  });

/** There is no sheet to draw: why, for a person. */
export const nothingToPrint = (): Response =>
  bad('No blank fits this sheet: there is nothing to print. See Sheet and Shape.', 'shape', 422);

/** How a trouble with a file is answered: one that was sent is at fault itself, the kitchen's own comes back. */
const STATUS: Readonly<Record<VaultTrouble, number>> = {
  newer: 422,
  notAKitchen: 422,
  damaged: 422,
  full: 507,
  noFolder: 503,
  readOnly: 503,
  busy: 503,
  failing: 503,
};

/**
 * Turns what a handler throws into an answer.
 * @param needs who may: the door lets in only those who may look, so reading asks no more; `anybody` for who asks
 * to come in
 */
export async function answer(
  handle: () => Promise<Response>,
  needs: Role | 'anybody',
): Promise<Response> {
  try {
    if (needs !== 'look' && needs !== 'anybody') await allow(needs);
    return await handle();
  } catch (error) {
    return refusal(error);
  }
}

/** What an error is answered with. */
export function refusal(error: unknown): Response {
  if (error instanceof PlanError) return bad(error.message, error.path);
  if (error instanceof FieldError) return bad(error.message, error.field);
  if (error instanceof TooLarge) return bad(error.message, '', 413);
  if (error instanceof ForbiddenError) return bad(error.message, '', 403);
  if (error instanceof NotFoundError) return bad(error.message, '', 404);
  if (error instanceof UnreadableError) return bad(error.message, '', 422);
  const problem = databaseProblem(error);
  if (problem) return bad(problem.message, '', STATUS[problem.trouble]);
  console.error(error);
  return bad('It could not be written. Nothing stored was changed.', '', 500);
}
