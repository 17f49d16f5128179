/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import { renderToString } from 'react-dom/server';
import { useView, ViewProvider } from './ViewContext';

/** A window of so many rem, that can be made wider and narrower. */
function windowOf(rem: number) {
  const listeners = new Set<() => void>();
  let width = rem;
  window.matchMedia = ((query: string) => ({
    get matches() {
      return width >= Number(/([\d.]+)rem/.exec(query)![1]);
    },
    addEventListener: (_kind: string, changed: () => void) => listeners.add(changed),
    removeEventListener: (_kind: string, changed: () => void) => listeners.delete(changed),
  })) as never;
  return {
    listeners,
    become(next: number) {
      width = next;
      act(() => listeners.forEach((changed) => changed()));
    },
  };
}

const Room = () => <p>{useView()}</p>;
const page = (
  <ViewProvider guess="tablet">
    <Room />
  </ViewProvider>
);
const kept = () => /view=(\w+)/.exec(document.cookie)?.[1];

afterEach(() => {
  document.cookie = 'view=; max-age=0';
});

describe('the room a page has', () => {
  it('is guessed until the page knows its own', () => {
    expect(renderToString(page)).toBe('<p>tablet</p>');
  });

  it.each([
    [24, 'phone'],
    [47.9, 'phone'],
    [48, 'tablet'],
    [63.9, 'tablet'],
    [64, 'wide'],
    [200, 'wide'],
  ])('at %s rem is a %s’s', (rem, view) => {
    windowOf(rem);
    render(page);
    expect(screen.getByText(view)).toBeInTheDocument();
  });

  it('follows the window, and is kept for the next page’s first drawing', () => {
    const { become, listeners } = windowOf(80);
    const { unmount } = render(page);
    expect(kept()).toBe('wide');
    become(30);
    expect(screen.getByText('phone')).toBeInTheDocument();
    expect(kept()).toBe('phone');
    unmount();
    expect(listeners.size).toBe(0);
  });
});
