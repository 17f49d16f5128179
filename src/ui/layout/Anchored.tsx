'use client';

import { Popover } from 'radix-ui';
import type { ReactNode, RefObject } from 'react';

/** Any element that something can stand beside. */
export type AnchorRef = RefObject<(HTMLElement | SVGElement) | null>;

/** What stands open beside an element, until Escape or a tap elsewhere; the focus goes back to it. */
export function Anchored({
  anchor,
  label,
  className,
  sideOffset = 6,
  onClose,
  children,
}: {
  anchor: AnchorRef;
  label: string;
  className: string;
  sideOffset?: number;
  onClose(): void;
  children: ReactNode;
}) {
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor as RefObject<HTMLElement>} />
      <Popover.Portal>
        <Popover.Content
          sideOffset={sideOffset}
          collisionPadding={12}
          aria-label={label}
          className={`popover ${className}`}
          onInteractOutside={(event) => {
            // A second tap on what opened it is its own to answer.
            if (anchor.current?.contains(event.target as Node)) event.preventDefault();
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            anchor.current?.focus();
          }}
        >
          {children}
          <Popover.Arrow className="fill-[var(--board-rule)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
