import * as z from 'zod';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { isEncrypted } from '@/server/door/hosts';
import { isPassphrase } from '@/server/door/passphrase';
import { SESSION_S, sessionCookie, signSession } from '@/server/door/sessions';
import { countTries, type Tries } from '@/server/door/tries';
import { answer, readBody } from '@/server/planRequests';
import { findKey, getDoor } from '@/server/repositories/door';

const bodySchema = z.strictObject({
  name: z.string().max(60, 'Name must be at most 60 characters').default(''),
  passphrase: z.string({ error: 'Passphrase must be text' }).max(400),
});

const held = globalThis as { mortarTries?: Tries };
const tries = (held.mortarTries ??= countTries());

/** Where a request comes from. Our own server writes it; a proxy in front may say whom it speaks for. */
const addressOf = (request: Request): string =>
  request.headers.get('x-forwarded-for')?.split(',')[0]?.trim() ?? '';

/** Signs somebody in. Tries are limited by address and all together, each failure making the next wait longer. */
export const POST = (request: Request) =>
  answer(async () => {
    const { name, passphrase } = check(bodySchema, await readBody(request));
    const address = addressOf(request);
    const waitMs = tries.wait(address, Date.now());
    if (waitMs > 0) {
      const seconds = Math.ceil(waitMs / 1000);
      return Response.json(
        { error: `Too many tries. The next is looked at in ${seconds} s.` },
        { status: 429, headers: { 'retry-after': String(seconds) } },
      );
    }
    const db = database();
    const key = findKey(db, { name });
    // Counted before it is looked at: many at once are many tries.
    tries.failed(address, Date.now());
    if (!(await isPassphrase(passphrase, key?.hash ?? null)) || !key) {
      return Response.json(
        { error: 'That name and passphrase do not go together.' },
        { status: 401 },
      );
    }
    tries.passed(address);
    const { secret, generation } = getDoor(db);
    const until = Math.floor(Date.now() / 1000) + SESSION_S;
    const session = { key: key.id, keyAt: key.updatedAt, generation, until };
    const cookie = sessionCookie(signSession(session, secret), {
      encrypted: isEncrypted(request.headers),
    });
    return Response.json({ role: key.role }, { headers: { 'set-cookie': cookie } });
  });

/** Signs out, here. */
export const DELETE = (request: Request) =>
  answer(async () =>
    Response.json(
      { out: true },
      { headers: { 'set-cookie': sessionCookie('', { encrypted: isEncrypted(request.headers) }) } },
    ),
  );
