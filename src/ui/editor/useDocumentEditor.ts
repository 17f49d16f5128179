'use client';

import { useEffect, useState } from 'react';
import { drawerIn } from '../browser/drawer';
import { createDocumentEditor } from './documentEditor';
import type { DocumentEditor } from './editorTypes';
import { draftsOf, newSitting } from './drafts';
import { sendLast, sendSave } from './send';

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

/** One editor for the life of the page. What is being typed as the page goes counts as typed. */
export function useDocumentEditor<T>(
  what: EditedDocument<T>,
  stored: { document: T; edition: number; revision: number },
): DocumentEditor<T> {
  const { key, url, name } = what;
  const [{ editor, end, goes }] = useState<{
    editor: DocumentEditor<T>;
    end(): void;
    goes(going: boolean): void;
  }>(() => {
    const sitting = newSitting();
    const { end, goes, ...drafts } =
      typeof window === 'undefined' ? NO_DRAFTS : draftsOf(key, sitting);
    const editor = createDocumentEditor(
      {
        send: (save) => sendSave(url, name, save),
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
    return { editor, end, goes };
  });
  useEffect(() => {
    void editor.restore();
    const tryAgain = () => void editor.flush();
    const leave = () => {
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
    window.addEventListener('pagehide', leave);
    window.addEventListener('pageshow', back);
    return () => {
      window.removeEventListener('online', tryAgain);
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('pageshow', back);
      // Leaving for another page of the product: send what waits, keep what can be undone.
      editor.remember();
      void editor.flush();
      // What could not be sent is there for whoever comes back.
      end();
    };
  }, [editor, end, goes, name, url]);
  return editor;
}

const NO_DRAFTS = {
  drawer: { read: () => null, write: () => {}, clear: () => {} },
  left: () => Promise.resolve([]),
  goes: () => {},
  end: () => {},
};
