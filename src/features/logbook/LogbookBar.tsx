import { Link } from '@/ui/layout/Link';
import { LinkPending } from '@/ui/layout/LinkPending';

const PAGES = [
  ['/logbook', 'Batches'],
  ['/logbook/trends', 'Trends'],
  ['/logbook/learnt', 'What we’ve learned'],
] as const;

/** The logbook's head, and the ways between its pages. */
export function LogbookBar({ here, says }: { here: (typeof PAGES)[number][0]; says: string }) {
  return (
    <>
      <p className="text-ink-dim">{says}</p>
      <h1 className="font-display text-[2rem] leading-tight">Logbook</h1>
      <nav
        aria-label="Logbook"
        className="mt-4 flex flex-wrap gap-1 border-b-[1.5px] border-board-rule"
      >
        {PAGES.map(([href, name]) => (
          <Link
            key={href}
            href={href}
            aria-current={href === here ? 'page' : undefined}
            className={`flex min-h-[44px] items-center px-3 ${
              href === here ? 'rounded-t-md bg-ink font-semibold text-board' : 'hover:underline'
            }`}
          >
            {name}
            <LinkPending />
          </Link>
        ))}
      </nav>
    </>
  );
}
