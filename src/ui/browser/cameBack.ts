/** The path that the browser's own Back or Forward last led to. */
let ledTo: string | null = null;

if (typeof window !== 'undefined') {
  window.addEventListener('popstate', () => {
    ledTo = location.pathname;
  });
}

/**
 * Whether Back or Forward led to this page: it is then drawn as it was when it was left, and what was stored since
 * has yet to come.
 */
export const cameBack = (): boolean => ledTo === location.pathname;

/** The page has what is stored, or is another. */
export const forgetBack = (): void => {
  ledTo = null;
};
