/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import type { Outcome } from '@/server/outcome';
import { say, sayTrouble } from '@/ui/layout/say';
import { NO_ANSWER, useAction } from './useAction';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));
jest.mock('@/ui/layout/say', () => ({ say: jest.fn(), sayTrouble: jest.fn() }));

beforeEach(() => jest.clearAllMocks());

const done =
  <T,>(value: T) =>
  (): Promise<Outcome<T>> =>
    Promise.resolve({ ok: true, value });
const refused = (error: string, path?: string) => (): Promise<Outcome<never>> =>
  Promise.resolve({ ok: false, error, ...(path && { path }) });
const noLine = () => Promise.reject(new Error('fetch failed'));

describe('an action', () => {
  it('done, says so and reads the page anew', async () => {
    const { result } = renderHook(() => useAction());
    await act(() => result.current.run(done(3), { done: (n) => `${n} taken` }));
    expect(say).toHaveBeenCalledWith('3 taken', undefined);
    expect(refresh).toHaveBeenCalledTimes(1);
    expect(result.current).toMatchObject({ busy: false, trouble: null });
  });

  it('leads where it says instead', async () => {
    const { result } = renderHook(() => useAction());
    const then = jest.fn();
    await act(() => result.current.run(done('p1'), { then }));
    expect(then).toHaveBeenCalledWith('p1');
    expect(refresh).not.toHaveBeenCalled();
  });

  it('refused, tells why where it is asked to, until the next try', async () => {
    const { result } = renderHook(() => useAction({ tells: 'here' }));
    await act(() =>
      result.current.run(refused('Name must not be empty', 'name'), {
        failed: (error, path) => `${path}: ${error}`,
      }),
    );
    expect(result.current.trouble).toBe('name: Name must not be empty');
    expect(sayTrouble).not.toHaveBeenCalled();
    await act(() => result.current.run(done(null)));
    expect(result.current.trouble).toBeNull();
    act(() => result.current.refuse('It is not JSON'));
    expect(result.current.trouble).toBe('It is not JSON');
  });

  it('without an answer says that, and can be tried again', async () => {
    const { result } = renderHook(() => useAction());
    let was: boolean | undefined;
    await act(async () => {
      was = await result.current.run(noLine);
    });
    expect(was).toBe(false);
    expect(sayTrouble).toHaveBeenCalledWith(NO_ANSWER);
    expect(result.current.busy).toBe(false);
    await act(async () => {
      was = await result.current.run(done(null));
    });
    expect(was).toBe(true);
  });

  it('is begun once by two taps', async () => {
    const { result } = renderHook(() => useAction());
    const ask = jest.fn(done(1));
    await act(() => Promise.all([result.current.run(ask), result.current.run(ask)]));
    expect(ask).toHaveBeenCalledTimes(1);
  });

  it('can be taken back, and says so when that fails', async () => {
    const { result } = renderHook(() => useAction());
    const undo = jest.fn(refused('It is gone'));
    await act(() => result.current.run(done('x'), { done: 'Deleted', undo }));
    const [, { undo: tapped }] = jest.mocked(say).mock.calls[0] as [string, { undo(): void }];
    await act(async () => tapped());
    await waitFor(() => expect(sayTrouble).toHaveBeenCalledWith('It is gone'));
    expect(undo).toHaveBeenCalledWith('x');
    expect(refresh).toHaveBeenCalledTimes(2);
  });
});
