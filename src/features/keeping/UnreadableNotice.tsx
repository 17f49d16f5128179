import { mendPath } from '@/server/orNotFound';
import type { Unreadable } from '@/server/repositories/unreadable';
import { WholeLink } from '@/ui/layout/PlainBar';
import { KIND_NAMES } from './kindNames';

/** Names what a page could not read, with the way to where it is mended; nothing when all could be read. */
export function UnreadableNotice({ documents }: { documents: readonly Unreadable[] }) {
  if (documents.length === 0) return null;
  return (
    <div role="status" className="my-4 border-l-4 border-ochre py-1 pl-4">
      <p className="font-semibold">
        {documents.length === 1
          ? 'One item is damaged. Everything else is fine.'
          : `${documents.length} items are damaged. Everything else is fine.`}
      </p>
      <ul>
        {documents.map((document) => (
          <li key={`${document.kind} ${document.id}`} className="py-1 break-words">
            {KIND_NAMES[document.kind]}{' '}
            <WholeLink
              to={mendPath(document)}
              className="link inline-flex min-h-[44px] items-center"
            >
              {document.name}
            </WholeLink>
            : {document.reason}
          </li>
        ))}
      </ul>
    </div>
  );
}
