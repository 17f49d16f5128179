/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { FocusHome } from './FocusHome';

function Page() {
  const [open, setOpen] = useState(true);
  return (
    <main>
      <FocusHome />
      <section aria-label="Bench">
        {open && (
          <p>
            <button type="button" onClick={() => setOpen(false)}>
              Gone
            </button>
          </p>
        )}
        <button type="button">Stays</button>
      </section>
    </main>
  );
}

describe('FocusHome', () => {
  it('takes the focus to what stood round a thing that went', async () => {
    render(<Page />);
    await userEvent.click(screen.getByRole('button', { name: 'Gone' }));
    await waitFor(() => expect(screen.getByRole('region', { name: 'Bench' })).toHaveFocus());
    await userEvent.tab();
    expect(screen.getByRole('button', { name: 'Stays' })).toHaveFocus();
    // It is no stop of its own.
    expect(screen.getByRole('region', { name: 'Bench' })).not.toHaveAttribute('tabindex');
  });
});
