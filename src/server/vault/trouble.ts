import type { VaultProblem } from './problem';

/** The door and the pages are bundled apart, yet run in one process: here they meet. */
const held = globalThis as { mortarVaultTrouble?: () => VaultProblem | null };

/** Says how it is found out whether the kitchen's file can be opened. */
export function watchVault(look: () => VaultProblem | null): void {
  held.mortarVaultTrouble = look;
}

/** Why the kitchen's file cannot be opened; null while it can. */
export const vaultTrouble = (): VaultProblem | null => held.mortarVaultTrouble?.() ?? null;
