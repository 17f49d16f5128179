'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { drawerIn } from '@/ui/browser/drawer';
import { tapsHere } from './tapsHere';

/** What was said of waiting taps is not said again on every page. */
const said = () => drawerIn(() => sessionStorage, 'mortar-taps-said');

/** Sends taps that wait on this device from whatever page is open; the bench sends its own. */
export function TapsWaiting() {
  const path = usePathname();
  const atBench = path.startsWith('/runs/');
  useEffect(() => {
    if (atBench) return;
    const send = async () => {
      if (tapsHere().read() === null) return;
      const { sendFromAnywhere } = await import('./sendFromAnywhere');
      if (await sendFromAnywhere(said().read() !== null)) said().write('yes');
      else said().clear();
    };
    // Where nothing can be kept, nothing waits.
    const quietly = () => void send().catch(() => {});
    quietly();
    window.addEventListener('online', quietly);
    return () => window.removeEventListener('online', quietly);
  }, [atBench, path]);
  return null;
}
