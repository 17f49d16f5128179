'use client';

import { useEffect, useRef } from 'react';
import { parseDay, type Day } from '@/core/schedule/document/day';
import type { DocumentEditor } from '@/ui/editor/editorTypes';

/**
 * Takes in what another device has saved, while nothing here waits to be saved: two people see one clock. What
 * is being changed here meanwhile is joined as it is saved.
 * @param edition the day's edition as it is followed
 */
export function useOthersDay(
  dayId: string,
  editor: DocumentEditor<Day>,
  { edition, saved, own }: { edition: number; saved: boolean; own: number },
): void {
  const known = useRef(own);
  useEffect(() => {
    if (!saved || edition <= known.current) return;
    let mine = true;
    void fetch(`/api/days/${encodeURIComponent(dayId)}`)
      .then((response) => (response.ok ? (response.json() as Promise<object>) : null))
      .then((file) => {
        if (!mine || !file) return;
        known.current = edition;
        const { plans: _plans, ...document } = file as { plans?: unknown };
        const theirs = parseDay(document);
        const { document: here, save } = editor.getSnapshot();
        // One's own save comes round as well.
        if (save.kind !== 'saved' || JSON.stringify(here) === JSON.stringify(theirs)) return;
        editor.edit(() => theirs);
      })
      .catch(() => {});
    return () => {
      mine = false;
    };
  }, [dayId, editor, edition, saved]);
}
