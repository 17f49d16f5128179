/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { standInForScreen } from '../testing/standIns';
import { Anchored } from './Anchored';
import { AskOnce } from './AskOnce';
import { OverPage } from './OverPage';

beforeAll(standInForScreen);

describe('a question before what cannot be taken back', () => {
  const answers: string[] = [];
  const asked = () => {
    answers.length = 0;
    render(
      <AskOnce
        question="Delete for ever?"
        says="Its log goes with it."
        yes="Delete for ever"
        no="Keep it"
        onYes={() => answers.push('yes')}
        onNo={() => answers.push('no')}
      />,
    );
    return screen.getByRole('alertdialog', { name: 'Delete for ever?' });
  };

  it('says what would be lost, the safe answer under the finger', async () => {
    expect(asked()).toHaveAccessibleDescription('Its log goes with it.');
    await waitFor(() => expect(screen.getByRole('button', { name: 'Keep it' })).toHaveFocus());
    await userEvent.keyboard('{Enter}');
    expect(answers).toEqual(['no']);
  });

  it('takes Escape for no', async () => {
    asked();
    await userEvent.keyboard('{Escape}');
    expect(answers).toEqual(['no']);
  });

  it('does it when it is told to', async () => {
    asked();
    await userEvent.click(screen.getByRole('button', { name: 'Delete for ever' }));
    expect(answers[0]).toBe('yes');
  });
});

describe('what opens over the page', () => {
  it('has the focus, keeps it, and closes by Escape', async () => {
    const closed = jest.fn();
    render(
      <>
        <button type="button">Under it</button>
        <OverPage className="" onClose={closed}>
          <Dialog.Title>Keys</Dialog.Title>
          <button type="button">One</button>
          <button type="button">Two</button>
        </OverPage>
      </>,
    );
    expect(screen.getByRole('dialog', { name: 'Keys' })).toContainElement(
      document.activeElement as HTMLElement,
    );
    for (let press = 0; press < 3; press += 1) await userEvent.tab();
    expect(screen.getByRole('dialog')).toContainElement(document.activeElement as HTMLElement);
    await userEvent.keyboard('{Escape}');
    expect(closed).toHaveBeenCalled();
  });
});

describe('the focus after a dialog over the page', () => {
  function Page({ asks }: { asks: boolean }) {
    const [open, setOpen] = useState(false);
    const close = () => setOpen(false);
    return (
      <>
        <label>
          Dose
          <input onKeyDown={({ key }) => key === 'k' && setOpen(true)} />
        </label>
        {open &&
          (asks ? (
            <AskOnce question="Sure?" says="Gone." yes="Yes" no="No" onYes={close} onNo={close} />
          ) : (
            <OverPage className="" onClose={close}>
              <Dialog.Title>Keys</Dialog.Title>
              <button type="button">One</button>
            </OverPage>
          ))}
      </>
    );
  }

  it.each([
    ['a list', false],
    ['a question', true],
  ])('is where it was, once Escape closes %s', async (_name, asks) => {
    render(<Page asks={asks} />);
    await userEvent.click(screen.getByRole('textbox'));
    await userEvent.keyboard('k');
    expect(screen.getByRole('textbox', { hidden: true })).not.toHaveFocus();
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.getByRole('textbox')).toHaveFocus());
  });
});

describe('what opens beside an element', () => {
  function Beside() {
    const own = useRef<HTMLButtonElement>(null);
    const [open, setOpen] = useState(false);
    return (
      <>
        <button type="button" ref={own} onClick={() => setOpen(!open)}>
          More
        </button>
        <p>Elsewhere</p>
        {open && (
          <Anchored anchor={own} label="More of it" className="" onClose={() => setOpen(false)}>
            <button type="button">Inside</button>
          </Anchored>
        )}
      </>
    );
  }
  const opened = async () => {
    render(<Beside />);
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    return screen.findByRole('dialog', { name: 'More of it' });
  };

  it('gives the focus back to it when Escape closes it', async () => {
    await opened();
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(screen.getByRole('button', { name: 'More' })).toHaveFocus();
  });

  it('closes by a tap elsewhere, and by a second tap on what opened it', async () => {
    await opened();
    await userEvent.click(screen.getByText('Elsewhere'));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    expect(await screen.findByRole('dialog')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
});
