/** @jest-environment jsdom */
import { learntOf } from '@/core/testing/learntOf';
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Taught } from '@/core/basis/learnt';
import { STATES } from '@/core/basis/state';
import { US_CUSTOMARY } from '@/core/units/units';
import type { Working } from '@/core/working/working';
import { standInForScreen } from '../testing/standIns';
import { UnitsProvider } from '../units/UnitsContext';
import { Figure, FigureMark } from './Figure';
import { STATE_WORDS, StateMark } from './StateMark';

beforeAll(standInForScreen);

const DOSE: Working & Taught = {
  label: 'Filling in a piece',
  value: 12,
  unit: 'g',
  kind: 'choice',
  formula: 'as set',
  inputs: [
    { name: 'pieces', value: 40 },
    { name: 'filling', value: 480, unit: 'g' },
    { name: 'by', value: 'spoon' },
  ],
  source: 'the plan',
};

const opened = async (working: Working & Taught = DOSE, units = US_CUSTOMARY) => {
  render(
    <UnitsProvider initial={units}>
      <Figure working={working} />
    </UnitsProvider>,
  );
  await userEvent.click(screen.getByRole('button'));
  return screen.findByRole('dialog', { name: `Working: ${working.label}` });
};

describe('a figure', () => {
  it('stands with its unit and says that it has more to show', () => {
    render(<Figure working={DOSE} />);
    const button = screen.getByRole('button', { name: /^12 ?g ?, show the working$/ });
    expect(button).toHaveAttribute('aria-expanded', 'false');
    expect(button).toHaveAttribute('title', 'Filling in a piece: show the working');
  });

  it('may be told in other words', () => {
    render(<Figure working={DOSE}>a heaped spoon</Figure>);
    expect(screen.getByRole('button')).toHaveTextContent('a heaped spoon, show the working');
  });

  it('opens its formula, what goes in and where it is from, in the reader’s units', async () => {
    const sheet = await opened();
    expect(sheet).toHaveTextContent('0.42 oz');
    expect(sheet).toHaveTextContent('as set');
    const rows = within(sheet)
      .getAllByRole('term')
      .map((term) => `${term.textContent} ${term.nextElementSibling?.textContent}`);
    expect(rows).toEqual(['pieces 40', 'filling 1 lb 0.9 oz', 'by spoon']);
    expect(sheet).toHaveTextContent('As you set or measured it. Source: the plan.');
    expect(sheet).not.toHaveTextContent('Likely');
  });

  it.each([
    ['law', 'Law', /^.*Exact: physics, geometry or bookkeeping/],
    ['table', 'Table', /typical published values/],
    ['rule', 'Estimate', /A craft rule with a number on it/],
    ['choice', 'Yours', /As you set or measured it/],
  ] as const)('says what kind it is: %s', async (kind, name, says) => {
    const sheet = await opened({ ...DOSE, kind });
    expect(within(sheet).getByText(name)).toBeInTheDocument();
    expect(sheet).toHaveTextContent(says);
  });

  it('says how far an estimate may be off, and what the kitchen’s own batches taught', async () => {
    const learnt = learntOf('dosed', 1.08, { key: 'ines', low: 1.05, high: 1.12, runs: 3 });
    const sheet = await opened({ ...DOSE, kind: 'rule', range: [10, 14], learnt: [learnt] });
    expect(sheet).toHaveTextContent('Likely from 0.35 oz to 0.49 oz.');
    expect(sheet).toHaveTextContent(
      /From 3 batches: doses run over\. .*: 1\.08, typical 1\.00; likely 1\.05 to 1\.12/,
    );
    expect(within(sheet).getByRole('link')).toHaveAttribute('href', '/logbook/learnt');
  });

  it('closes by Escape, the focus back on it, and by its own second tap', async () => {
    await opened();
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    const button = screen.getByRole('button');
    expect(button).toHaveFocus();
    await userEvent.click(button);
    expect(await screen.findByRole('dialog')).toBeInTheDocument();
    expect(button).toHaveAttribute('aria-expanded', 'true');
    await userEvent.click(button);
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
});

describe('a figure in a drawing', () => {
  it.each(['{Enter}', ' '])('opens by the keyboard too: %j', async (key) => {
    render(
      <svg>
        <FigureMark working={DOSE}>
          <text>12 g</text>
        </FigureMark>
      </svg>,
    );
    const mark = screen.getByRole('button', { name: 'Filling in a piece: show the working' });
    await userEvent.tab();
    expect(mark).toHaveFocus();
    await userEvent.keyboard('x');
    expect(mark).toHaveAttribute('aria-expanded', 'false');
    await userEvent.keyboard(key);
    expect(await screen.findByRole('dialog')).toHaveTextContent('12 g');
  });
});

describe('a state’s mark', () => {
  it.each(STATES)('is a sign of its own, and a word for those who hear it: %s', (state) => {
    const { rerender } = render(<StateMark state={state} />);
    const { mark, word } = STATE_WORDS[state];
    expect(screen.getByText(mark)).toHaveAttribute('aria-hidden');
    expect(screen.getByText(word)).toHaveClass('sr-only');
    rerender(<StateMark state={state} said />);
    expect(screen.queryByText(word)).toBeNull();
    expect(new Set(STATES.map((each) => STATE_WORDS[each].mark)).size).toBe(STATES.length);
  });

  it('has colours of its own on the slate', () => {
    const { container, rerender } = render(<StateMark state="edge" />);
    const onBoard = container.firstElementChild!.className;
    rerender(<StateMark state="edge" slate />);
    expect(container.firstElementChild!.className).not.toBe(onBoard);
  });
});
