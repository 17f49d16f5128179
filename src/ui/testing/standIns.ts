/**
 * For tests: stands in for what a page without a screen lacks. Nothing has a size, no media query matches, and
 * nothing scrolls.
 */
export function standInForScreen(): void {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  window.matchMedia = (media) =>
    Object.assign(new EventTarget(), {
      media,
      matches: false,
      onchange: null,
      addListener() {},
      removeListener() {},
    });
  Element.prototype.scrollIntoView = () => {};
}
