import type { ReactNode } from 'react';

/** A point and what is to be said of it, in a list of such. */
export function Says({ term, children }: { term: string; children: ReactNode }) {
  return (
    <div className="border-l-4 border-dough-edge pl-3">
      <dt className="font-semibold">{term}</dt>
      <dd>{children}</dd>
    </div>
  );
}
