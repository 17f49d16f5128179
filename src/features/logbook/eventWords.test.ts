import { startingBasis } from '@/core/basis/basis';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { startingRules } from '@/core/basis/rules';
import { benchOf } from '@/core/run/bench';
import { runEventSchema, type EventKind, type Happening } from '@/core/run/events';
import { foldRun } from '@/core/run/fold';
import { eventsFrom } from '@/core/testing/kitchens';
import { planWith } from '@/core/testing/plans';
import { figureText, formatFigure, type WriteFigure } from '@/core/units/format';
import { METRIC } from '@/core/units/units';
import { eventText } from './eventWords';

const write: WriteFigure = (value, unit) => figureText(value, unit, METRIC);
const plan = planWith();
const bench = benchOf(plan, evaluatePlan(plan, startingBasis), {
  state: foldRun([]),
  rules: startingRules,
  write,
  split: (value, unit) => formatFigure(value, unit, METRIC),
});
const says = (happening: Happening) => eventText(eventsFrom([happening])[0]!, bench, write);
const ID = '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001';

/** One of every kind there is, and what the timeline says of it; null for what is not worth a line. */
const LINES: readonly (readonly [Happening, string | null])[] = [
  [{ kind: 'begun' }, 'Begun'],
  [{ kind: 'stepBegun', step: 'knead' }, null],
  [{ kind: 'stepDone', step: 'knead' }, 'Knead: done'],
  [{ kind: 'ticked', step: 'weigh', item: '0:flour-00' }, null],
  [{ kind: 'weighed', what: 'dough', g: 612 }, 'Dough: 612 g'],
  [{ kind: 'weighed', what: 'doughLeft', g: 80 }, null],
  [{ kind: 'weighed', what: 'doses', g: 45.2, n: 5 }, 'Doses: 5 together 45 g'],
  [{ kind: 'sheetDone', pieces: 16, torn: false }, 'A sheet sealed: 16 pieces'],
  [{ kind: 'sheetDone', pieces: 1, torn: false }, 'A sheet sealed: 1 piece'],
  [{ kind: 'sheetDone', pieces: 0, torn: true }, 'A sheet tore'],
  [{ kind: 'counted', pieces: 40 }, 'Counted: 40 pieces'],
  [{ kind: 'roundDone', pieces: 12, minutes: 3 }, 'Out of the pot: 12 pieces, 3 min'],
  [{ kind: 'roundDone', pieces: 12 }, 'Out of the pot: 12 pieces'],
  [{ kind: 'changed', doseG: 8.5, thicknessMm: 0.9 }, 'From here: 8.5 g in each, 0.90 mm thick'],
  [{ kind: 'changed', moreDoughG: 120 }, 'From here: 120 g more dough'],
  [{ kind: 'changed', moreFillingG: 80 }, 'From here: 80 g more filling'],
  [{ kind: 'changed', rest: 'ribbons' }, 'From here: the rest into ribbons'],
  [{ kind: 'measured', test: 'spoonMm', value: 44, of: 15 }, 'Spoon test spread to 44 mm'],
  [{ kind: 'measured', test: 'coreC', value: 74 }, 'A piece, inside 74 °C'],
  [{ kind: 'timerStopped', timerEvent: ID }, null],
  [{ kind: 'burst', how: 'popped', pieces: 2 }, 'Popped, full of air: 2 pieces'],
  [{ kind: 'burst', how: 'popped', pieces: 0 }, null],
  [{ kind: 'left', what: 'trim', g: 30 }, 'Left of the trim: 30 g'],
  [{ kind: 'traced', cause: 'a cause of later', signs: [] }, 'Found: a cause of later'],
  [{ kind: 'ate', people: 6, pieces: 34 }, 'Eaten by 6: 34 pieces'],
  [{ kind: 'edgeAte', edge: 'hard' }, 'The edge ate hard'],
  [{ kind: 'noted', text: 'All well' }, '“All well”'],
  [{ kind: 'pictured', image: 'data:image/png;base64,AAAA' }, 'A picture'],
  [{ kind: 'finished' }, 'Closed'],
  [{ kind: 'abandoned', why: '' }, 'Given up'],
  [{ kind: 'leftOut' }, 'Not learned from'],
  [{ kind: 'struck' }, 'Deleted'],
  [{ kind: 'takenBack', event: ID }, null],
];

describe('what happened, in a line', () => {
  it.each(LINES)('%j', (happening, line) => expect(says(happening)).toBe(line));

  it('says how a dough felt and what was done, and which clock was set', () => {
    expect(says({ kind: 'corrected', feel: 'sticky', did: 'flourG', amount: 12 })).toMatch(
      /12 g.*flour/,
    );
    expect(says({ kind: 'timerSet', timer: 'rest', minutes: 30 })).toMatch(/^Clock: .*30 min$/);
  });

  it('has a line, or none on purpose, for every kind that can happen', () => {
    const kinds = runEventSchema.options.map((option) => option.shape.kind.value);
    const seen = new Set<EventKind>([...LINES.map(([{ kind }]) => kind), 'corrected', 'timerSet']);
    expect(kinds.filter((kind) => !seen.has(kind))).toEqual([]);
  });
});
