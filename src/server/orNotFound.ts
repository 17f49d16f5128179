import { notFound } from 'next/navigation';
import { NotFoundError } from './repositories/notFound';

/** Reads something for a page; what is not there becomes the not-found page. */
export function orNotFound<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    if (error instanceof NotFoundError) notFound();
    throw error;
  }
}
