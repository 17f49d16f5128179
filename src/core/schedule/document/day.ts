import * as z from 'zod';
import { oneOf, quantity, shortText } from '../../fields';
import { potSchema, roomSchema, type Kitchen } from '../../kitchen/kitchen';
import { firstIssue } from '../../plan/document/parsePlan';
import { PlanError } from '../../plan/document/planError';
import { dayAfter, dayOf, localMoment, minuteOf, timeOfDay } from './clock';

/** Name of the format, the first thing in every day file. */
export const DAY_FORMAT = 'mortar-sheet/day';

/** Version of the day document this product writes. */
export const DAY_VERSION = 1;

/** What somebody can do. */
export const SKILLS = ['mix', 'cook', 'roll', 'fill', 'boil', 'plate'] as const;

export type Skill = (typeof SKILLS)[number];

/** What is made for whom: plates at an hour, boxes or bags handed over, a class that makes its own. */
export const SERVICE_KINDS = ['plates', 'handOver', 'class'] as const;

/** How far ahead pieces may be made; those in the freezer are made already, however long ago. */
export const AHEAD = ['sameDay', 'dayBefore', 'frozen', 'inFreezer'] as const;

const id = shortText('Id', 60);

const personSchema = z.strictObject({
  id,
  name: shortText('Person', 60),
  can: z
    .array(oneOf('Can', SKILLS))
    .max(SKILLS.length)
    .default([...SKILLS]),
  /** How long a piece takes them, to the usual. */
  pace: quantity('Pace', { min: 0.3, max: 4 }).default(1),
  hours: z
    .array(
      z.strictObject({
        date: dayOf('Date'),
        from: timeOfDay('From'),
        /** At or before `from` it is a time of the next day. */
        to: timeOfDay('To'),
      }),
    )
    .max(40, 'Hours must be at most 40 stretches'),
});

export type Person = z.infer<typeof personSchema>;

const gearSchema = z.strictObject({
  rollers: z
    .array(z.strictObject({ id, name: shortText('Roller', 120) }))
    .max(20)
    .default([]),
  /** Benches a sheet is filled on, by their length. */
  benches: z
    .array(
      z.strictObject({
        name: shortText('Bench', 60),
        mm: quantity('Bench length', { min: 200, max: 20_000, unit: 'mm' }),
      }),
    )
    .max(20)
    .default([{ name: 'Bench', mm: 2000 }]),
  pots: z.array(potSchema).max(20),
  ...roomSchema.shape,
});

export type DayGear = z.infer<typeof gearSchema>;

const serviceSchema = z.strictObject({
  id,
  planId: shortText('Plan', 60),
  kind: oneOf('For', SERVICE_KINDS).default('plates'),
  /** Everything is on the plates, or handed over, or the class begins. */
  at: localMoment('Time'),
  portions: quantity('Portions', { min: 1, max: 5000, whole: true }),
  ahead: oneOf('Made ahead', AHEAD).default('sameDay'),
  /** Mixed in a bowl of its own, though another plan has the same dough. */
  ownDough: z.boolean({ error: 'Own dough must be true or false' }).default(false),
  ownFilling: z.boolean({ error: 'Own filling must be true or false' }).default(false),
  /** Plates go out over so long, from the time on; as long as the pots take when left out. */
  overMin: quantity('Service lasts', { min: 0, max: 600, whole: true, unit: 'min' }).optional(),
  /** Pairs of a class. */
  pairs: quantity('Pairs', { min: 1, max: 60, whole: true }).default(4),
  /** Pots it is boiled in, by name; shared out when left out. */
  pots: z.array(shortText('Pot', 60)).max(20).optional(),
  /** Its last trim is rolled to ribbons for the staff. */
  ribbons: z.boolean({ error: 'Ribbons must be true or false' }).default(false),
});

export type Service = z.infer<typeof serviceSchema>;

const weight = (label: string) => quantity(label, { min: 0, max: 3 });

