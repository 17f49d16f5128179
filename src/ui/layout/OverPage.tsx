'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useFocusBack } from './useFocusBack';

/** A dialog over the page; Escape or a tap beside it closes it. Its title is for `Dialog.Title` inside. */
export function OverPage({
  onClose,
  className,
  children,
}: {
  onClose(): void;
  className: string;
  children: ReactNode;
}) {
  const focusBack = useFocusBack();
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(0_0_0/0.5)]" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={focusBack}
          className={`popover fixed left-1/2 z-50 -translate-x-1/2 ${className}`}
        >
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
