import type { SaveState } from './editorTypes';

/** How a document stands against what is stored, in the bar. */
export const SAVE_WORDS: Readonly<Record<SaveState<unknown>['kind'], string>> = {
  saved: '✓ Saved',
  waiting: 'Saving…',
  saving: 'Saving…',
  failed: '▲ Not saved',
  conflict: '▲ Changed elsewhere',
};
