'use client';

import { useEffect } from 'react';
import { say } from '../layout/say';
import type { EditorSnapshot } from './editorTypes';

/** Says what came in without the hand: work of an earlier visit, and what another window changed. */
export function useEditorNews({
  restored,
  joined,
}: Pick<EditorSnapshot<unknown>, 'restored' | 'joined'>): void {
  useEffect(() => {
    if (restored) void say('What could not be saved last time has been brought back.');
  }, [restored]);
  useEffect(() => {
    if (joined.length > 0) void say('What another window changed came in here; yours stays.');
  }, [joined]);
}
