import * as z from 'zod';
import { readArchive, writeArchive } from '@/core/formats/archiveFile';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, fileAnswer, readBytes } from '@/server/planRequests';
import { getKitchen } from '@/server/repositories/kitchen';
import { comingIn } from '@/server/vault/archive/comingIn';
import { readAll } from '@/server/vault/archive/readAll';
import { takeIn, WHERE_DIFFERENT } from '@/server/vault/archive/takeIn';

/** Largest archive taken, bytes. */
const MAX_BYTES = 128 * 1024 * 1024;

const askedSchema = z.enum(['look', ...WHERE_DIFFERENT], {
  error: 'where: must be one of: look, keep, take',
});

/** Everything the kitchen keeps, as one archive. */
export const GET = () =>
  answer(async () => {
    const db = database();
    return fileAnswer(Buffer.from(writeArchive(readAll(db))), {
      name: getKitchen(db).name,
      extension: 'mortar.zip',
      type: 'application/zip',
    });
  }, 'plan');

/** Looks at what an archive would change, or takes it in: `?where=look|keep|take`. */
export const POST = (request: Request) =>
  answer(async () => {
    const asked = check(askedSchema, new URL(request.url).searchParams.get('where') ?? 'look');
    const archive = readArchive(await readBytes(request, MAX_BYTES));
    const db = database();
    const changes = comingIn(db, archive);
    if (asked !== 'look') takeIn(db, archive, { different: asked, now: new Date() });
    return Response.json(changes);
  }, 'plan');
