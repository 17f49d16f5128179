/** Does something once the page has nothing better to do; never while the server draws it. */
export function whenIdle(run: () => void): void {
  if (typeof window === 'undefined') return;
  // Not every browser says when it is idle.
  if ('requestIdleCallback' in window) window.requestIdleCallback(run);
  else setTimeout(run, 500);
}
