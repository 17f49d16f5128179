'use client';

import { useEffect, useState } from 'react';
import { NO_MARKS, readMarks, type ShoppingMarks } from './shoppingMarks';

/**
 * What is ticked, in hand already, and written in by hand, kept on this device for this very set of
 * plans: another list begins with nothing ticked.
 */
export function useShoppingMarks(plans: readonly string[]) {
  const key = `mortar-shopping-${[...plans].sort().join(',')}`;
  const [held, setHeld] = useState<{ key: string; marks: ShoppingMarks }>({
    key: '',
    marks: NO_MARKS,
  });
  useEffect(() => {
    let text: string | null = null;
    try {
      text = localStorage.getItem(key);
    } catch {
      // Storage forbidden: the list still works, it only forgets.
    }
    // eslint-disable-next-line react-hooks/set-state-in-effect -- known only in the browser
    setHeld({ key, marks: readMarks(text) });
  }, [key]);
  const marks = held.key === key ? held.marks : NO_MARKS;
  const setMarks = (next: ShoppingMarks) => {
    setHeld({ key, marks: next });
    try {
      localStorage.setItem(key, JSON.stringify(next));
    } catch {
      // The same.
    }
  };
  return { marks, setMarks };
}
