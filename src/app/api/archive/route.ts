import { rmSync } from 'node:fs';
import * as z from 'zod';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { whileHeld } from '@/server/db/database';
import { answer, fileHeaders, saveBytes } from '@/server/planRequests';
import { partsFrom, progressAnswer } from '@/server/progressAnswer';
import { getKitchen } from '@/server/repositories/kitchen';
import { WHERE_DIFFERENT } from '@/server/vault/archive/takeIn';
import { fileOf } from '@/server/vault/copies';
import { inVault } from '@/server/vault/inVault';

/** Largest archive taken, bytes. */
const MAX_BYTES = 128 * 1024 * 1024;

const askedSchema = z.enum(['look', ...WHERE_DIFFERENT], {
  error: 'where: must be one of: look, keep, take',
});

/** A file of this request alone, beside the kitchen's. */
const besides = (file: string, end: string) => `${file}.${crypto.randomUUID()}.${end}`;

/** Everything the kitchen keeps, as one archive: written beside the server's own work, sent as it is written. */
export const GET = () =>
  answer(async () => {
    const db = database();
    const parts = await partsFrom((onPart, calledOff) =>
      inVault('export', { kitchen: fileOf(db) }, { onPart, signal: calledOff }),
    );
    return new Response(parts, {
      headers: fileHeaders({
        name: getKitchen(db).name,
        extension: 'mortar.zip',
        type: 'application/zip',
      }),
    });
  }, 'plan');

/** Looks at what an archive would change, or takes it in: `?where=look|keep|take`. */
export const POST = (request: Request) =>
  answer(async () => {
    const where = check(askedSchema, new URL(request.url).searchParams.get('where') ?? 'look');
    const db = database();
    const kitchen = fileOf(db);
    const from = besides(kitchen, 'sent');
    const remove = () => rmSync(from, { force: true });
    try {
      await saveBytes(request, from, MAX_BYTES);
    } catch (error) {
      remove();
      throw error;
    }
    const work = { kitchen, from, where, now: new Date() } as const;
    return progressAnswer(request, async (onProgress, signal) => {
      try {
        const run = () => inVault('import', work, { signal, onProgress });
        if (where === 'look') return await run();
        return await whileHeld(db, 'an archive is being taken in', run);
      } finally {
        remove();
      }
    });
  }, 'plan');
