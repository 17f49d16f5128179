import { database } from '@/server/database';
import { answer } from '@/server/planRequests';
import { ownRows, pantryMark } from '@/server/repositories/pantry';

/** Every row of the kitchen's own pantry, for pages that came with those their plans use. 304 where nothing changed. */
export const GET = (request: Request) =>
  answer(async () => {
    const db = database();
    const etag = `"${pantryMark(db) ?? 'none'}"`;
    const headers = { etag, 'cache-control': 'private, no-cache' };
    return request.headers.get('if-none-match') === etag
      ? new Response(null, { status: 304, headers })
      : Response.json(ownRows(db), { headers });
  }, 'look');
