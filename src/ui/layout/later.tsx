'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { steadily } from './steadily';

/**
 * A part of the page that is fetched when it is first needed. While the line is down it stays away and the
 * page stands; once the line is back it comes.
 */
export const later = <P extends object>(
  load: () => Promise<{ default: ComponentType<P> }>,
  waiting?: string,
) =>
  dynamic<P>(() => steadily(load), {
    ssr: false,
    loading: () => (waiting ? <p className="p-4 text-ink-dim">{waiting}</p> : null),
  });

/** A leaf of a panel that comes after the page. Its place is kept, so that what stands below is not pushed away by it. */
export const laterLeaf = (load: () => Promise<{ default: ComponentType }>) =>
  dynamic(() => steadily(load), {
    ssr: false,
    loading: () => <p className="min-h-[80dvh] p-4 text-ink-dim">Fetching…</p>,
  });
