'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { cameBack, isFresh } from '../browser/cameBack';

/**
 * A page that Back or Forward led to asks for what is stored, as one that was opened anew does. Without an answer it
 * stands as it was left: asking the router for it then would leave the page altogether.
 */
export function FreshOnBack() {
  const path = usePathname();
  const router = useRouter();
  useEffect(() => {
    if (!cameBack()) return;
    let here = true;
    fetch('/manifest.webmanifest', { method: 'HEAD', cache: 'no-store' })
      .then(({ ok }) => {
        if (!ok || !here) return;
        isFresh();
        router.refresh();
      })
      .catch(() => {});
    return () => {
      here = false;
    };
  }, [path, router]);
  useEffect(() => {
    // Brought back whole, as it was when it was left.
    const brought = (event: PageTransitionEvent) => event.persisted && router.refresh();
    window.addEventListener('pageshow', brought);
    return () => window.removeEventListener('pageshow', brought);
  }, [router]);
  return null;
}
