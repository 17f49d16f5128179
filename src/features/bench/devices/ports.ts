import { simulatedLines, type Faults, type SimulatedBench } from '@/core/devices/simulated';

/** Where lines come from. Each tells whole lines, and stops when it is closed. */
export type Port = (onLine: (line: string) => void) => () => void;

/** Lines a second of the simulated devices. */
const SAID_MS = 200;

/** The simulated devices: what stands on them is read anew for every line. */
export const simulatedPort =
  (bench: () => { readonly bench: SimulatedBench; readonly faults: Faults }): Port =>
  (onLine) => {
    const began = Date.now();
    let n = 0;
    const timer = setInterval(() => {
      n += 1;
      const now = bench();
      const elapsedS = (Date.now() - began) / 1000;
      const lines = simulatedLines(now.bench, now.faults, { n, elapsedS, next: Math.random });
      // A line late by a moment is a line like any other.
      const late = now.faults.drops ? 120 : 0;
      for (const line of lines) setTimeout(() => onLine(line), late * Math.random());
    }, SAID_MS);
    return () => clearInterval(timer);
  };

/** Lines that devices post to this product, over its own route. */
export const postedPort: Port = (onLine) => {
  let last: number | null = null;
  let over = false;
  let timer: ReturnType<typeof setTimeout>;
  const look = async () => {
    try {
      const response = await fetch(`/api/devices${last === null ? '' : `?after=${last}`}`, {
        cache: 'no-store',
      });
      const said = (await response.json()) as { lines: string[]; last: number };
      last = said.last;
      if (!over) said.lines.forEach(onLine);
    } catch {
      // No line to the server: no device either.
    }
    if (!over) timer = setTimeout(() => void look(), 400);
  };
  void look();
  return () => {
    over = true;
    clearTimeout(timer);
  };
};

/** What of a serial port is used here. */
interface Serial {
  open(options: { baudRate: number }): Promise<void>;
  readonly readable: ReadableStream<BufferSource> | null;
  close(): Promise<void>;
}

type WithSerial = Navigator & { serial?: { requestPort(): Promise<Serial> } };

/** Whether this browser reaches serial ports. */
export const hasSerial = (): boolean => typeof navigator !== 'undefined' && 'serial' in navigator;

/** Longest piece without an end of line that is waited for; beyond it the piece is none. */
const MOST_PIECE = 4000;

/**
 * A device on a serial port, asked for by the browser itself.
 * @throws when none was chosen or it cannot be opened
 */
export async function serialPort(baudRate = 9600): Promise<Port> {
  const port = await (navigator as WithSerial).serial!.requestPort();
  await port.open({ baudRate });
  return (onLine) => {
    const reader = port
      .readable!.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, BufferSource>)
      .getReader();
    let piece = '';
    void (async () => {
      try {
        for (let part = await reader.read(); !part.done; part = await reader.read()) {
          const lines = (piece + part.value).split(/\r?\n/);
          piece = (lines.pop() ?? '').slice(-MOST_PIECE);
          lines.filter((line) => line.trim() !== '').forEach(onLine);
        }
      } catch {
        // Unplugged: the reading goes stale and says so.
      }
    })();
    return () =>
      void reader
        .cancel()
        .then(() => port.close())
        .catch(() => {});
  };
}
