'use client';

import { useSyncExternalStore } from 'react';
import { kitchenSchema, type Kitchen } from '@/core/kitchen/kitchen';
import { firstIssue } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { useDocumentEditor } from '@/ui/editor/useDocumentEditor';
import { useEditorNews } from '@/ui/editor/useEditorNews';
import { say } from '@/ui/layout/say';

/** Reads a kitchen, or says what is wrong with it. @throws PlanError */
function readKitchen(document: unknown): Kitchen {
  const parsed = kitchenSchema.safeParse(document);
  if (parsed.success) return parsed.data;
  const { path, message } = firstIssue(parsed.error);
  throw new PlanError(message, path);
}

/** The kitchen as a page edits it: saved as it is changed, and what stands in the way of that. */
export function useKitchenEditor(stored: Kitchen, edition: number) {
  const editor = useDocumentEditor<Kitchen>(
    {
      key: 'kitchen',
      url: '/api/kitchen',
      name: 'kitchen',
      check: readKitchen,
      loadReader: () => Promise.resolve(readKitchen),
    },
    { document: stored, edition, revision: 1 },
  );
  const {
    document: kitchen,
    save,
    refused,
    restored,
    joined,
  } = useSyncExternalStore(editor.subscribe, editor.getSnapshot, editor.getSnapshot);
  useEditorNews({ restored, joined });

  /** Shows the change at once; what does not make a kitchen is not taken. */
  const change = (next: Kitchen, undo?: string) => {
    editor.edit(() => next);
    if (undo && !editor.getSnapshot().refused) void say(undo, { undo: () => editor.undo() });
  };
  const trouble =
    refused ??
    (save.kind === 'failed'
      ? `Cannot save: ${save.why}. Your changes are kept on this device, and sent when it works again.`
      : null);
  return { editor, kitchen, save, change, trouble };
}
