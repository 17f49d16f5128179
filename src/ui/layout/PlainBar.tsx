import Link from 'next/link';

/** The slate bar with nothing on it but the way home: for pages that must lean on as little as they can. */
export const PlainBar = () => (
  <header className="slate no-print flex items-center border-b border-bench-line bg-bench px-3 py-0.5 text-chalk md:px-5">
    <Link href="/" className="btn-slate -ml-2 font-display text-lead font-bold">
      Mortar Sheet
    </Link>
  </header>
);
