'use client';

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { SignId } from '@/core/faults/signs';

interface Trouble {
  /** Signs it was opened with; null while nothing is wrong. */
  readonly signs: readonly SignId[] | null;
  open(signs: readonly SignId[]): void;
  close(): void;
}

const Context = createContext<Trouble>({ signs: null, open: () => {}, close: () => {} });

/** Whether something is wrong at this bench, and the way to say so. */
export const useTrouble = (): Trouble => useContext(Context);

export function TroubleProvider({ children }: { children: ReactNode }) {
  const [signs, setSigns] = useState<readonly SignId[] | null>(null);
  const value = useMemo(
    () => ({ signs, open: setSigns, close: () => setSigns(null) }),
    [signs, setSigns],
  );
  return <Context value={value}>{children}</Context>;
}
