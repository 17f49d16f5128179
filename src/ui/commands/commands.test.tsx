/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useMemo } from 'react';
import { CommandsProvider, useCommands, useSingleKeys, type Command } from './commands';

const ran: string[] = [];

function Page({ keys = true }: { keys?: boolean }) {
  const commands = useMemo<Command[]>(
    () => [
      { id: 'c', label: 'Card', group: 'g', keys: 'c', run: () => ran.push('card') },
      {
        id: 'z',
        label: 'Undo',
        group: 'g',
        keys: 'mod+z',
        anywhere: true,
        run: () => ran.push('undo'),
      },
      { id: 'p', label: 'Print', group: 'g', keys: 'mod+p', run: () => ran.push('print') },
    ],
    [],
  );
  useCommands(commands);
  useSingleKeys(keys);
  return (
    <>
      <button type="button">Rest</button>
      <input aria-label="Settled" data-undo="plan" defaultValue="5" />
      <input aria-label="Typing" defaultValue="5" />
      <div role="slider" tabIndex={0} aria-label="Ruler" aria-valuenow={1} />
    </>
  );
}

const at = async (name: string, keys: string, singleKeys = true) => {
  ran.length = 0;
  const { unmount } = render(
    <CommandsProvider>
      <Page keys={singleKeys} />
    </CommandsProvider>,
  );
  const target = screen.queryByLabelText(name) ?? screen.getByRole('button', { name });
  target.focus();
  await userEvent.keyboard(keys);
  unmount();
  return [...ran];
};

describe('keys', () => {
  it.each([
    ['Rest', 'c', true, ['card']],
    ['Rest', 'c', false, []],
    ['Settled', 'c', true, []],
    ['Ruler', 'c', true, []],
    ['Ruler', '{Control>}z{/Control}', true, ['undo']],
    ['Settled', '{Control>}z{/Control}', true, ['undo']],
    ['Typing', '{Control>}z{/Control}', true, []],
    ['Settled', '{Control>}p{/Control}', true, []],
    ['Rest', '{Control>}z{/Control}', false, ['undo']],
  ] as const)('on %s, %s with single keys %s runs %j', async (name, keys, single, expected) => {
    expect(await at(name, keys, single)).toEqual(expected);
  });
});
