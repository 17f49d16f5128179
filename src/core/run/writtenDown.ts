import type { LogEntry } from '../log/logEntry';
import type { RunEvent } from './events';
import { madeOnOf, type RunState } from './fold';

/** A part of what is written down of a batch afterwards. */
export type WrittenPart =
  'counted' | 'burst' | 'doughLeft' | 'fillingLeft' | 'thickness' | 'dose' | 'note' | 'finished';

/**
 * The events of a batch that was written down afterwards.
 * @param idOf an id for each part; the same again where the same entry is sent twice
 */
export function eventsOfEntry(
  entry: LogEntry,
  { at, idOf }: { at: string; idOf(part: WrittenPart): string },
): RunEvent[] {
  const common = (part: WrittenPart) => ({
    id: idOf(part),
    at,
    ...(entry.cook && { by: entry.cook }),
  });
  return [
    { ...common('counted'), kind: 'counted', pieces: entry.pieces },
    { ...common('burst'), kind: 'burst', how: 'unsaid', pieces: entry.burst },
    { ...common('doughLeft'), kind: 'left', what: 'dough', g: entry.doughLeftG },
    { ...common('fillingLeft'), kind: 'left', what: 'filling', g: entry.fillingLeftG },
    ...(entry.thicknessMm === undefined
      ? []
      : [
          {
            ...common('thickness'),
            kind: 'measured' as const,
            test: 'thicknessMm' as const,
            value: entry.thicknessMm,
          },
        ]),
    ...(entry.doseG === undefined
      ? []
      : [
          {
            ...common('dose'),
            kind: 'weighed' as const,
            what: 'doses' as const,
            g: entry.doseG,
            n: 1,
          },
        ]),
    ...(entry.note.trim() === ''
      ? []
      : [{ ...common('note'), kind: 'noted' as const, text: entry.note.trim() }]),
    { ...common('finished'), kind: 'finished', madeOn: entry.madeOn },
  ];
}

/** A run as the few figures that are written down of it. */
export function entryOfRun(id: string, state: RunState, timeZone: string): LogEntry {
  const { thickness, doses, left, cooks, notes } = state;
  const cook = cooks[0];
  return {
    id,
    madeOn: madeOnOf(state, timeZone) ?? '1970-01-01',
    ...(cook && { cook }),
    pieces: state.pieces,
    burst: Math.min(state.pieces, state.lost),
    doughLeftG: left.doughG ?? 0,
    fillingLeftG: left.fillingG ?? 0,
    ...(thickness.length > 0 && {
      thicknessMm: thickness.reduce((sum, mm) => sum + mm, 0) / thickness.length,
    }),
    ...(doses && { doseG: doses.g }),
    note: notes.map(({ text }) => text).join('\n'),
  };
}
