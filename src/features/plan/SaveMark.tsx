'use client';

import { KeepOne } from '@/ui/editor/KeepOne';
import { SAVE_WORDS } from '@/ui/editor/saveWords';
import { useEdit, useEditorState } from './editor/EditorContext';
import { useFieldNames } from './useFieldNames';

/** How the plan stands against what is stored, in the bar. */
export function SaveMark() {
  const save = useEditorState((state) => state.save);
  const bad = save.kind === 'failed' || save.kind === 'conflict';
  return (
    <span
      data-testid="save-state"
      className={`px-2 whitespace-nowrap ${bad ? 'font-semibold text-[var(--ochre-slate)]' : 'text-chalk-dim'}`}
    >
      {SAVE_WORDS[save.kind]}
    </span>
  );
}

const NONE: readonly string[] = [];

/** Says why the plan cannot be saved, and what can be done; nothing when all is well. */
export function SaveTrouble() {
  const save = useEditorState((state) => state.save);
  const editor = useEdit();
  const clashes = useFieldNames(save.kind === 'conflict' ? save.clashes : NONE);
  if (save.kind === 'failed') {
    return (
      <Notice>
        <span>
          <b>Cannot save: {save.why}.</b> Your changes are kept on this device and will be sent when
          it works again.
        </span>
        <button type="button" className="btn" onClick={() => void editor.flush()}>
          Try now
        </button>
      </Notice>
    );
  }
  if (save.kind === 'conflict') {
    return (
      <Notice>
        <span>
          <b>This plan was changed in another window.</b> Both changed {clashes.join(', ')}: keep
          one; the other can still be found under undo or revisions. All else is joined.
        </span>
        <KeepOne editor={editor} />
      </Notice>
    );
  }
  return null;
}

function Notice({ children }: { children: React.ReactNode }) {
  return (
    <div
      role="alert"
      className="no-print flex flex-wrap items-center justify-between gap-3 px-5 py-3 text-verdict-ink"
      style={{ background: 'var(--verdict-edge)' }}
    >
      {children}
    </div>
  );
}
