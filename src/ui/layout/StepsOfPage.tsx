'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { askedOf } from '../browser/pageParams';

/** What the server was asked for the page that stands, and what the router keeps of it in the history. */
let standing: { readonly asked: string; readonly state: unknown } | null = null;

/**
 * Back or Forward to another step of the page that stands is told as a step of that very page. The router would
 * take an entry from before a reload for another page and fetch it; with a second Back meanwhile it waited for good,
 * and without a line it left the page.
 */
function keepPage(event: PopStateEvent) {
  if (!event.isTrusted || !standing?.state || standing.asked !== askedOf(location)) return;
  event.stopImmediatePropagation();
  const { state } = standing;
  history.replaceState(state, '');
  window.dispatchEvent(new PopStateEvent('popstate', { state }));
}

/** Steps of a page that stand in its address: Back and Forward go through them without a word to the server. */
export function StepsOfPage() {
  const path = usePathname();
  const search = useSearchParams();
  useEffect(() => {
    standing = { asked: askedOf(location), state: history.state as unknown };
  }, [path, search]);
  useEffect(() => {
    window.addEventListener('popstate', keepPage, { capture: true });
    return () => window.removeEventListener('popstate', keepPage, { capture: true });
  }, []);
  return null;
}
