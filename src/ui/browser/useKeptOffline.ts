'use client';

import { useEffect } from 'react';

const NONE: readonly string[] = [];

/**
 * Keeps a page for when there is no line: its own address, what it is made of, and others that are left from it.
 * Only addresses that the browser's worker knows to keep are kept.
 * @param pages a list that stays the same
 */
export function useKeptOffline(pages: readonly string[] = NONE): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    void navigator.serviceWorker
      .register('/sw.js')
      .then(() => navigator.serviceWorker.ready)
      .then(({ active }) => {
        // What this page came with was fetched before the worker stood: it keeps that too.
        const parts = performance
          .getEntriesByType('resource')
          .map(({ name }) => name)
          .filter((name) => name.startsWith(`${location.origin}/_next/static/`));
        active?.postMessage({ keep: [location.pathname, ...pages, ...new Set(parts)] });
      })
      .catch(() => {});
  }, [pages]);
}
