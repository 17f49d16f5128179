'use client';

import { AlertDialog } from 'radix-ui';
import { useFocusBack } from './useFocusBack';

/** Asks before something that cannot be taken back; the safe answer has the focus. */
export function AskOnce({
  question,
  says,
  yes,
  no,
  onYes,
  onNo,
}: {
  question: string;
  says: string;
  yes: string;
  no: string;
  onYes(): void;
  onNo(): void;
}) {
  const focusBack = useFocusBack();
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onNo()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-[rgb(0_0_0/0.5)]" />
        <AlertDialog.Content
          onCloseAutoFocus={focusBack}
          className="popover fixed top-1/2 left-1/2 z-50 w-[min(28rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 p-6"
        >
          <AlertDialog.Title className="font-display text-figure break-words">
            {question}
          </AlertDialog.Title>
          <AlertDialog.Description className="mt-2">{says}</AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-2">
            <AlertDialog.Cancel className="btn">{no}</AlertDialog.Cancel>
            <AlertDialog.Action className="btn btn-strong" onClick={onYes}>
              {yes}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
