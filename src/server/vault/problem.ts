/** What can be wrong with a kitchen's file, apart from what is in it. */
export type VaultTrouble =
  'newer' | 'notAKitchen' | 'damaged' | 'noFolder' | 'readOnly' | 'full' | 'busy' | 'failing';

/** Each trouble in words: what it is, and what can be done. */
export const TROUBLES: Readonly<
  Record<VaultTrouble, { readonly title: string; readonly whatToDo: string }>
> = {
  newer: {
    title: 'This kitchen was written by a newer Mortar Sheet',
    whatToDo:
      'Nothing in it was touched. Open it with the newer product, or restore an older copy.',
  },
  notAKitchen: {
    title: 'This isn’t a Mortar Sheet file',
    whatToDo: 'Nothing in it was touched. Name another file in MORTAR_DB, or restore a copy.',
  },
  damaged: {
    title: 'The kitchen’s file is damaged',
    whatToDo: 'Restore the last copy that was made: npm run -s mortar -- restore FILE.',
  },
  noFolder: {
    title: 'The kitchen’s folder cannot be reached',
    whatToDo: 'Is the disk there that holds it? The page comes back by itself once it is.',
  },
  readOnly: {
    title: 'The kitchen’s file is read-only',
    whatToDo: 'Everything can be looked at; nothing can be stored until the file may be written.',
  },
  full: {
    title: 'The disk is full',
    whatToDo: 'Nothing stored was changed. Free some room on it and save again.',
  },
  busy: {
    title: 'Another program holds the kitchen’s file',
    whatToDo: 'Nothing stored was changed. Try again in a moment.',
  },
  failing: {
    title: 'The disk does not answer as it should',
    whatToDo: 'Nothing is known to be lost. Make a copy to another disk while it can be read.',
  },
};

/** A kitchen's file that cannot be opened, read or written, with what can be done. */
export class VaultProblem extends Error {
  constructor(
    readonly trouble: VaultTrouble,
    /** What was found, after the words for it. */
    readonly detail = '',
  ) {
    const { title, whatToDo } = TROUBLES[trouble];
    super(`${title}${detail ? ` (${detail})` : ''}. ${whatToDo}`);
    this.name = 'VaultProblem';
  }
}

/** The first letters of an error's code, and what it means. */
const CODES: readonly (readonly [start: string, VaultTrouble])[] = [
  ['SQLITE_FULL', 'full'],
  ['ENOSPC', 'full'],
  ['EDQUOT', 'full'],
  ['SQLITE_READONLY', 'readOnly'],
  ['EROFS', 'readOnly'],
  ['EACCES', 'readOnly'],
  ['EPERM', 'readOnly'],
  ['SQLITE_BUSY', 'busy'],
  ['SQLITE_LOCKED', 'busy'],
  ['SQLITE_NOTADB', 'notAKitchen'],
  ['SQLITE_CORRUPT', 'damaged'],
  ['SQLITE_IOERR', 'failing'],
  ['EIO', 'failing'],
  ['SQLITE_CANTOPEN', 'noFolder'],
  ['ENOENT', 'noFolder'],
  ['ENOTDIR', 'noFolder'],
  ['EEXIST', 'noFolder'],
  ['EISDIR', 'notAKitchen'],
];

/**
 * What an error of the database or the file system says of the kitchen's file; null when it is another kind.
 * @example vaultProblem(new SqliteError('disk full', 'SQLITE_FULL'))?.trouble // 'full'
 */
export function vaultProblem(error: unknown): VaultProblem | null {
  if (error instanceof VaultProblem) return error;
  const code = codeOf(error);
  const found = CODES.find(([start]) => code.startsWith(start));
  return found ? new VaultProblem(found[1]) : null;
}

/** The same where only the database is asked: a file of the product's own that is missing is another matter. */
export const databaseProblem = (error: unknown): VaultProblem | null =>
  error instanceof VaultProblem || codeOf(error).startsWith('SQLITE_') ? vaultProblem(error) : null;

/** The code of an error, or of what caused it: the query builder wraps what the database said. */
function codeOf(error: unknown): string {
  if (typeof error !== 'object' || error === null) return '';
  if ('code' in error && typeof error.code === 'string') return error.code;
  return 'cause' in error ? codeOf(error.cause) : '';
}
