/** Commands on the kitchen's own file. Named apart from what they do, so that the database is loaded only for them. */
export const VAULT_COMMANDS = ['backup', 'restore', 'export', 'import'] as const;

export type VaultCommand = (typeof VAULT_COMMANDS)[number];

/** Whether a word is one of them. */
export const isVaultCommand = (word: string | undefined): word is VaultCommand =>
  VAULT_COMMANDS.some((each) => each === word);
