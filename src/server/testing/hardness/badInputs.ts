import { readDayFile } from '@/core/formats/dayFile';
import { dayMarkSchema } from '@/core/schedule/document/marks';
import { dayWith } from '@/core/schedule/testing/days';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { startingBasis } from '@/core/basis/basis';
import { calculators, runCalculations } from '@/core/calc/calculators';
import { readArchive, writeArchive } from '@/core/formats/archiveFile';
import { readRunFile, writeRunFile } from '@/core/formats/runFile';
import { readIngredients, writeIngredients } from '@/core/formats/tablesCsv';
import { startingPantry } from '@/core/composition/pantry';
import { kitchenSchema, startingKitchen } from '@/core/kitchen/kitchen';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { PlanError } from '@/core/plan/document/planError';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { newPlanSchema } from '@/core/plan/questions/newPlan';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { FieldError } from '@/core/range';
import { runEventSchema } from '@/core/run/events';
import { check } from '../../check';
import { hostAllowed } from '../../door/hosts';
import { readSession } from '../../door/sessions';
import { writeRefusal } from '../../door/writes';

/** What came of many bad inputs. */
export interface BadInputs {
  readonly tried: number;
  /** Refused in words, by name of the field. */
  readonly refused: number;
  /** Anything else that was thrown: none may be. */
  readonly crashes: readonly string[];
}

export type Random = () => number;

/** Hands something that takes from outside one bad thing. Throws what that throws. */
export type Taker = (random: Random) => void | Promise<void>;

/** Values that break what does not look twice. */
const STRANGE: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  -0,
  Number.MAX_SAFE_INTEGER + 2,
  0.1 + 0.2,
  '',
  ' ',
  'x'.repeat(5000),
  '\uD83C',
  '\u0000',
  '=1+1',
  '__proto__',
  'constructor',
  '../../etc',
  '<script>',
  [],
  {},
  [[]],
  { id: {} },
  'NaN',
  '1e999',
  '٣',
];

export const pick = <T>(random: Random, from: readonly T[]): T =>
  from[Math.floor(random() * from.length)]!;

/** A value that nobody expects: its own, for what is put in a document may be spoilt in its turn. */
const strange = (random: Random): unknown => structuredClone(pick(random, STRANGE));

/** A document with one to four of its places spoilt: another value, none, one twice, one nobody knows. */
export function spoilt(document: unknown, random: Random): unknown {
  const copy = structuredClone(document);
  for (let n = 1 + Math.floor(random() * 4); n > 0; n--) {
    let at = copy as Record<string, unknown>;
    for (;;) {
      const keys = Object.keys(at);
      const key = keys.length > 0 ? pick(random, keys) : 'x';
      const value = at[key];
      const deeper = typeof value === 'object' && value !== null && random() < 0.75;
      if (deeper) {
        at = value as Record<string, unknown>;
        continue;
      }
      const how = random();
      if (how < 0.6) at[key] = strange(random);
      else if (how < 0.75) delete at[key];
      else if (how < 0.9)
        Object.defineProperty(at, pick(random, ['x', '__proto__', key]), {
          value: strange(random),
          enumerable: true,
          configurable: true,
          writable: true,
        });
      else if (typeof value === 'number') at[key] = value * 10 ** (random() * 40 - 20);
      break;
    }
  }
  return copy;
}

/** A text with pieces of it taken out, doubled, or replaced. */
export function scribbled(text: string, random: Random): string {
  const at = Math.floor(random() * text.length);
  const length = Math.floor(random() * 40);
  const put = pick(random, [
    '',
    '"',
    ',',
    '\n',
    '\r',
    '{',
    '\uD800',
    '=',
    text.slice(at, at + length),
    String(pick(random, STRANGE)),
  ]);
  return text.slice(0, at) + put + text.slice(at + Math.floor(random() * length));
}

