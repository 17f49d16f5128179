import { ForbiddenError } from './forbidden';
import { roleAllows, type Role } from './roles';
import type { DoorState } from './state';
import { READS } from './writes';

/** What anybody may ask for: the door itself, and what its page and the installed product are made of. */
const OPEN = [
  /^\/door$/,
  /^\/api\/door$/,
  /^\/_next\/static\//,
  /^\/(favicon\.ico|icon\.svg|icon-\d+\.png|manifest\.webmanifest|sw\.js)$/,
];

const SHARED = /^\/shared\/([\w-]{1,80})$/;

/** How somebody comes in. */
export type Entry =
  | { readonly kind: 'in'; readonly name: string; readonly role: Role | null }
  | { readonly kind: 'stranger' }
  /** The server listens beyond its machine, and nobody was given a key. */
  | { readonly kind: 'noKeys' };

/**
 * Finds out who asks and whether they come in.
 * @param door null where the server listens to its own machine alone: whoever is there may do everything
 */
export function entry(
  door: DoorState | null,
  { path, cookie }: { path: string; cookie: string | undefined },
): Entry {
  if (!door) return { kind: 'in', name: '', role: 'plan' };
  if (!door.hasKeys) return { kind: 'noKeys' };
  const who = door.whoIs(cookie);
  if (who) return { kind: 'in', ...who };
  const token = SHARED.exec(path)?.[1];
  const open = OPEN.some((each) => each.test(path)) || (token !== undefined && door.leadsTo(token));
  return open ? { kind: 'in', name: '', role: null } : { kind: 'stranger' };
}

/**
 * Why somebody may change nothing over a route; null where what is asked for says itself who may. Whoever may only
 * look is refused here already: a route that forgot to ask would let them. A page's actions answer for themselves,
 * in words that the page shows.
 */
export const changeRefused = (
  role: Role | null,
  method: string,
  path: string,
): ForbiddenError | null =>
  READS.includes(method) ||
  !path.startsWith('/api/') ||
  path === '/api/door' ||
  roleAllows(role, 'bench')
    ? null
    : new ForbiddenError(role);
