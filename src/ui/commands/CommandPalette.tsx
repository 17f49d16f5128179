'use client';

import { Command as Palette } from 'cmdk';
import { Dialog } from 'radix-ui';
import { OverPage } from '../layout/OverPage';
import { useAllCommands } from './commands';
import { keysText } from './keys';

/** Type a few letters, do the thing. */
export default function CommandPalette({ onClose }: { onClose(): void }) {
  const commands = useAllCommands();
  const groups = [...new Set(commands.map((command) => command.group))];
  return (
    <OverPage
      onClose={onClose}
      className="top-[12vh] w-[min(36rem,calc(100vw-2rem))] overflow-hidden"
    >
      <Dialog.Title className="sr-only">Commands</Dialog.Title>
      <Palette label="Commands">
        <Palette.Input
          placeholder="What would you like to do?"
          className="w-full border-b border-board-line bg-transparent px-4 py-4 text-lead outline-none placeholder:text-ink-dim"
        />
        <Palette.List className="max-h-[50vh] overflow-y-auto p-2">
          <Palette.Empty className="px-4 py-6 text-ink-dim">Nothing by that name.</Palette.Empty>
          {groups.map((group) => (
            <Palette.Group
              key={group}
              heading={group}
              className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-small [&_[cmdk-group-heading]]:text-ink-dim"
            >
              {commands
                .filter((command) => command.group === group && !command.disabled)
                .map((command) => (
                  <Palette.Item
                    key={command.id}
                    value={`${command.label} ${command.id}`}
                    className="menu-item justify-between"
                    onSelect={() => {
                      onClose();
                      command.run();
                    }}
                  >
                    {command.label}
                    {command.keys && (
                      <kbd className="text-small text-ink-dim">{keysText(command.keys)}</kbd>
                    )}
                  </Palette.Item>
                ))}
            </Palette.Group>
          ))}
        </Palette.List>
      </Palette>
    </OverPage>
  );
}
