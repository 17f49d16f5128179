import type { DocumentEditor } from './editorTypes';

/** Two ways out of a conflict: where both changed the same, theirs or mine. */
export function KeepOne({
  editor,
}: {
  editor: Pick<DocumentEditor<unknown>, 'takeTheirs' | 'keepMine'>;
}) {
  return (
    <span className="flex flex-wrap gap-2">
      <button type="button" className="btn" onClick={() => editor.takeTheirs()}>
        Take the other
      </button>
      <button type="button" className="btn btn-strong" onClick={() => editor.keepMine()}>
        Keep this one
      </button>
    </span>
  );
}
