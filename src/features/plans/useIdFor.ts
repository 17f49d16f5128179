'use client';

import { useRef } from 'react';
import { v4 as newId } from 'uuid';

/**
 * Ids for what is made anew: the same content sent again, after an answer that was lost or a second tap, goes
 * under the same id, and is made once.
 */
export function useIdFor(): (content: unknown) => string {
  const last = useRef({ text: '', id: '' });
  return (content) => {
    const text = JSON.stringify(content);
    if (last.current.text !== text) last.current = { text, id: newId() };
    return last.current.id;
  };
}
