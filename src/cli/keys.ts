/** The commands that say who may come in from beyond this machine. */
import { FieldError } from '../core/range';
import { kitchenFile, openKitchenFile } from '../server/database';
import { hashPassphrase } from '../server/door/passphrase';
import { readRole, ROLES } from '../server/door/roles';
import { HOUSE, listKeys, putKey } from '../server/repositories/door';

/** Everybody who may come in. */
export function keysOf(file: string | undefined): readonly { name: string; role: string }[] {
  const db = openKitchenFile(file ?? kitchenFile());
  try {
    return listKeys(db).map(({ name, role }) => ({ name: name || 'the house', role }));
  } finally {
    db.$client.close();
  }
}

/**
 * Gives a key: the house's own, or a cook's.
 * @param passphrase one line
 * @throws FieldError for a bad role or passphrase
 */
export async function setPassphrase(
  passphrase: string,
  { db: file, cook = HOUSE, role = 'plan' }: { db?: string; cook?: string; role?: string },
): Promise<{ name: string; role: string }> {
  const given = readRole(role);
  if (!given) throw new FieldError('--role', `must be one of: ${ROLES.join(', ')}`);
  const hash = await hashPassphrase(passphrase.split(/\r?\n/)[0] ?? '');
  const db = openKitchenFile(file ?? kitchenFile());
  try {
    putKey(db, { name: cook, role: given, hash, now: new Date() });
    return { name: cook || 'the house', role: given };
  } finally {
    db.$client.close();
  }
}
