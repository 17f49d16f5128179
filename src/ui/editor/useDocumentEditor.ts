'use client';

import { useEffect, useState } from 'react';
import { cameBack } from '../browser/cameBack';
import { drawerIn } from '../browser/drawer';
import { createDocumentEditor } from './documentEditor';
import type { DocumentEditor, Stored } from './editorTypes';
import { draftsOf, newSitting } from './drafts';
import { sendLast, sendSave } from './send';
import type { EditorWorld } from './editorTypes';

/** A kind of document that is edited and saved as one goes. */
export interface EditedDocument<T> {
  /** What keeps it apart on this device, `plan-…` or `kitchen`. */
  readonly key: string;
  /** The route that stores it. */
  readonly url: string;
  /** What it is called in the route's body. */
  readonly name: string;
  /** Refuses a change that cannot be worked out, with a PlanError. */
  check(document: T): T;
  /** Fetches what reads a whole document. */
  loadReader(): Promise<(document: unknown) => T>;
}

/** A page that is drawn within this of a save, ms, may have been asked for before it. */
const MOMENT_MS = 10_000;

/** What this tab saved last; once its page was left for another of the product, only Back finds it. */
function lastSaveOf<T>(key: string) {
  const drawer = drawerIn(() => sessionStorage, `mortar-saved-${key}`);
  const read = () =>
    JSON.parse(drawer.read() ?? '{}') as {
      at?: number;
      document?: unknown;
      edition?: number;
      left?: boolean;
    };
  return {
    keep: (document: T, edition: number) =>
      drawer.write(JSON.stringify({ at: Date.now(), document, edition })),
    leave: () => {
      const last = read();
      if (last.at !== undefined) drawer.write(JSON.stringify({ ...last, left: true }));
    },
    justSaved: (): ReturnType<EditorWorld<T>['justSaved']> => {
      const { at, document, edition, left = false } = read();
      if (at === undefined || edition === undefined) return null;
      const aMomentAgo = !left && Date.now() - at <= MOMENT_MS;
      return aMomentAgo || cameBack() ? { document, edition } : null;
    },
  };
}

/** One editor for the life of the page. What is being typed as the page goes counts as typed. */
export function useDocumentEditor<T>(
  what: EditedDocument<T>,
  stored: Stored<T>,
): DocumentEditor<T> {
  const { key, url, name } = what;
  const [{ editor, begin, goes, leave }] = useState<{
    editor: DocumentEditor<T>;
    begin(): () => void;
    goes(going: boolean): void;
    leave(): void;
  }>(() => {
    const sitting = newSitting();
    const { begin, goes, ...drafts } =
      typeof window === 'undefined' ? NO_DRAFTS : draftsOf(key, sitting);
    const { keep, leave, justSaved } = lastSaveOf<T>(key);
    const editor = createDocumentEditor(
      {
        async send(save) {
          const answer = await sendSave(url, name, save);
          if (answer.kind === 'saved') keep(save.document, answer.edition);
          return answer;
        },
        justSaved,
        ...drafts,
        memory: drawerIn(() => sessionStorage, `mortar-undo-${key}`),
        now: () => performance.now(),
        later(run, ms) {
          const timer = setTimeout(run, ms);
          return () => clearTimeout(timer);
        },
        sitting,
        check: what.check,
        loadReader: what.loadReader,
      },
      stored,
    );
    return { editor, begin, goes, leave };
  });
  useEffect(() => {
    const end = begin();
    void editor.restore();
    const tryAgain = () => void editor.flush();
    const hide = () => {
      // A field takes what was typed when it is left.
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      editor.remember();
      const save = editor.unsaved();
      if (save) sendLast(url, name, save);
      goes(true);
    };
    // A page may be brought back as it was.
    const back = () => goes(false);
    window.addEventListener('online', tryAgain);
    window.addEventListener('pagehide', hide);
    window.addEventListener('pageshow', back);
    return () => {
      window.removeEventListener('online', tryAgain);
      window.removeEventListener('pagehide', hide);
      window.removeEventListener('pageshow', back);
      // Leaving for another page of the product: send what waits, keep what can be undone.
      editor.remember();
      leave();
      void editor.flush();
      // What could not be sent is there for whoever comes back.
      end();
    };
  }, [editor, begin, goes, leave, name, url]);
  const { document: now, edition, revision } = stored;
  useEffect(
    () => editor.meet({ document: now, edition, revision }),
    [editor, now, edition, revision],
  );
  return editor;
}

const NO_DRAFTS = {
  drawer: { read: () => null, write: () => {}, clear: () => {} },
  left: () => Promise.resolve([]),
  goes: () => {},
  begin: () => () => {},
};
