'use client';

import { Popover } from 'radix-ui';
import { useState, type ComponentType } from 'react';

/** A button that opens a list of things to start from; picking one closes it. */
export function StartFrom<T>({
  label,
  title,
  list: List,
  onPick,
}: {
  label: string;
  title: string;
  list: ComponentType<{ onPick(item: T): void }>;
  onPick(item: T): void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="btn">{label}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={10}
          aria-label={title}
          className="popover max-h-[min(34rem,80dvh)] w-[min(24rem,calc(100vw-1.5rem))] overflow-y-auto p-1"
        >
          <List
            onPick={(item) => {
              onPick(item);
              setOpen(false);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** One thing to start from: its name, and what to know of it. */
export function StartRow({
  name,
  says,
  aside,
  onPick,
}: {
  name: string;
  says: string;
  aside: string;
  onPick(): void;
}) {
  return (
    <li>
      <button
        type="button"
        className="w-full rounded-md px-3 py-2 text-left hover:bg-band"
        onClick={onPick}
      >
        <span className="block font-semibold">{name}</span>
        <span className="block text-small">{says}</span>
        <span className="block text-small text-ink-dim">{aside}</span>
      </button>
    </li>
  );
}
