/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createRef } from 'react';
import { Button } from './Button';
import { IconButton } from './IconButton';
import { TakeButton } from './TakeButton';

const pressed = jest.fn();
beforeEach(() => pressed.mockClear());

describe('a button', () => {
  it('does what it says, by a tap and by the keyboard', async () => {
    render(<Button onClick={pressed}>Weigh out</Button>);
    await userEvent.click(screen.getByRole('button', { name: 'Weigh out' }));
    await userEvent.keyboard('{Enter} ');
    expect(pressed).toHaveBeenCalledTimes(3);
  });

  it('at rest keeps its place and the focus, and does nothing', async () => {
    render(
      <Button resting onClick={pressed}>
        Weigh out
      </Button>,
    );
    const button = screen.getByRole('button');
    await userEvent.tab();
    expect(button).toHaveFocus();
    await userEvent.keyboard('{Enter}');
    await userEvent.click(button);
    expect(pressed).not.toHaveBeenCalled();
    expect(button).toHaveAttribute('aria-disabled', 'true');
    expect(button).toBeEnabled();
  });

  it('sends its form only where it is told to, and not at rest', async () => {
    const sent = jest.fn((event: React.FormEvent) => event.preventDefault());
    const form = (resting: boolean) => (
      <form onSubmit={sent}>
        <Button>Beside</Button>
        <Button submits resting={resting}>
          Send
        </Button>
      </form>
    );
    const { rerender } = render(form(true));
    await userEvent.click(screen.getByRole('button', { name: 'Send' }));
    expect(sent).not.toHaveBeenCalled();
    rerender(form(false));
    await userEvent.click(screen.getByRole('button', { name: 'Beside' }));
    expect(sent).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Send' }));
    expect(sent).toHaveBeenCalledTimes(1);
  });
});

describe('a button that is a sign', () => {
  it('is known by its name, and tells its key in its tip', async () => {
    const ref = createRef<HTMLButtonElement>();
    render(
      <IconButton label="Undo" keys="Ctrl Z" ref={ref} onClick={pressed}>
        <svg />
      </IconButton>,
    );
    const button = screen.getByRole('button', { name: 'Undo' });
    expect(button).toHaveAttribute('title', 'Undo (Ctrl Z)');
    expect(ref.current).toBe(button);
    await userEvent.click(button);
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  it('at rest is still there to be asked', async () => {
    render(
      <IconButton label="Redo" resting words onClick={pressed}>
        <svg />
      </IconButton>,
    );
    const button = screen.getByRole('button', { name: 'Redo' });
    expect(button).toHaveAttribute('title', 'Redo');
    await userEvent.click(button);
    expect(pressed).not.toHaveBeenCalled();
    expect(button).toHaveFocus();
  });
});

describe('one of several offers', () => {
  const offers = (used: string | null) => (
    <>
      {['Round', 'Square'].map((what) => (
        <TakeButton key={what} what={what} used={used === what} onTake={() => pressed(what)} />
      ))}
    </>
  );

  it('is told from the others by those who hear it, and keeps the focus once it is taken', async () => {
    const { rerender } = render(offers(null));
    await userEvent.click(screen.getByRole('button', { name: 'Use Square' }));
    expect(pressed).toHaveBeenCalledWith('Square');
    rerender(offers('Square'));
    const taken = screen.getByRole('button', { name: 'In use Square' });
    expect(taken).toHaveFocus();
    expect(taken).toHaveAttribute('aria-disabled', 'true');
    await userEvent.keyboard('{Enter}');
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  it('cannot be taken while it rests', async () => {
    render(<TakeButton word="Adopt" what="Thinner" resting onTake={pressed} />);
    await userEvent.click(screen.getByRole('button', { name: 'Adopt Thinner' }));
    expect(pressed).not.toHaveBeenCalled();
  });
});
