/** @jest-environment jsdom */
import { renderHook, waitFor } from '@testing-library/react';
import { useAwake } from './useClock';

describe('the screen, while a run is open', () => {
  const release = jest.fn();
  const request = jest.fn();
  const look = (state: DocumentVisibilityState) => {
    jest.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
    document.dispatchEvent(new Event('visibilitychange'));
  };

  beforeEach(() => {
    request.mockReset().mockResolvedValue({ release });
    release.mockReset();
    jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('visible');
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  });
  afterEach(() => {
    Reflect.deleteProperty(navigator, 'wakeLock');
    jest.restoreAllMocks();
  });

  it('is kept awake, again each time it comes back, and let go at the end', async () => {
    const { unmount } = renderHook(() => useAwake(true));
    expect(request).toHaveBeenCalledWith('screen');
    look('hidden');
    expect(request).toHaveBeenCalledTimes(1);
    look('visible');
    expect(request).toHaveBeenCalledTimes(2);
    await Promise.resolve();
    unmount();
    expect(release).toHaveBeenCalled();
    look('visible');
    expect(request).toHaveBeenCalledTimes(2);
  });

  it('is let go too where the run ends before the browser has answered', async () => {
    let answer = (_lock: unknown) => {};
    request.mockReturnValue(new Promise((resolve) => (answer = resolve)));
    renderHook(() => useAwake(true)).unmount();
    answer({ release });
    await waitFor(() => expect(release).toHaveBeenCalledTimes(1));
  });

  it('may sleep once the run is over, and where the browser refuses or cannot', async () => {
    renderHook(() => useAwake(false));
    expect(request).not.toHaveBeenCalled();
    request.mockRejectedValue(new Error('low battery'));
    renderHook(() => useAwake(true)).unmount();
    Reflect.deleteProperty(navigator, 'wakeLock');
    renderHook(() => useAwake(true)).unmount();
  });
});
