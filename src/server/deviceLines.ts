/** Lines that devices posted lately, in memory alone: they are worth nothing a minute later. */
const KEPT = 500;

const held = globalThis as { mortarDeviceLines?: { seq: number; lines: [number, string][] } };

const box = () => (held.mortarDeviceLines ??= { seq: 0, lines: [] });

function keep(numbered: readonly (readonly [number, string])[]): void {
  const kept = box();
  for (const [seq, line] of numbered) {
    kept.lines.push([seq, line]);
    kept.seq = seq;
  }
  kept.lines.splice(0, kept.lines.length - KEPT);
}

/** Whether other processes answer beside this one: then lines go round by the one that began them. */
const together = (): boolean =>
  process.send !== undefined && process.env.MORTAR_KEEPER !== undefined;

/** Hears what devices posted to other processes. Called once as the server starts. */
export function hearLines(): void {
  if (!together()) return;
  process.on('message', (message: { deviceLines?: [number, string][] } | null) => {
    if (message && Array.isArray(message.deviceLines)) keep(message.deviceLines);
  });
}

/** Takes lines in, whatever they say: whoever listens judges them. */
export function postLines(lines: readonly string[]): number {
  if (together()) process.send?.({ deviceLines: lines });
  else keep(lines.map((line, i) => [box().seq + i + 1, line]));
  return box().seq;
}

/** Lines since a number; the newest number alone where none is asked from. */
export function linesAfter(after: number | null): { lines: string[]; last: number } {
  const { seq, lines } = box();
  return {
    lines: after === null ? [] : lines.filter(([n]) => n > after).map(([, line]) => line),
    last: seq,
  };
}
