/** The commands that work on the kitchen's own file: copies of it, and everything in it as one archive. */
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { readArchive, writeArchive } from '../core/formats/archiveFile';
import { FieldError } from '../core/range';
import { kitchenFile, openKitchenFile } from '../server/database';
import { comingIn } from '../server/vault/archive/comingIn';
import { readAll } from '../server/vault/archive/readAll';
import { takeIn, WHERE_DIFFERENT } from '../server/vault/archive/takeIn';
import { checkCopy, copyTo } from '../server/vault/copies';
import { VaultProblem } from '../server/vault/problem';
import { restoreFile } from '../server/vault/restoreFile';
import type { VaultCommand } from './vaultCommands';

/**
 * Runs one of them and says what it did.
 * @throws VaultProblem, or FieldError for a bad archive or option
 */
export async function vaultCommand(
  command: VaultCommand,
  file: string,
  { db: named, different }: { db: string | undefined; different: string | undefined },
): Promise<unknown> {
  const kitchen = named ?? kitchenFile();
  const now = new Date();
  if ((command === 'restore' || command === 'import') && !existsSync(file)) {
    throw new FieldError('FILE', `“${file}” cannot be read`);
  }
  if (command === 'restore') {
    const { before } = await restoreFile(kitchen, file, now);
    return { restored: file, into: kitchen, before };
  }
  // Nothing is copied from a kitchen that is not there; an archive may begin one.
  if (command !== 'import' && !existsSync(kitchen)) {
    throw new VaultProblem('noFolder', `there is no ${kitchen}`);
  }
  const db = openKitchenFile(kitchen);
  try {
    switch (command) {
      case 'backup':
        await copyTo(db, file, checkCopy);
        return { copied: kitchen, to: file };
      case 'export': {
        const archive = readAll(db);
        // Under its name only once it is whole.
        writeFileSync(`${file}.part`, writeArchive(archive), { mode: 0o600 });
        renameSync(`${file}.part`, file);
        return { to: file, plans: archive.plans.length, runs: archive.runs.length };
      }
      case 'import': {
        const archive = readArchive(readFileSync(file));
        const changes = comingIn(db, archive);
        if (different === undefined) return { ...changes, taken: false };
        const chosen = WHERE_DIFFERENT.find((each) => each === different);
        if (!chosen) throw new FieldError('--where-different', 'must be one of: keep, take');
        takeIn(db, archive, { different: chosen, now });
        return { ...changes, taken: true };
      }
    }
  } finally {
    db.$client.close();
  }
}
