'use client';

import { Dialog } from 'radix-ui';
import { OverPage } from '../layout/OverPage';
import { useAllCommands } from './commands';
import { keysText } from './keys';

const ON_A_RULER: readonly (readonly [string, string])[] = [
  ['← →', 'nudge'],
  ['Shift ← →', 'nudge finely'],
  ['Page Up, Page Down', 'a large step'],
  ['Home, End', 'to either end'],
];

/** The list of keys that work on this page. */
export default function ShortcutList({ onClose }: { onClose(): void }) {
  const commands = useAllCommands().filter((command) => command.keys);
  const groups = [...new Set(commands.map((command) => command.group))];
  return (
    <OverPage
      onClose={onClose}
      className="top-1/2 max-h-[86vh] w-[min(40rem,calc(100vw-2rem))] -translate-y-1/2 overflow-y-auto p-6"
    >
      <div className="flex items-center justify-between">
        <Dialog.Title className="font-display text-figure">Keys</Dialog.Title>
        <Dialog.Close className="btn">Close</Dialog.Close>
      </div>
      <div className="mt-4 grid gap-6 sm:grid-cols-2">
        {groups.map((group) => (
          <Keys
            key={group}
            title={group}
            rows={commands
              .filter((command) => command.group === group)
              .map((command) => [keysText(command.keys ?? ''), command.label] as const)}
          />
        ))}
        <Keys title="On a ruler or a number" rows={ON_A_RULER} />
      </div>
    </OverPage>
  );
}

function Keys({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  return (
    <section>
      <h3 className="mb-1 text-small text-ink-dim">{title}</h3>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1">
        {rows.map(([keys, label]) => (
          <div key={label} className="contents">
            <dt>
              <kbd className="rounded border border-board-rule px-1.5 py-0.5 text-small whitespace-nowrap">
                {keys}
              </kbd>
            </dt>
            <dd>{label}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
