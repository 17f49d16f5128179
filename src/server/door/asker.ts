import { headers } from 'next/headers';
import { ForbiddenError } from './forbidden';
import { readRole, roleAllows, type Role } from './roles';

/** What the door found out about who asks. It writes these itself; what a request says of them is dropped. */
export const ROLE_HEADER = 'x-mortar-role';
export const WHO_HEADER = 'x-mortar-who';

/** Who asks, as the door found out. */
export async function asker(): Promise<{ readonly name: string; readonly role: Role | null }> {
  const said = await headers();
  return {
    name: decodeURIComponent(said.get(WHO_HEADER) ?? ''),
    role: readRole(said.get(ROLE_HEADER)),
  };
}

/** @throws ForbiddenError when whoever asks may not */
export async function allow(needs: Role): Promise<void> {
  const { role } = await asker();
  if (!roleAllows(role, needs)) throw new ForbiddenError(role);
}
