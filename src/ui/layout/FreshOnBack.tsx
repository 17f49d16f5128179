'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { cameBack, forgetBack } from '../browser/cameBack';

/** Whether the server answers: asked for a page while it does not, the router would leave the one that stands. */
const answers = (): Promise<boolean> =>
  fetch('/manifest.webmanifest', { method: 'HEAD', cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/**
 * A page that Back or Forward led to asks for what is stored, as one that was opened anew does. Without an answer it
 * stands as it was left.
 */
export function FreshOnBack() {
  const path = usePathname();
  const router = useRouter();
  useEffect(() => {
    let here = true;
    const refresh = async () => {
      if (!(await answers()) || !here) return;
      forgetBack();
      router.refresh();
    };
    if (cameBack()) void refresh();
    // Brought back whole, as it was when it was left.
    const brought = (event: PageTransitionEvent) => event.persisted && void refresh();
    window.addEventListener('pageshow', brought);
    return () => {
      here = false;
      window.removeEventListener('pageshow', brought);
    };
  }, [path, router]);
  return null;
}
