'use client';

import { useState } from 'react';

/**
 * For a dialog that no trigger of its own opened: gives the focus back, as it closes, to what had it, unless
 * something has taken it meanwhile.
 * @returns what `onCloseAutoFocus` of the dialog is
 */
export function useFocusBack(): (event: Event) => void {
  const [before] = useState(() => document.activeElement);
  return (event) => {
    event.preventDefault();
    if (document.activeElement !== document.body || !(before instanceof HTMLElement)) return;
    before.focus({ preventScroll: true });
  };
}
