import { randomBytes } from 'node:crypto';
import { NextResponse, type NextRequest } from 'next/server';
import { ROLE_HEADER, WHO_HEADER } from './server/door/asker';
import { securityHeaders } from './server/door/headers';
import { hostAllowed, isSecure } from './server/door/hosts';
import { changeRefused, entry, type Entry } from './server/door/entry';
import { SESSION_COOKIE } from './server/door/sessions';
import { doorState } from './server/door/state';
import { writeRefusal } from './server/door/writes';
import { databaseProblem } from './server/vault/problem';
import { problemAnswer } from './server/vault/problemPage';
import { vaultTrouble } from './server/vault/trouble';

/** The door: every request passes here before anything of it is read. */
export function proxy(request: NextRequest): Response {
  const { headers, method } = request;
  const nonce = randomBytes(16).toString('base64');
  const carried = securityHeaders(nonce, {
    development: process.env.NODE_ENV === 'development',
    secure: isSecure(headers),
  });
  const refuse = (status: number, error: string) =>
    NextResponse.json({ error }, { status, headers: carried });

  if (!hostAllowed(headers.get('host'), process.env.MORTAR_HOSTS)) {
    return refuse(421, 'This kitchen does not answer by that name. MORTAR_HOSTS adds names.');
  }
  const path = readable(request.nextUrl.pathname);
  if (path === null) return refuse(400, 'The address is not written as addresses are.');
  const refusal = writeRefusal(method, path, headers);
  if (refusal) return refuse(refusal.status, refusal.error);
  const trouble = path.startsWith('/_next/') ? null : vaultTrouble();
  if (trouble) return problemAnswer(trouble, { path, headers: carried });

  let found: Entry;
  try {
    found = entry(doorState(), { path, cookie: request.cookies.get(SESSION_COOKIE)?.value });
  } catch (error) {
    // Where it cannot be read who may come in, nobody does.
    const problem = databaseProblem(error);
    if (!problem) throw error;
    return problemAnswer(problem, { path, headers: carried });
  }
  if (found.kind === 'noKeys') {
    return refuse(
      503,
      'Nobody may come in from beyond this machine yet. Set a passphrase first: npm run -s mortar -- passphrase',
    );
  }
  if (found.kind === 'stranger') {
    if (method !== 'GET' || path.startsWith('/api/'))
      return refuse(401, 'Sign in first, at /door.');
    const door = new URL('/door', request.nextUrl);
    door.searchParams.set('to', `${request.nextUrl.pathname}${request.nextUrl.search}`);
    return NextResponse.redirect(door, { headers: carried });
  }

  const forbidden = changeRefused(found.role, method, path);
  if (forbidden) return refuse(403, forbidden.message);

  // The pages' own scripts take the nonce from the request's policy.
  const within = new Headers(headers);
  within.set('content-security-policy', carried['content-security-policy']!);
  within.set(ROLE_HEADER, found.role ?? '');
  within.set(WHO_HEADER, encodeURIComponent(found.name));
  const response = NextResponse.next({ request: { headers: within } });
  for (const [name, value] of Object.entries(carried)) response.headers.set(name, value);
  return response;
}

/** A path decoded; null where its percent signs say nothing. */
function readable(path: string): string | null {
  try {
    return decodeURIComponent(path);
  } catch {
    return null;
  }
}
