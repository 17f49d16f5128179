import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { steadily } from './steadily';

const Fetching = () => <p className="text-ink-dim">Fetching…</p>;

/**
 * A part that comes after the page, tried for until it is there.
 * @param onServer whether the server draws it too, which puts it into the first load
 */
export const after = (load: () => Promise<ComponentType>, onServer = true): ComponentType =>
  dynamic(() => steadily(load), { loading: Fetching, ssr: onServer });
