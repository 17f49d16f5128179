/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import { later } from './later';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('a part that comes later', () => {
  it('stays away while the line is down, and comes once it is back', async () => {
    let up = false;
    const load = jest.fn(() =>
      up
        ? Promise.resolve({ default: () => <p>Here it is</p> })
        : Promise.reject(new Error('no line')),
    );
    const Part = later(load, 'Fetching…');
    render(<Part />);
    await act(() => jest.advanceTimersByTimeAsync(10_000));
    expect(screen.getByText('Fetching…')).toBeVisible();
    expect(load.mock.calls.length).toBeGreaterThan(2);
    up = true;
    await act(() => jest.advanceTimersByTimeAsync(3000));
    expect(screen.getByText('Here it is')).toBeVisible();
    const asked = load.mock.calls.length;
    await act(() => jest.advanceTimersByTimeAsync(10_000));
    expect(load).toHaveBeenCalledTimes(asked);
  });
});
