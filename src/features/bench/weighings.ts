import type { FigureUnit } from '@/core/working/working';
import { happeningsOf, SPOONFUL_G, TABLESPOON_ML } from '@/core/run/batchTests';
import { thicknessFromStrip } from '@/core/sheet/massBalance';
import type { Happening } from '@/core/run/events';
import type { Bench, StepTest } from '@/core/run/steps/step';
import type { Asked } from './Keypad';

/** Something that can be weighed or measured at a step. */
export interface Weighing {
  readonly id: string;
  readonly name: string;
  readonly asked: Asked;
  /** Asked how many together first. */
  readonly many: boolean;
  /** Which device it can be taken from. */
  readonly device: 'scale' | 'probe' | 'room' | null;
  /** What it says, as it is written down. */
  happens(value: number, n: number): readonly Happening[];
  /** What was last said, in words; null for nothing yet. */
  last(bench: Bench): string | null;
}

const grams = (label: string, hint?: string): Asked => ({
  label,
  kind: 'mass',
  range: { min: 0, max: 200_000, unit: 'g' },
  ...(hint && { hint }),
});

const SQUARE_MM = 100;

type One = Omit<Weighing, 'id' | 'many' | 'device'> & Partial<Pick<Weighing, 'many' | 'device'>>;

const seen = (value: number | null | undefined, unit: FigureUnit) => (bench: Bench) =>
  value === null || value === undefined ? null : bench.write(value, unit);

