import * as z from 'zod';
import { cutTo } from '@/core/cutTo';
import { firstIssue } from '@/core/plan/document/parsePlan';

/** What is kept as a document of its own. */
export const DOCUMENT_KINDS = [
  'plan',
  'revision',
  'kitchen',
  'ingredient',
  'preparation',
  'run',
  'event',
  'day',
] as const;

export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

/** A document that is kept but cannot be read: which, and why. */
export interface Unreadable {
  readonly kind: DocumentKind;
  /** Of a plan, a row, a run or a day its id; of a revision and of an event that of what holds it, `/`, its own. */
  readonly id: string;
  /** What it is called, as far as can be told. */
  readonly name: string;
  readonly reason: string;
}

/** Asked for a document that cannot be read. It stays as it is until it is mended or removed. */
export class UnreadableError extends Error {
  constructor(readonly document: Unreadable) {
    super(`“${document.name}” cannot be read: ${document.reason}`);
    this.name = 'UnreadableError';
  }
}

/**
 * Reads a stored document.
 * @param parse throws when the document is none
 * @throws UnreadableError with the reason; the text is left as it is
 */
export function readDocument<T>(
  text: string,
  parse: (value: unknown) => T,
  { kind, id }: { kind: DocumentKind; id: string },
): T {
  let value: unknown;
  try {
    value = JSON.parse(text);
    return parse(value);
  } catch (error) {
    const reason =
      value === undefined
        ? 'it is not JSON'
        : error instanceof z.ZodError
          ? firstIssue(error).message
          : error instanceof Error
            ? error.message
            : String(error);
    throw new UnreadableError({ kind, id, name: nameIn(value) ?? id, reason });
  }
}

/** Reads what can be read of many; the others are told apart. */
export function readEach<Row, T>(
  rows: readonly Row[],
  read: (row: Row) => T,
): { readonly read: T[]; readonly unreadable: Unreadable[] } {
  const found: T[] = [];
  const unreadable: Unreadable[] = [];
  for (const row of rows) {
    try {
      found.push(read(row));
    } catch (error) {
      if (!(error instanceof UnreadableError)) throw error;
      unreadable.push(error.document);
    }
  }
  return { read: found, unreadable };
}

/** A name that stands in a document, whatever else is wrong with it. */
function nameIn(value: unknown): string | null {
  if (typeof value !== 'object' || value === null || !('name' in value)) return null;
  return typeof value.name === 'string' && value.name.trim() ? cutTo(value.name, 120) : null;
}
