'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import type { DeviceKind } from '@/core/devices/lines';
import {
  NO_FAULTS,
  STARTING_BENCH,
  type Faults,
  type SimulatedBench,
} from '@/core/devices/simulated';
import { NOTHING_SEEN, readingOf, watchLine, type Reading, type Watch } from '@/core/devices/watch';
import { postedPort, serialPort, simulatedPort, type Port } from './ports';

/** What is listened to. */
export type Listening = 'none' | 'simulated' | 'posted' | 'serial';

/** The devices of this bench. */
export interface Devices {
  readonly listening: Listening;
  listen(to: Listening): void;
  readonly trouble: string | null;
  readonly watch: Watch;
  /** What a device shows now; null when there is none. */
  reading(kind: DeviceKind): Reading | null;
  readonly simulated: SimulatedBench;
  readonly faults: Faults;
  setSimulated(change: Partial<SimulatedBench>): void;
  setFaults(change: Partial<Faults>): void;
}

const NONE: Devices = {
  listening: 'none',
  listen: () => {},
  trouble: null,
  watch: NOTHING_SEEN,
  reading: () => null,
  simulated: STARTING_BENCH,
  faults: NO_FAULTS,
  setSimulated: () => {},
  setFaults: () => {},
};

const Context = createContext<Devices>(NONE);

/** Scale, probe and room sensor, where any are listened to. */
export const useDevices = (): Devices => useContext(Context);

/** Listens to devices for the whole bench. */
export function DevicesProvider({ children }: { children: ReactNode }) {
  const [listening, setListening] = useState<Listening>('none');
  const [port, setPort] = useState<{ open: Port } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [{ watch, nowMs }, setSeen] = useState({ watch: NOTHING_SEEN as Watch, nowMs: 0 });
  const [simulated, setBench] = useState(STARTING_BENCH);
  const [faults, setAll] = useState(NO_FAULTS);
  const standing = useRef({ bench: simulated, faults });
  useEffect(() => {
    standing.current = { bench: simulated, faults };
  }, [simulated, faults]);

  useEffect(() => {
    if (!port) return;
    const close = port.open((line) =>
      setSeen((before) => {
        const now = Date.now();
        return { watch: watchLine(before.watch, line, now), nowMs: now };
      }),
    );
    // So that a device that falls silent is seen to be gone.
    const timer = setInterval(() => setSeen((before) => ({ ...before, nowMs: Date.now() })), 1000);
    return () => {
      clearInterval(timer);
      close();
    };
  }, [port]);

  const listen = useCallback((to: Listening) => {
    setTrouble(null);
    setListening(to);
    setSeen({ watch: NOTHING_SEEN, nowMs: Date.now() });
    if (to === 'none') return setPort(null);
    if (to === 'posted') return setPort({ open: postedPort });
    if (to === 'simulated') {
      const began = Date.now();
      return setPort({
        open: simulatedPort(() => ({
          ...standing.current,
          bench: { ...standing.current.bench, cooledS: (Date.now() - began) / 1000 },
        })),
      });
    }
    serialPort().then(
      (open) => setPort({ open }),
      () => {
        setListening('none');
        setTrouble('No device was opened. Plug it in and choose it again.');
      },
    );
  }, []);
  const value = useMemo<Devices>(
    () => ({
      listening,
      listen,
      trouble,
      watch,
      reading: (kind) => readingOf(watch, kind, nowMs),
      simulated,
      faults,
      setSimulated: (change) => setBench((before) => ({ ...before, ...change })),
      setFaults: (change) => setAll((before) => ({ ...before, ...change })),
    }),
    [listening, listen, trouble, watch, nowMs, simulated, faults],
  );
  return <Context value={value}>{children}</Context>;
}
