import { database, isReadOnly } from '../database';
import { keepCopies } from './copies';
import { checkAside } from './inVault';
import { vaultProblem, type VaultProblem } from './problem';
import { watchVault } from './trouble';

/** How often it is looked whether the day has its copy. */
const LOOK_MS = 60 * 60 * 1000;

/** Why the kitchen's file cannot be opened. One that comes back is opened then. */
function trouble(): VaultProblem | null {
  try {
    database();
    return null;
  } catch (error) {
    return vaultProblem(error);
  }
}

/** Looks after the kitchen's file while a server runs: whether it can be opened, and a copy each day. What goes wrong is told and tried again. */
export function keepVault({ copies }: { copies: boolean }): void {
  watchVault(trouble);
  if (!copies) return;
  const look = async () => {
    try {
      const db = database();
      if (isReadOnly(db)) return;
      const made = await keepCopies(db, { now: new Date(), check: checkAside });
      if (made) console.log(`The day’s copy of the kitchen was made: ${made}`);
    } catch (error) {
      console.error(vaultProblem(error)?.message ?? error);
    }
  };
  void look();
  setInterval(() => void look(), LOOK_MS).unref();
}