/** The day: plans on one clock. */
export const daySchema = z
  .strictObject({
    format: z.literal(DAY_FORMAT, { error: `Format must be "${DAY_FORMAT}"` }),
    version: z.literal(DAY_VERSION, {
      error: `Version must be ${DAY_VERSION}: another was written by a newer Mortar Sheet`,
    }),
    name: shortText('Name', 120),
    note: z.string().max(4000, 'Note must be at most 4000 characters').default(''),
    /** The first day anything is done on. */
    date: dayOf('Date'),
    people: z.array(personSchema).max(40, 'People must be at most 40'),
    gear: gearSchema,
    services: z.array(serviceSchema).max(30, 'Services must be at most 30'),
    /** Tasks the cook put at a time, perhaps with who does them. */
    pins: z
      .array(
        z.strictObject({
          task: shortText('Task', 160),
          at: localMoment('Time'),
          people: z.array(id).max(8).default([]),
        }),
      )
      .max(400)
      .default([]),
    /** How much is minded what is allowed but unwelcome: 0 not, 1 as usual, 3 very. */
    minds: z
      .strictObject({
        idle: weight('Idle time').default(1),
        switching: weight('Turning to something else').default(1),
        late: weight('Late nights').default(1),
        early: weight('Work before it must be').default(1),
      })
      .prefault({}),
  })
  .superRefine(({ date, services, people, pins }, context) => {
    const refuse = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    const within = (moment: string, path: (string | number)[], label: string) => {
      const minute = minuteOf(moment, date);
      if (minute < 0 || minute >= MOST_DAYS * 1440) {
        refuse(
          path,
          `${label} must be from ${date} to ${dayAfter(date, MOST_DAYS - 1)}, not ${moment.slice(0, 10)}`,
        );
      }
    };
    services.forEach(({ at }, i) => within(at, ['services', i, 'at'], 'Time'));
    pins.forEach(({ at }, i) => within(at, ['pins', i, 'at'], 'Time'));
    people.forEach(({ hours }, i) =>
      hours.forEach(({ date: on, from }, k) =>
        within(`${on}T${from}`, ['people', i, 'hours', k, 'date'], 'Date'),
      ),
    );
    for (const [list, name] of [
      [services, 'services'],
      [people, 'people'],
    ] as const) {
      const seen = new Set<string>();
      list.forEach(({ id: own }, i) => {
        if (seen.has(own)) refuse([name, i, 'id'], `Id must be its own, not “${own}” again`);
        seen.add(own);
      });
    }
  });

/** A day runs over no more days than this. */
export const MOST_DAYS = 14;

export type Day = z.infer<typeof daySchema>;

/** Reads an unknown value as a day, defaults filled in. @throws PlanError naming the field and what it allows */
export function parseDay(value: unknown): Day {
  const parsed = daySchema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { path, message } = firstIssue(parsed.error);
  throw new PlanError(path ? `${path}: ${message}` : message, path);
}

/** The gear of a kitchen, as a day begins with it. */
export const gearOf = ({ rollers, pots, benchMm, room }: Kitchen): DayGear => ({
  rollers: rollers.map(({ id: own, name }) => ({ id: own, name })),
  benches: [{ name: 'Bench', mm: Math.max(200, 2 * benchMm) }],
  pots,
  ...room,
});

/** A day with nothing to serve yet: the kitchen's people and gear. */
export function newDay(kitchen: Kitchen, { name, date }: { name: string; date: string }): Day {
  const names = kitchen.cooks.length > 0 ? kitchen.cooks : ['You'];
  return parseDay({
    format: DAY_FORMAT,
    version: DAY_VERSION,
    name,
    date,
    people: names.map((each, i) => ({
      id: `p${i + 1}`,
      name: each,
      hours: [{ date, from: '10:00', to: '22:00' }],
    })),
    gear: gearOf(kitchen),
    services: [],
  });
}
