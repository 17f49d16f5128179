/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { GLOSSARY, type GlossaryId } from '@/core/glossary';
import { standInForScreen } from '../testing/standIns';
import { WordsHere } from './WordsHere';

beforeAll(standInForScreen);

const ALL = Object.keys(GLOSSARY) as GlossaryId[];

describe('words of the craft', () => {
  it('stand at the foot of a page, each asking what it is', () => {
    render(<WordsHere words={ALL} />);
    expect(screen.getAllByRole('button').map((word) => word.textContent)).toEqual(
      ALL.map((id) => `${GLOSSARY[id].word} what is that?`),
    );
  });

  it.each(ALL)('%s says what it is and why it matters, and leads to all the others', async (id) => {
    render(<WordsHere words={[id]} />);
    await userEvent.click(screen.getByRole('button'));
    const { word, says, matters } = GLOSSARY[id];
    const open = await screen.findByRole('dialog', { name: word });
    expect(open).toHaveTextContent(says);
    expect(open).toHaveTextContent(matters);
    expect(within(open).getByRole('link', { name: 'All the words' })).toHaveAttribute(
      'href',
      '/words',
    );
  });

  it('closes by Escape, the focus back on the word', async () => {
    render(<WordsHere words={['lip', 'blank']} />);
    const blank = screen.getByRole('button', { name: /^Blank/i });
    await userEvent.click(blank);
    await screen.findByRole('dialog');
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(blank).toHaveFocus();
    expect(blank).toHaveAttribute('aria-expanded', 'false');
  });
});
