'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/** Stands in what the server drew until it listens: with `data-listens` it tells when a page answers the hand. */
export const Asleep = () =>
  useSyncExternalStore(
    never,
    () => false,
    () => true,
  ) ? (
    <span hidden data-asleep />
  ) : null;
