'use client';

import { useEffect } from 'react';

/**
 * Keeps the focus on the page. When what held it is taken away, it goes to the nearest thing round it
 * that is still there, so that the next Tab goes on from where the hand was.
 */
export function FocusHome() {
  useEffect(() => {
    let round: Element[] = [];
    const remember = ({ target }: FocusEvent) => {
      round = [];
      for (let at = target as Element | null; at; at = at.parentElement) round.push(at);
    };
    const mend = () => {
      const [lost] = round;
      if (!lost || lost.isConnected || document.activeElement !== document.body) return;
      const home = round.find((each) => each.isConnected);
      if (!(home instanceof HTMLElement) || home === document.body) return;
      if (!home.hasAttribute('tabindex')) {
        home.tabIndex = -1;
        home.addEventListener('blur', () => home.removeAttribute('tabindex'), { once: true });
      }
      home.focus({ preventScroll: true });
    };
    // What takes a part away often sets a better home itself, a moment later.
    let waits = 0;
    const seen = new MutationObserver(() => {
      if (!round[0] || round[0].isConnected) return;
      clearTimeout(waits);
      waits = window.setTimeout(mend, 60);
    });
    document.addEventListener('focusin', remember);
    seen.observe(document.body, { childList: true, subtree: true });
    return () => {
      clearTimeout(waits);
      document.removeEventListener('focusin', remember);
      seen.disconnect();
    };
  }, []);
  return null;
}