/** Everything that can be weighed or measured. One entry each. */
const WEIGHINGS: Readonly<Partial<Record<StepTest, One>>> = {
  dough: {
    name: 'Weigh the dough',
    asked: grams('The dough weighs'),
    device: 'scale',
    happens: (g) => [{ kind: 'weighed', what: 'dough', g }],
    last: (bench) => seen(bench.state.doughG, 'g')(bench),
  },
  filling: {
    name: 'Weigh the filling',
    asked: grams('The filling weighs'),
    device: 'scale',
    happens: (g) => [{ kind: 'weighed', what: 'filling', g }],
    last: (bench) => seen(bench.state.fillingG, 'g')(bench),
  },
  doses: {
    name: 'Weigh some doses',
    asked: grams('Together they weigh', 'Put them on the scale as they come off the spoon or bag.'),
    many: true,
    device: 'scale',
    happens: (g, n) => [{ kind: 'weighed', what: 'doses', g, n }],
    last: (bench) => seen(bench.state.doses?.g, 'g')(bench),
  },
  pieces: {
    name: 'Weigh some pieces',
    asked: grams('Together they weigh'),
    many: true,
    device: 'scale',
    happens: (g, n) => [{ kind: 'weighed', what: 'pieces', g, n }],
    last: (bench) => seen(bench.state.weighedPieces?.g, 'g')(bench),
  },
  doughLeft: {
    name: 'Dough left',
    asked: grams('Dough left, not yet rolled'),
    device: 'scale',
    happens: (g) => [
      { kind: 'weighed', what: 'doughLeft', g },
      { kind: 'left', what: 'dough', g },
    ],
    last: (bench) => seen(bench.state.left.doughG, 'g')(bench),
  },
  fillingLeft: {
    name: 'Filling left',
    asked: grams('Filling left in the bowl'),
    device: 'scale',
    happens: (g) => [
      { kind: 'weighed', what: 'fillingLeft', g },
      { kind: 'left', what: 'filling', g },
    ],
    last: (bench) => seen(bench.state.left.fillingG, 'g')(bench),
  },
  trimLeft: {
    name: 'Trim left',
    asked: grams('Trim left after the last rolling'),
    device: 'scale',
    happens: (g) => [{ kind: 'left', what: 'trim', g }],
    last: (bench) => seen(bench.state.left.trimG, 'g')(bench),
  },
  thicknessMm: {
    name: 'Strip test',
    asked: {
      ...grams('The square weighs', 'Cut a square of 100 mm a side from the sheet and weigh it.'),
      range: { min: 2, max: 80, unit: 'g' },
    },
    device: 'scale',
    happens: (g) => [
      {
        kind: 'measured',
        test: 'thicknessMm',
        value: thicknessFromStrip({ massG: g, widthMm: SQUARE_MM, lengthMm: SQUARE_MM }),
      },
    ],
    last: (bench) => seen(bench.state.measured.thicknessMm, 'mm')(bench),
  },
  hangMm: {
    name: 'Hanging strip',
    asked: {
      label: 'It tore at',
      kind: 'length',
      range: { min: 50, max: 4000, unit: 'mm' },
      hint: 'Let a strip hang from a hand, longer and longer, until it tears of its own weight.',
    },
    happens: (value) => [{ kind: 'measured', test: 'hangMm', value }],
    last: (bench) => seen(bench.state.measured.hangMm, 'mm')(bench),
  },
  spoonMm: {
    name: 'Spoon test',
    asked: {
      label: 'It has spread to',
      kind: 'length',
      range: { min: 10, max: 300, unit: 'mm' },
      hint: 'A level tablespoon on a plate, a minute, then across.',
    },
    happens: (diameterMm) => happeningsOf({ spoon: { volumeMl: TABLESPOON_ML, diameterMm } }),
    last: (bench) => seen(bench.state.measured.spoonMm, 'mm')(bench),
  },
  towelG: {
    name: 'Towel test',
    asked: {
      ...grams(
        'The towel took up',
        `${SPOONFUL_G} g of it, a level tablespoon, on a towel folded in four; five minutes; weigh the towel before and after.`,
      ),
      range: { min: 0, max: SPOONFUL_G, unit: 'g' },
    },
    device: 'scale',
    happens: (wetG) => happeningsOf({ towel: { spoonfulG: SPOONFUL_G, wetG } }),
    last: (bench) => seen(bench.state.measured.towelG, 'g')(bench),
  },
  fillingC: {
    name: 'Filling, warmth',
    asked: {
      label: 'The middle of the pan is at',
      kind: 'temperature',
      range: { min: -10, max: 120, unit: '°C' },
    },
    device: 'probe',
    happens: (value) => [{ kind: 'measured', test: 'fillingC', value }],
    last: (bench) => seen(bench.state.measured.fillingC, 'C')(bench),
  },
  coreC: {
    name: 'Probe a piece',
    asked: {
      label: 'The middle of a piece is at',
      kind: 'temperature',
      range: { min: -30, max: 120, unit: '°C' },
    },
    device: 'probe',
    happens: (value) => [{ kind: 'measured', test: 'coreC', value }],
    last: (bench) => seen(bench.state.measured.coreC, 'C')(bench),
  },
  roomC: {
    name: 'Room warmth',
    asked: {
      label: 'The room is at',
      kind: 'temperature',
      range: { min: 0, max: 45, unit: '°C' },
    },
    device: 'room',
    happens: (value) => [{ kind: 'measured', test: 'roomC', value }],
    last: (bench) => seen(bench.state.measured.roomC, 'C')(bench),
  },
};

/** What can be weighed and measured at a step: its own tests, and each prepared ingredient when it is ready. */
export function weighingsOf(tests: readonly StepTest[], bench: Bench): readonly Weighing[] {
  const own = tests.flatMap((id) => {
    const one = WEIGHINGS[id];
    return one ? [{ many: false, device: null, ...one, id }] : [];
  });
  if (!tests.includes('filling')) return own;
  const ready = bench.plan.filling.parts.flatMap((part, i): Weighing[] => {
    const line = bench.result.filling.parts[i];
    if (!line || part.preparation === 'raw' || line.preparedG <= 0) return [];
    const item = `ready:${i}:${part.id}`;
    return [
      {
        id: item,
        name: `${line.name}, ready`,
        asked: grams(
          `${line.name} when ready weighs`,
          `The plan reckons with ${bench.write(line.preparedG, 'g')}.`,
        ),
        many: false,
        device: 'scale',
        happens: (g) => [{ kind: 'weighed', what: 'ingredient', item, g }],
        last: ({ state, write }) => {
          const g = state.ingredients.get(item);
          return g === undefined ? null : write(g, 'g');
        },
      },
    ];
  });
  return [...ready, ...own];
}
