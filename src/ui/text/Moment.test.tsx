/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { renderToString } from 'react-dom/server';
import { Moment } from './Moment';

/** A reader whose language writes dates so. */
function readerOf(language: string) {
  const { DateTimeFormat } = Intl;
  jest
    .spyOn(Intl, 'DateTimeFormat')
    .mockImplementation((_none, options) => new DateTimeFormat(language, options));
}

afterEach(() => jest.restoreAllMocks());

const shown = () => screen.getByRole('time');

describe('a moment', () => {
  it.each([
    ['en-GB', '24 Nov 2026'],
    ['en-US', 'Nov 24, 2026'],
    ['de', '24.11.2026'],
  ])('is written as the reader’s language writes it: %s', (language, text) => {
    readerOf(language);
    render(<Moment at="2026-11-24" />);
    expect(shown()).toHaveTextContent(text);
    expect(shown()).toHaveAttribute('datetime', '2026-11-24');
  });

  it('is that day everywhere: a bare day is no midnight somewhere else', () => {
    readerOf('en-GB');
    render(<Moment at="2026-01-01" />);
    expect(shown()).toHaveTextContent('1 Jan 2026');
  });

  it('has the hour of the reader’s own clock, or that alone', () => {
    readerOf('en-GB');
    const at = new Date(2026, 10, 24, 18, 5).toISOString();
    const { rerender } = render(<Moment at={at} time />);
    expect(shown()).toHaveTextContent('24 Nov 2026, 18:05');
    rerender(<Moment at={at} time="only" />);
    expect(shown()).toHaveTextContent(/^18:05$/);
  });

  it('is plain on the server’s page, which knows neither', () => {
    expect(renderToString(<Moment at="2026-11-24T18:05:00Z" time />)).toContain('>2026-11-24<');
    expect(renderToString(<Moment at="2026-11-24T18:05:00Z" time="only" />)).toContain('>18:05<');
  });
});
