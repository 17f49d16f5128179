'use client';

import { useInBrowser } from '../browser/useInBrowser';

/** Stands in what the server drew until it listens: with `data-listens` it tells when a page answers the hand. */
export const Asleep = () => (useInBrowser(() => false, true) ? <span hidden data-asleep /> : null);
