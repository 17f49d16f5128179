import type { Basis } from '../../basis/basis';
import type { Plan } from '../../plan/document/schema';
import { solve } from '../engine/solve';
import { triesFor } from './solveDay';
import { spanText } from '../document/clock';
import { SKILLS, type Day } from '../document/day';
import { dayWork, type DayWork } from '../tasks/work';

/** A change of a day that may make it possible. */
export interface Mend {
  readonly id: string;
  readonly says: string;
  readonly day: Day;
  /** Whether it is enough by itself; else how many limits are still broken. */
  readonly enough: boolean;
  readonly breaches: number;
  readonly lengthMin: number;
}

/** One kind of change, by how much of it. */
interface MendKind {
  readonly id: string;
  /** From the least on. */
  readonly steps: readonly number[];
  change(day: Day, step: number): { readonly day: Day; readonly says: string } | null;
}

const withService = (day: Day, id: string, change: Partial<Day['services'][number]>): Day => ({
  ...day,
  services: day.services.map((service) =>
    service.id === id ? { ...service, ...change } : service,
  ),
});

const early = (time: string, minutes: number): string | null => {
  const [h = 0, m = 0] = time.split(':').map(Number);
  const at = 60 * h + m - minutes;
  return at < 0
    ? null
    : `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};

/** A free id of the kind `p4`. */
export function freeId(taken: readonly { readonly id: string }[], letter: string): string {
  let n = taken.length + 1;
  while (taken.some(({ id }) => id === `${letter}${n}`)) n += 1;
  return `${letter}${n}`;
}

/** A day with somebody more: all skills, there whenever anybody is. */
export function withAnother(day: Day): Day {
  const id = freeId(day.people, 'p');
  return {
    ...day,
    people: [
      ...day.people,
      {
        id,
        name: `Another pair of hands`,
        can: [...SKILLS],
        pace: 1,
        hours: day.people.flatMap(({ hours }) => hours).slice(0, 40),
      },
    ],
  };
}

/**
 * Every kind of change there is, the smallest for a kitchen first.
 * @param touched services in which something is broken: only those are changed by themselves
 */
function kindsFor(day: Day, work: DayWork, touched: ReadonlySet<string>): MendKind[] {
  const { gear } = day;
  const services = day.services.filter(({ id }) => touched.has(id)).slice(0, MOST_TOUCHED);
  const largest = [...gear.pots].sort((a, b) => b.litres - a.litres)[0];
  const name = (id: string) =>
    work.services.find(({ service }) => service.id === id)?.plan.name ?? id;
  return [
    {
      id: 'sooner',
      steps: [20, 40, 60, 90, 120, 180],
      change: (from, step) => {
        const people = from.people.map((person) => ({
          ...person,
          hours: person.hours.flatMap((span) => {
            const sooner = early(span.from, step);
            return sooner === null ? [span] : [{ ...span, from: sooner }];
          }),
        }));
        return { day: { ...from, people }, says: `Everybody starts ${spanText(step)} sooner` };
      },
    },
    ...services.flatMap((service): MendKind[] =>
      service.kind === 'plates'
        ? [
            {
              id: `over ${service.id}`,
              steps: [15, 30, 45, 60, 90, 120].filter((each) => each > (service.overMin ?? 0)),
              change: (from, step) => ({
                day: withService(from, service.id, { overMin: step }),
                says: `${name(service.id)}: serve over ${spanText(step)}`,
              }),
            },
          ]
        : [],
    ),
    {
      id: 'room',
      steps: [1, 2, 4, 8],
      change: (from, step) => ({
        day: {
          ...from,
          gear: {
            ...from.gear,
            fridgeTrays: from.gear.fridgeTrays + step,
            trays: from.gear.trays + step,
          },
        },
        says: `Room in the fridge for ${step} more ${step === 1 ? 'tray' : 'trays'}, and the trays`,
      }),
    },
    {
      id: 'freezerRoom',
      steps: [2, 4, 8],
      change: (from, step) => ({
        day: {
          ...from,
          gear: {
            ...from.gear,
            freezerTrays: from.gear.freezerTrays + step,
            trays: from.gear.trays + step,
          },
        },
        says: `Room in the freezer for ${step} more trays, and the trays`,
      }),
    },
    ...services.flatMap((service): MendKind[] =>
      service.kind === 'plates' && service.ahead !== 'frozen'
        ? [
            {
              id: `freeze ${service.id}`,
              steps: [1],
              change: (from) => ({
                day: withService(from, service.id, { ahead: 'frozen' }),
                says: `${name(service.id)}: freeze it before`,
              }),
            },
          ]
        : [],
    ),
    {
      id: 'pot',
      steps: [1, 2, 3],
      change: (from, step) => ({
        day: {
          ...from,
          gear: {
            ...from.gear,
            burners: from.gear.burners + step,
            pots: [
              ...from.gear.pots,
              ...Array.from({ length: step }, (_, i) => ({
                name: `Borrowed pot ${i + 1}`,
                litres: largest?.litres ?? 9,
              })),
            ],
          },
          // Pots that were named are not all there are any more.
          services: from.services.map(({ pots: _pots, ...service }) => service),
        },
        says:
          step === 1
            ? `One more pot of ${largest?.litres ?? 9} l, with a burner`
            : `${step} more pots of ${largest?.litres ?? 9} l, with burners`,
      }),
    },
    {
      id: 'roller',
      steps: [1],
      change: (from) => ({
        day: {
          ...from,
          gear: {
            ...from.gear,
            rollers: [
              ...from.gear.rollers,
              { id: freeId(from.gear.rollers, 'r'), name: 'Borrowed roller' },
            ],
          },
        },
        says: 'One more roller',
      }),
    },
    {
      id: 'hands',
      steps: [1, 2],
      change: (from, step) => ({
        day: step === 1 ? withAnother(from) : withAnother(withAnother(from)),
        says: step === 1 ? 'One more pair of hands' : 'Two more pairs of hands',
      }),
    },
  ];
}

/** No more services are changed by themselves. */
const MOST_TOUCHED = 4;
/** So many schedules are looked at for each change. */
const TRIES = 80;
/** No more changes are offered. */
const MOST = 6;

export interface MendOptions {
  readonly seed?: number;
  readonly tries?: number;
}

/**
 * The smallest changes that make a day possible, each solved again and quoted; where none is enough alone,
 * pairs of the most helpful. Empty when the day can be done as it is.
 */
export function mendsFor(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  options: MendOptions = {},
): Mend[] {
  const steps = searchMends(day, plans, basis, options);
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}

/** The same, a change at a time: so that whoever asks may give up in between. */
export function* searchMends(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  { seed = 1, tries = TRIES }: MendOptions = {},
): Generator<void, Mend[]> {
  const work = dayWork(day, plans, basis);
  const now = solve(work.problem, { seed, tries: triesFor(work, 2 * tries) });
  if (now.breaches.length === 0) return [];
  const touched = new Set(now.breaches.flatMap(({ task }) => work.tasks[task]!.services));
  const quote = (id: string, changed: { day: Day; says: string }): Mend => {
    const changedWork = dayWork(changed.day, plans, basis);
    const solved = solve(changedWork.problem, { seed, tries: triesFor(changedWork, tries) });
    return {
      id,
      ...changed,
      enough: solved.breaches.length === 0,
      breaches: solved.breaches.length,
      lengthMin: solved.lengthMin,
    };
  };
  const kinds = kindsFor(day, work, touched);
  function* best(from: Day, kind: MendKind, id: string, said = ''): Generator<void, Mend | null> {
    let most: Mend | null = null;
    for (const step of kind.steps) {
      const changed = kind.change(from, step);
      if (!changed) continue;
      const says = said ? `${said}; ${lower(changed.says)}` : changed.says;
      const quoted = quote(id, { ...changed, says });
      if (!most || quoted.breaches < most.breaches) most = quoted;
      if (quoted.enough) break;
      yield;
    }
    return most;
  }
  const alone: Mend[] = [];
  for (const kind of kinds) {
    const found = yield* best(day, kind, kind.id);
    if (found) alone.push(found);
    yield;
  }
  const enough = alone.filter((mend) => mend.enough);
  if (enough.length > 0) return enough.slice(0, MOST);
  const helpful = alone
    .filter(({ breaches }) => breaches < now.breaches.length)
    .sort((a, b) => a.breaches - b.breaches)
    .slice(0, 3);
  const pairs: Mend[] = [];
  for (const first of helpful) {
    for (const kind of kinds) {
      if (kind.id === first.id) continue;
      const found = yield* best(first.day, kind, `${first.id} + ${kind.id}`, first.says);
      if (found?.enough) pairs.push(found);
      if (pairs.length >= MOST) return pairs;
    }
  }
  return [...pairs, ...helpful].slice(0, MOST);
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
