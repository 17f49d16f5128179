import type { ReactNode } from 'react';

/**
 * A way to another page by fetching it whole: after something went wrong that is what helps, and it
 * leans on nothing.
 */
export const WholeLink = ({
  to,
  className,
  children,
}: {
  to: string;
  className: string;
  children: ReactNode;
}) => (
  <a href={to} className={className}>
    {children}
  </a>
);

/** The slate bar with nothing on it but the way home: for pages that must lean on as little as they can. */
export const PlainBar = () => (
  <header className="slate no-print flex items-center border-b border-bench-line bg-bench px-3 py-0.5 text-chalk md:px-5">
    <WholeLink to="/" className="btn-slate -ml-2 font-display text-lead font-bold">
      Mortar Sheet
    </WholeLink>
  </header>
);
