import { readFileSync } from 'node:fs';
import { database } from '@/server/database';
import { answer } from '@/server/planRequests';
import { copyPath } from '@/server/vault/copies';

/** One of the copies beside the kitchen's file, to keep elsewhere. */
export const GET = (_request: Request, { params }: { params: Promise<{ name: string }> }) =>
  answer(async () => {
    const { name } = await params;
    const bytes = readFileSync(copyPath(database(), name));
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/vnd.sqlite3',
        'content-disposition': `attachment; filename="${name}"`,
      },
    });
  }, 'plan');
