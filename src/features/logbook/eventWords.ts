import { causeOf, isCause } from '@/core/faults/causes';
import type { RunEvent } from '@/core/run/events';
import { TIMER_NAMES } from '@/core/run/steps/step';
import { STEPS } from '@/core/run/steps/steps';
import type { Bench } from '@/core/run/steps/step';
import { WAYS } from '@/core/run/ways';
import type { WriteFigure } from '@/core/units/format';
import type { FigureUnit } from '@/core/working/working';
import { FEEL_NAMES, correctionText } from '@/features/plan/stations/bowlWords';

type Weighed = Extract<RunEvent, { kind: 'weighed' }>['what'];
type Test = Extract<RunEvent, { kind: 'measured' }>['test'];

const WEIGHED: Readonly<Record<Exclude<Weighed, 'doughLeft' | 'fillingLeft'>, string>> = {
  ingredient: 'Weighed in',
  dough: 'Dough',
  filling: 'Filling',
  pieces: 'Pieces',
  doses: 'Doses',
  trimLeft: 'Trim left',
};

const TESTS: Readonly<Record<Test, readonly [string, FigureUnit]>> = {
  thicknessMm: ['Strip test', 'mm'],
  hangMm: ['Hanging strip tore at', 'mm'],
  spoonMm: ['Spoon test spread to', 'mm'],
  towelG: ['Towel took up', 'g'],
  coreC: ['A piece, inside', 'C'],
  fillingC: ['Filling', 'C'],
  roomC: ['Room', 'C'],
  rh: ['Air', 'share'],
};

const EDGE = { hard: 'The edge ate hard', right: 'The edge ate right', soft: 'The edge ate soft' };

const pieces = (n: number): string => `${n} ${n === 1 ? 'piece' : 'pieces'}`;

/** What happened, in a line of the timeline; null for what is not worth one. */
export function eventText(event: RunEvent, bench: Bench, write: WriteFigure): string | null {
  switch (event.kind) {
    case 'begun':
      return 'Begun';
    case 'stepBegun':
      return null;
    case 'stepDone':
      return `${STEPS[event.step].title(bench)}: done`;
    case 'ticked':
      return null;
    case 'weighed': {
      // What is left is written down as such beside its weight.
      if (event.what === 'doughLeft' || event.what === 'fillingLeft') return null;
      const many = event.n !== undefined && event.n > 1 ? `${event.n} together ` : '';
      return `${WEIGHED[event.what]}: ${many}${write(event.g, 'g')}`;
    }
    case 'sheetDone':
      return event.torn ? 'A sheet tore' : `A sheet sealed: ${pieces(event.pieces)}`;
    case 'counted':
      return `Counted: ${pieces(event.pieces)}`;
    case 'roundDone':
      return `Out of the pot: ${pieces(event.pieces)}${event.minutes === undefined ? '' : `, ${write(event.minutes, 'min')}`}`;
    case 'changed':
      return `From here: ${[
        event.doseG === undefined ? '' : `${write(event.doseG, 'g')} in each`,
        event.thicknessMm === undefined ? '' : `${write(event.thicknessMm, 'mm')} thick`,
        event.moreDoughG === undefined ? '' : `${write(event.moreDoughG, 'g')} more dough`,
        event.moreFillingG === undefined ? '' : `${write(event.moreFillingG, 'g')} more filling`,
        event.rest === undefined ? '' : 'the rest into ribbons',
      ]
        .filter(Boolean)
        .join(', ')}`;
    case 'corrected':
      return `${FEEL_NAMES[event.feel]}: ${correctionText({ kind: event.did, amount: event.amount }, write)}`;
    case 'measured': {
      const [name, unit] = TESTS[event.test];
      return `${name} ${write(event.value, unit)}`;
    }
    case 'timerSet':
      return `Clock: ${TIMER_NAMES[event.timer]}, ${write(event.minutes, 'min')}`;
    case 'timerStopped':
      return null;
    case 'burst':
      return event.pieces > 0 ? `${WAYS[event.how].name}: ${pieces(event.pieces)}` : null;
    case 'left':
      return `Left of the ${event.what}: ${write(event.g, 'g')}`;
    case 'traced':
      return `Found: ${isCause(event.cause) ? causeOf(event.cause).name.toLowerCase() : event.cause}`;
    case 'ate':
      return `Eaten by ${event.people}: ${pieces(event.pieces)}`;
    case 'edgeAte':
      return EDGE[event.edge];
    case 'noted':
      return `“${event.text}”`;
    case 'pictured':
      return 'A picture';
    case 'finished':
      return 'Closed';
    case 'abandoned':
      return 'Given up';
    case 'leftOut':
      return 'Not learned from';
    case 'struck':
      return 'Deleted';
    case 'takenBack':
      return null;
  }
}
