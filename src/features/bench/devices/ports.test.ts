import { ReadableStream, TextDecoderStream } from 'node:stream/web';
import { NO_FAULTS, STARTING_BENCH } from '@/core/devices/simulated';
import { postedPort, serialPort, simulatedPort } from './ports';

const flush = () => new Promise((resolve) => setTimeout(resolve, 20));

describe('a serial port', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const close = jest.fn().mockResolvedValue(undefined);
  const open = jest.fn().mockResolvedValue(undefined);
  const plug = (readable: ReadableStream) => {
    const serial = { requestPort: jest.fn().mockResolvedValue({ open, close, readable }) };
    Object.defineProperty(globalThis, 'navigator', { value: { serial }, configurable: true });
    Object.assign(globalThis, { TextDecoderStream });
  };

  it('gives whole lines, however they come in pieces, and is closed at the end', async () => {
    let send = (_part: Uint8Array) => {};
    plug(
      new ReadableStream({
        start: (control) => {
          send = (part) => control.enqueue(part);
        },
      }),
    );
    const lines: string[] = [];
    const stop = (await serialPort())((line) => lines.push(line));
    expect(open).toHaveBeenCalledWith({ baudRate: 9600 });
    // A letter of two bytes is cut in two, an end of line as well.
    const all = bytes('{"a":1}\r\n\r\n{"ü":2}\n{"half"');
    for (const [from, to] of [
      [0, 8],
      [8, 14],
      [14, all.length],
    ] as const) {
      send(all.slice(from, to));
      await flush();
    }
    expect(lines).toEqual(['{"a":1}', '{"ü":2}']);
    stop();
    await flush();
    expect(close).toHaveBeenCalled();
  });

  it('that is unplugged goes silent, and nothing breaks', async () => {
    plug(new ReadableStream({ pull: (control) => control.error(new Error('gone')) }));
    const onLine = jest.fn();
    const stop = (await serialPort())(onLine);
    await flush();
    stop();
    expect(onLine).not.toHaveBeenCalled();
  });
});

describe('lines that are posted', () => {
  it('are asked for after the last one, over a line that fails too', async () => {
    const answers = [
      { lines: ['one'], last: 4 },
      null,
      { lines: ['two', 'three'], last: 6 },
      { lines: [], last: 6 },
    ];
    const asked: string[] = [];
    globalThis.fetch = jest.fn((url: string) => {
      asked.push(url);
      const next = answers.shift();
      return next ? Promise.resolve({ json: async () => next }) : Promise.reject(new Error('down'));
    }) as unknown as typeof fetch;
    const lines: string[] = [];
    const stop = postedPort((line) => lines.push(line));
    await new Promise((resolve) => setTimeout(resolve, 1350));
    stop();
    expect(lines).toEqual(['one', 'two', 'three']);
    expect(asked.slice(0, 4)).toEqual([
      '/api/devices',
      '/api/devices?after=4',
      '/api/devices?after=4',
      '/api/devices?after=6',
    ]);
    const count = asked.length;
    await new Promise((resolve) => setTimeout(resolve, 500));
    expect(asked).toHaveLength(count);
  });
});

it('simulated devices read anew what stands on them for every line, until they are stopped', async () => {
  jest.useFakeTimers();
  const bench = jest.fn(() => ({ bench: STARTING_BENCH, faults: NO_FAULTS }));
  const lines: string[] = [];
  const stop = simulatedPort(bench)((line) => lines.push(line));
  jest.advanceTimersByTime(1010);
  expect(bench).toHaveBeenCalledTimes(5);
  stop();
  jest.advanceTimersByTime(1000);
  expect(bench).toHaveBeenCalledTimes(5);
  expect(lines.length).toBeGreaterThan(0);
  jest.useRealTimers();
});
