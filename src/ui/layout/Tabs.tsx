'use client';

import { useQueryState } from 'nuqs';
import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import type { PageParam } from '../browser/pageParams';

export interface Tab {
  readonly id: string;
  readonly label: ReactNode;
  readonly content: ReactNode;
}

/**
 * Leaves of one panel, one open at a time. Leaves not open are not drawn. The open one stands in the
 * address under the panel's own name, so that it is still open after a look elsewhere.
 */
export function Tabs({
  name,
  label,
  tabs,
}: {
  name: PageParam;
  label: string;
  tabs: readonly Tab[];
}) {
  const [asked, open] = useQueryState(name, { history: 'push' });
  const at = tabs.find(({ id }) => id === asked) ?? tabs[0];
  return (
    <Radix.Root value={at?.id ?? ''} onValueChange={(id) => void open(id)}>
      <Radix.List
        aria-label={label}
        className="mb-4 flex flex-wrap gap-x-1 border-b-[1.5px] border-board-rule"
      >
        {tabs.map(({ id, label: name }) => (
          <Radix.Trigger
            key={id}
            value={id}
            className="-mb-[1.5px] min-h-[44px] rounded-t-md border-b-[3px] border-transparent px-3 text-ink-dim hover:bg-band hover:text-ink data-[state=active]:border-dough-edge data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {at && (
        <Radix.Content key={at.id} value={at.id}>
          {at.content}
        </Radix.Content>
      )}
    </Radix.Root>
  );
}
