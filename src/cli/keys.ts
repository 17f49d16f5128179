/** The commands that say who may come in from beyond this machine. */
import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';
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

/**
 * Asks for a passphrase at a terminal, unseen as it is typed, and so twice.
 * @throws FieldError when the two differ
 */
export async function askPassphrase(): Promise<string> {
  const unseen = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = createInterface({ input: process.stdin, output: unseen, terminal: true });
  // Ctrl C leaves, as everywhere.
  lines.once('SIGINT', () => process.exit(130));
  const ask = async (words: string) => {
    process.stderr.write(words);
    const line = await lines.question('');
    process.stderr.write('\n');
    return line;
  };
  try {
    const first = await ask('Passphrase, unseen as you type: ');
    const second = await ask('Once more: ');
    if (first !== second) throw new FieldError('Passphrase', 'must be the same both times');
    return first;
  } finally {
    lines.close();
  }
}
