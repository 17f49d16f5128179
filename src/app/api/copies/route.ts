import { rmSync } from 'node:fs';
import { database, openKitchenFile } from '@/server/database';
import { answer, saveBytes } from '@/server/planRequests';
import { fileOf, restoreFrom } from '@/server/vault/copies';
import { checkAside } from '@/server/vault/inVault';

/** Largest copy taken, bytes. */
const MAX_BYTES = 512 * 1024 * 1024;

/** A copy from elsewhere put in the kitchen's place; what stands there is copied first. */
export const POST = (request: Request) =>
  answer(async () => {
    const db = database();
    const now = new Date();
    const upload = `${fileOf(db)}.${now.getTime()}.sent`;
    try {
      await saveBytes(request, upload, MAX_BYTES);
      return Response.json({
        before: await restoreFrom(db, upload, {
          now,
          bringForward: openKitchenFile,
          check: checkAside,
        }),
      });
    } finally {
      rmSync(upload, { force: true });
    }
  }, 'plan');
