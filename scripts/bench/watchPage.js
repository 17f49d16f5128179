/* Runs in the page, from its first moment: how long interactions take to their next paint, what blocks, what moves. */
window.seen = { events: [], tasks: [], lcp: 0, fcp: 0, shift: 0, gaps: [] };

const observe = (type, on, more = {}) =>
  new PerformanceObserver((list) => list.getEntries().forEach(on)).observe({
    type,
    buffered: true,
    ...more,
  });
observe(
  'event',
  ({ interactionId: id, duration: ms }) => id && window.seen.events.push({ id, ms }),
  { durationThreshold: 16 },
);
observe('longtask', ({ startTime: at, duration: ms }) => window.seen.tasks.push({ at, ms }));
observe('largest-contentful-paint', ({ startTime }) => (window.seen.lcp = startTime));
observe('paint', ({ name, startTime }) => {
  if (name === 'first-contentful-paint') window.seen.fcp = startTime;
});
observe('layout-shift', ({ value, hadRecentInput }) => {
  if (!hadRecentInput) window.seen.shift += value;
});

/** Notes the time between frames until told to stop. */
window.watchFrames = () => {
  let before = performance.now();
  window.watching = true;
  const tick = (now) => {
    window.seen.gaps.push(now - before);
    before = now;
    if (window.watching) requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
};
