import { notFound, redirect } from 'next/navigation';
import { NotFoundError } from './repositories/notFound';
import { UnreadableError, type Unreadable } from './repositories/unreadable';

/** Where a document that cannot be read is shown, mended and removed. */
export const mendPath = ({ kind, id }: Pick<Unreadable, 'kind' | 'id'>): string =>
  `/kitchen/keeping/${kind}/${id.split('/').map(encodeURIComponent).join('/')}`;

/**
 * Reads something for a page; what is not there becomes the not-found page, what cannot be read the page
 * where it is mended.
 */
export function orNotFound<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    if (error instanceof NotFoundError) notFound();
    if (error instanceof UnreadableError) redirect(mendPath(error.document));
    throw error;
  }
}
