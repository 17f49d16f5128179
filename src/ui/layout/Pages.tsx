import { Link } from './Link';

/** From one page of a list to the next, the latest first; nothing where there is one page alone. */
export function Pages({
  page,
  pages,
  href,
}: {
  page: number;
  pages: number;
  href: (page: number) => string;
}) {
  if (pages <= 1) return null;
  return (
    <nav aria-label="Pages" className="mt-4 flex items-center gap-4">
      {page > 1 && (
        <Link className="btn" href={href(page - 1)}>
          Later ones
        </Link>
      )}
      <span>
        {page} of {pages}
      </span>
      {page < pages && (
        <Link className="btn" href={href(page + 1)}>
          Earlier ones
        </Link>
      )}
    </nav>
  );
}
