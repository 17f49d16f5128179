'use client';

import { ChevronLeft, CircleHelp, Ellipsis } from 'lucide-react';
import { Link } from './Link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { PreferencesMenu } from './PreferencesMenu';
import { useChrome } from './Chrome';
import { LinkPending } from './LinkPending';

/** The slate bar at the top of every page: where you are, and what is at hand. */
export function BenchBar({ children, actions }: { children?: ReactNode; actions?: ReactNode }) {
  const path = usePathname();
  const { openShortcuts, openPalette } = useChrome();
  return (
    <header className="slate no-print relative flex flex-wrap items-center gap-x-2 border-b border-bench-line bg-bench px-3 py-0.5 text-chalk md:px-5">
      <a
        href="#main"
        className="sr-only focus-visible:not-sr-only focus-visible:absolute focus-visible:top-1 focus-visible:left-1 focus-visible:z-40 focus-visible:rounded-md focus-visible:bg-chalk focus-visible:px-4 focus-visible:py-2.5 focus-visible:text-[#1c2422]"
      >
        Past the bar, to the page
      </a>
      <Link href="/" className="btn-slate -ml-2 font-display text-lead font-bold">
        {children ? (
          <>
            {/* On a phone the plan's own name needs the room. */}
            <ChevronLeft size={22} aria-hidden className="sm:hidden" />
            <span className="max-sm:sr-only">Mortar Sheet</span>
          </>
        ) : (
          'Mortar Sheet'
        )}
      </Link>
      {children ?? (
        <nav
          aria-label="Main"
          className="flex max-sm:order-last max-sm:w-full max-sm:justify-between"
        >
          <NavLink href="/" here={path === '/'}>
            Plans
          </NavLink>
          <NavLink href="/days" here={path.startsWith('/days')}>
            Days
          </NavLink>
          <NavLink href="/logbook" here={path.startsWith('/logbook')}>
            Logbook
          </NavLink>
          <NavLink href="/shopping" here={path.startsWith('/shopping')}>
            Shopping
          </NavLink>
          <NavLink href="/kitchen" here={path === '/kitchen'}>
            Kitchen
          </NavLink>
          {/* On a phone there is no room for all: the kitchen leads there. */}
          <NavLink
            href="/kitchen/pantry"
            here={path.startsWith('/kitchen/pantry')}
            className="max-sm:hidden"
          >
            Pantry
          </NavLink>
          <NavLink href="/sums" here={path.startsWith('/sums')}>
            Sums
          </NavLink>
          {/* Where there is less room, the sums lead to both. */}
          <NavLink href="/faults" here={path.startsWith('/faults')} className="max-lg:hidden">
            Faults
          </NavLink>
          <NavLink href="/practice" here={path.startsWith('/practice')} className="max-lg:hidden">
            Practice
          </NavLink>
        </nav>
      )}
      <div className="ml-auto flex min-w-0 flex-wrap items-center justify-end">
        {actions}
        <PreferencesMenu />
        <button
          type="button"
          className="btn-slate"
          onClick={openPalette}
          aria-label="Commands, Ctrl K"
          title="Commands (Ctrl K)"
        >
          <Ellipsis size={20} aria-hidden />
        </button>
        <button
          type="button"
          className="btn-slate max-sm:hidden"
          onClick={openShortcuts}
          aria-label="Keys, ?"
          title="Keys (?)"
        >
          <CircleHelp size={20} aria-hidden />
        </button>
      </div>
    </header>
  );
}

function NavLink({
  href,
  here,
  className = '',
  children,
}: {
  href: string;
  here: boolean;
  className?: string;
  children: ReactNode;
}) {
  return (
    <Link
      href={href}
      aria-current={here ? 'page' : undefined}
      className={`btn-slate ${className} ${here ? 'underline decoration-[var(--dough)] decoration-2 underline-offset-8' : ''}`}
    >
      {children}
      <LinkPending />
    </Link>
  );
}
