/** Does something once the page has nothing better to do. */
export function whenIdle(run: () => void): void {
  // Not every browser says when it is idle.
  if ('requestIdleCallback' in window) window.requestIdleCallback(run);
  else setTimeout(run, 500);
}