const plans = Object.values(startingPlans);
const table = writeIngredients([...startingPantry.ingredients.values()].slice(0, 6));
const event = {
  id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d0001',
  at: '2026-11-24T09:00:00Z',
  kind: 'weighed',
  what: 'doses',
  g: 90,
  n: 10,
};
const runFile = writeRunFile({
  id: 'r',
  plan: plans[0]!,
  learnt: [],
  events: [runEventSchema.parse(event)],
});
const archive = writeArchive({
  kitchen: JSON.stringify(startingKitchen),
  ingredients: [],
  preparations: [],
  plans: [],
  runs: [],
  days: [],
  practice: [],
});
const wish = {
  portions: 6,
  dough: { kind: 'style', id: 'plain' },
  filling: { kind: 'starting', id: 'ricotta-greens' },
};
const mark = { id: event.id, at: event.at, kind: 'done', task: 'supper/turn/1' };
const day = dayWith([{ planId: 'ravioli' }, { planId: 'ravioli', kind: 'class' }]);
const dayFile = { ...day, plans: { ravioli: plans[0]! } };
const NAMES = Object.keys(calculators);

/** Everything that takes something from outside, each with a way to hand it something bad. */
const TAKERS: readonly Taker[] = [
  (random) => {
    const plan = parsePlan(spoilt(pick(random, plans), random), startingPantry);
    // What is taken must be worked out too, whatever it says.
    if (random() < 0.02) evaluatePlan(plan, startingBasis);
  },
  (random) => void check(kitchenSchema, spoilt(startingKitchen, random)),
  (random) => void check(runEventSchema, spoilt(event, random)),
  (random) => void check(newPlanSchema, spoilt(wish, random)),
  (random) => void check(dayMarkSchema, spoilt(mark, random)),
  (random) => {
    const { day: taken, plans: held } = readDayFile(spoilt(dayFile, random), {
      pantry: startingPantry,
    });
    // What is taken must stand on a clock too, whatever it says.
    if (random() < 0.02) solveDay(taken, held, startingBasis, { tries: 5 });
  },
  (random) => void readIngredients(scribbled(table, random)),
  (random) => void readRunFile(scribbled(runFile, random), startingPantry),
  (random) => {
    const bytes = Uint8Array.from(archive);
    for (let n = 0; n < 3; n++)
      bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
    readArchive(bytes.slice(0, Math.floor(bytes.length * (0.2 + random()))));
  },
  (random) => {
    const input = Object.fromEntries(
      Array.from({ length: 3 }, () => [
        pick(random, ['tempC', 'rh', 'massG', 'widthMm', 'parts', 'thicknessMm', 'volumeMl']),
        pick(random, STRANGE),
      ]),
    );
    runCalculations([{ name: pick(random, [...NAMES, 'none', '__proto__']), input }]);
  },
  (random) => void hostAllowed(scribbled('127.0.0.1:4173', random), scribbled('a.b, c:1', random)),
  (random) => {
    const cookie = scribbled('eyJhIjoxfQ.c2lnbmVk', random);
    readSession(cookie, { secret: 'c2VjcmV0', generation: 1, nowS: 0 });
  },
  (random) => {
    const headers = new Headers({ host: 'localhost' });
    const text = scribbled('http://localhost:1', random).replace(/[^\x20-\x7e]/g, '');
    headers.set(pick(random, ['origin', 'content-type', 'sec-fetch-site']), text);
    writeRefusal('POST', `/api/${text}`, headers);
  },
];

/**
 * Hands everything that takes something from outside bad inputs from one seed. What is refused must be
 * refused in words.
 * @param more takers of layers above this one
 */
export async function tryBadInputs(
  times: number,
  random: Random,
  more: readonly Taker[] = [],
): Promise<BadInputs> {
  const takers = [...TAKERS, ...more];
  let refused = 0;
  const crashes: string[] = [];
  for (let n = 0; n < times; n++) {
    try {
      await takers[n % takers.length]!(random);
    } catch (error) {
      if (error instanceof PlanError || error instanceof FieldError) refused += 1;
      else
        crashes.push(
          `${n % takers.length}: ${error instanceof Error ? error.stack?.split('\n').slice(0, 3).join(' ') : String(error)}`,
        );
    }
  }
  return { tried: times, refused, crashes };
}
