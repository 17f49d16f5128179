/** Lines that devices posted lately, in memory alone: they are worth nothing a minute later. */
const KEPT = 500;

const held = globalThis as { mortarDeviceLines?: { seq: number; lines: [number, string][] } };

const box = () => (held.mortarDeviceLines ??= { seq: 0, lines: [] });

/** Takes lines in, whatever they say: whoever listens judges them. */
export function postLines(lines: readonly string[]): number {
  const kept = box();
  for (const line of lines) kept.lines.push([(kept.seq += 1), line]);
  kept.lines.splice(0, kept.lines.length - KEPT);
  return kept.seq;
}

/** Lines since a number; the newest number alone where none is asked from. */
export function linesAfter(after: number | null): { lines: string[]; last: number } {
  const { seq, lines } = box();
  return {
    lines: after === null ? [] : lines.filter(([n]) => n > after).map(([, line]) => line),
    last: seq,
  };
}
