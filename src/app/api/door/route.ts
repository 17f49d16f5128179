import { randomUUID } from 'node:crypto';
import type { NextRequest } from 'next/server';
import * as z from 'zod';
import { check } from '@/server/check';
import { database, isReadOnly } from '@/server/database';
import { isEncrypted } from '@/server/door/hosts';
import { addressOf } from '@/server/door/address';
import { isPassphrase } from '@/server/door/passphrase';
import {
  readSession,
  SESSION_COOKIE,
  SESSION_S,
  sessionCookie,
  signSession,
} from '@/server/door/sessions';
import { countTries, inMemory } from '@/server/door/tries';
import { answer, readBody } from '@/server/planRequests';
import { getKitchen } from '@/server/repositories/kitchen';
import { endSession, findKey, getDoor, triesKept } from '@/server/repositories/door';

const bodySchema = z.strictObject({
  name: z.string().max(60, 'Name must be at most 60 characters').default(''),
  passphrase: z.string({ error: 'Passphrase must be text' }).max(400),
});

/** Where a kitchen can only be read, tries are remembered by this process alone. */
const here = inMemory();

/** How many proxies are in front: one, where it is only said that there is one. */
const proxies = (): number =>
  process.env.MORTAR_PROXY ? Math.max(1, Number(process.env.MORTAR_PROXY) || 1) : 0;

/** Signs somebody in. Tries are limited by address and all together, each failure making the next wait longer. */
export const POST = (request: Request) =>
  answer(async () => {
    const { name, passphrase } = check(bodySchema, await readBody(request));
    const db = database();
    const tries = countTries(isReadOnly(db) ? here : triesKept(db));
    const address = addressOf(request.headers.get('x-forwarded-for'), proxies());
    const waitMs = tries.wait(address, Date.now());
    if (waitMs > 0) {
      const seconds = Math.ceil(waitMs / 1000);
      return Response.json(
        { error: `Too many tries. The next is looked at in ${seconds} s.` },
        { status: 429, headers: { 'retry-after': String(seconds) } },
      );
    }
    const key = findKey(db, { name });
    // Counted before it is looked at: many at once are many tries.
    tries.tried(address, Date.now());
    if (!(await isPassphrase(passphrase, key?.hash ?? null)) || !key) {
      return Response.json(
        { error: 'That name and passphrase do not go together.' },
        { status: 401 },
      );
    }
    tries.right(address, Date.now());
    const { secret, generation } = getDoor(db);
    const until = Math.floor(Date.now() / 1000) + SESSION_S;
    const session = { key: key.id, keyAt: key.updatedAt, generation, until, id: randomUUID() };
    const cookie = sessionCookie(signSession(session, secret), {
      encrypted: isEncrypted(request.headers),
    });
    // From here on what is tapped at this device is by them, where they are one of the cooks.
    const cook = getKitchen(db).cooks.find((each) => findKey(db, { name: each })?.id === key.id);
    return Response.json(
      { role: key.role, cook: cook ?? null },
      { headers: { 'set-cookie': cookie } },
    );
  }, 'anybody');

/** Signs out, here: the session is over, wherever its cookie may still lie. */
export const DELETE = (request: NextRequest) =>
  answer(async () => {
    const cookie = request.cookies.get(SESSION_COOKIE)?.value;
    const db = database();
    const session = readSession(cookie, { ...getDoor(db), nowS: Date.now() / 1000 });
    if (cookie && session && !isReadOnly(db))
      endSession(db, { cookie, until: session.until, now: new Date() });
    return Response.json(
      { out: true },
      { headers: { 'set-cookie': sessionCookie('', { encrypted: isEncrypted(request.headers) }) } },
    );
  }, 'anybody');
