'use client';

import { useEffect, useState } from 'react';
import { drawerIn } from '@/ui/browser/drawer';
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
    // eslint-disable-next-line react-hooks/set-state-in-effect -- known only in the browser
    setHeld({ key, marks: readMarks(drawerIn(() => localStorage, key).read()) });
  }, [key]);
  const marks = held.key === key ? held.marks : NO_MARKS;
  const setMarks = (next: ShoppingMarks) => {
    setHeld({ key, marks: next });
    drawerIn(() => localStorage, key).write(JSON.stringify(next));
  };
  return { marks, setMarks };
}
