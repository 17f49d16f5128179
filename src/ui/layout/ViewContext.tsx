'use client';

import { createContext, useContext, useEffect, useSyncExternalStore, type ReactNode } from 'react';
import { keepPreference } from '../browser/keepPreference';

/** How much room the page has: a phone, a tablet on its stand, a laptop. The widths are the style sheet's own. */
export type View = 'phone' | 'tablet' | 'wide';

const TABLET = '(min-width: 48rem)';
const WIDE = '(min-width: 64rem)';

const Guess = createContext<View>('wide');

function subscribe(changed: () => void): () => void {
  const queries = [TABLET, WIDE].map((query) => window.matchMedia(query));
  queries.forEach((query) => query.addEventListener('change', changed));
  return () => queries.forEach((query) => query.removeEventListener('change', changed));
}

const viewNow = (): View =>
  window.matchMedia(WIDE).matches ? 'wide' : window.matchMedia(TABLET).matches ? 'tablet' : 'phone';

/** What the first paint is drawn for, before the page knows its own width; the next page's first paint knows it. */
export function ViewProvider({ guess, children }: { guess: View; children: ReactNode }) {
  useEffect(() => {
    const keep = () => keepPreference('view', viewNow());
    keep();
    return subscribe(keep);
  }, []);
  return <Guess value={guess}>{children}</Guess>;
}

/** The room there is, for what is drawn to it rather than laid out in it: a drawing stands on the page once. */
export function useView(): View {
  const guess = useContext(Guess);
  return useSyncExternalStore(subscribe, viewNow, () => guess);
}
