'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';

/**
 * A part of the page that is fetched when it is first needed. When the line is down and it does not
 * come, it stays away and the page stands.
 */
export const later = <P extends object>(
  load: () => Promise<{ default: ComponentType<P> }>,
  waiting?: string,
) =>
  dynamic<P>(() => load().catch(() => ({ default: Missing as ComponentType<P> })), {
    ssr: false,
    loading: () => (waiting ? <p className="p-4 text-ink-dim">{waiting}</p> : null),
  });

const Missing = () => null;
