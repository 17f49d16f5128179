/** What a key lets its holder do, each more than the one before. */
export const ROLES = ['look', 'bench', 'plan'] as const;

export type Role = (typeof ROLES)[number];

/** What each role is for, in words. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  look: 'Look at everything, change nothing',
  bench: 'Look, and tap and write down what happens at the bench',
  plan: 'Change plans, pantry and kitchen too, and say who comes in',
};

/**
 * Whether a role is enough for what needs another.
 * @param has null for somebody who was not let in
 * @example roleAllows('bench', 'look') // true
 */
export const roleAllows = (has: Role | null, needs: Role): boolean =>
  has !== null && ROLES.indexOf(has) >= ROLES.indexOf(needs);

/** A role by its name; null for any other text. */
export const readRole = (text: string | null | undefined): Role | null =>
  ROLES.find((role) => role === text) ?? null;
