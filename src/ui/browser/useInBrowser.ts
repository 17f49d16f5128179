'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * What only the browser knows; the server's page, and the first paint, have the other in its place.
 * @param inBrowser must give the same value each time
 */
export const useInBrowser = <T>(inBrowser: () => T, onServer: T): T =>
  useSyncExternalStore(never, inBrowser, () => onServer);
