/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ChooseFile } from './ChooseFile';
import { saveFile } from './saveFile';

describe('a file of the reader’s own', () => {
  it('is handed over, and may be picked again', async () => {
    const files: string[] = [];
    render(
      <ChooseFile
        label="Plan as JSON"
        accept=".json"
        onFile={({ name, size }) => files.push(`${name} ${size}`)}
      >
        Bring in a plan
      </ChooseFile>,
    );
    const input = screen.getByLabelText('Plan as JSON');
    const file = new File(['{}'], 'friday.json', { type: 'application/json' });
    await userEvent.upload(input, file);
    await userEvent.upload(input, file);
    expect(files).toEqual(['friday.json 2', 'friday.json 2']);
  });

  it('is asked for by the button, which the keyboard reaches once', async () => {
    render(
      <ChooseFile label="Plan as JSON" accept=".json" onFile={() => {}}>
        Bring in a plan
      </ChooseFile>,
    );
    const asked = jest.fn((event: Event) => event.preventDefault());
    screen.getByLabelText('Plan as JSON').addEventListener('click', asked);
    await userEvent.tab();
    expect(screen.getByRole('button', { name: 'Bring in a plan' })).toHaveFocus();
    await userEvent.keyboard('{Enter}');
    expect(asked).toHaveBeenCalledTimes(1);
    await userEvent.tab();
    expect(document.body).toHaveFocus();
  });
});

describe('a file made in the page', () => {
  it('is offered by its name, its kind and its text, and let go of afterwards', async () => {
    jest.useFakeTimers();
    const made: Blob[] = [];
    const letGo = jest.fn();
    Object.assign(URL, {
      createObjectURL: (blob: Blob) => {
        made.push(blob);
        return 'blob:made';
      },
      revokeObjectURL: letGo,
    });
    const clicked: string[] = [];
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      clicked.push(`${this.download} ${this.href}`);
    });
    saveFile('friday.csv', 'text/csv', 'a;b\n');
    expect(clicked).toEqual(['friday.csv blob:made']);
    expect(made[0]).toMatchObject({ type: 'text/csv;charset=utf-8', size: 4 });
    expect(letGo).not.toHaveBeenCalled();
    jest.runAllTimers();
    expect(letGo).toHaveBeenCalledWith('blob:made');
    jest.useRealTimers();
  });
});
