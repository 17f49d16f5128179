import { findPreparation } from '../../composition/pantry';
import { panDryingTime } from '../../filling/panDrying';
import type { DoughBowl, FillingBowl } from './bowls';
import { preparationTime } from './preparationTimes';
import type { ServiceWork } from './service';
import { add, link, mode, takes, type TaskList } from './taskList';
import { dayAfter } from '../document/clock';
import { GEAR } from './gear';

const DAY_MIN = 1440;

/** The first day on which pieces of a service may be made, by how far ahead that may be: its first minute. */
export function madeFrom({ service, atMin }: ServiceWork): number {
  const midnight = Math.floor(atMin / DAY_MIN) * DAY_MIN;
  if (service.ahead === 'frozen') return -Infinity;
  return service.ahead === 'dayBefore' ? midnight - DAY_MIN : midnight;
}

const namesOf = (services: readonly ServiceWork[]): string[] =>
  services.map(({ service }) => service.id);

/** A name as it is said at the stove: beetroot, not “Beetroot raw”. */
const plain = (name: string): string => name.toLowerCase().replace(/ raw$/, '');

const earliest = (services: readonly ServiceWork[]): number =>
  Math.min(...services.map(madeFrom)) - DAY_MIN;

/** Mixing and kneading a bowl of dough. @returns the place of the kneading: it rests from its end */
export function mixingTasks(list: TaskList, { id, services, totalG }: DoughBowl): number {
  const { rules } = list.basis;
  const { work } = services[0]!.plan.dough;
  const group = `dough:${id}`;
  const about = { services: namesOf(services), of: '', g: totalG };
  const release = earliest(services);
  const lots = Math.ceil(totalG / rules[`day.knead.${work.by}`].value - 1e-9);
  const mix = add(
    list,
    {
      id: `${group}/mix`,
      group,
      release,
      modes: [
        mode(rules['day.mix'].value + (rules['day.mixPerKg'].value * totalG) / 1000, ['mix']),
      ],
    },
    { kind: 'mix', ...about },
  );
  const kneaded = add(
    list,
    { id: `${group}/knead`, group, release, modes: [mode(lots * work.kneadMin, ['mix'])] },
    { kind: 'knead', ...about, of: lots > 1 ? `in ${lots} lots` : '' },
  );
  // Wetted flour waits a little, but is not left to crust.
  link(list, mix, kneaded, { most: 20 });
  return kneaded;
}

/** Less than this of a filling is strewn in: it needs no cooling of its own. */
const SPRINKLED = 0.1;

/** What goes on by itself for so long is done overnight, min. */
const OVERNIGHT_MIN = 360;

/** Whether anybody who cooks is there on a day before the one it is made on. */
function canTheNightBefore({ day }: TaskList, services: readonly ServiceWork[]): boolean {
  const makes = dayAfter(
    day.date,
    Math.floor(Math.min(...services.map(({ atMin }) => atMin)) / DAY_MIN),
  );
  return day.people.some(
    ({ can, hours }) => can.includes('cook') && hours.some(({ date }) => date < makes),
  );
}

/** Preparing, cooling and binding a filling. @returns the place of the binding */
export function fillingTasks(list: TaskList, bowl: FillingBowl): number {
  const { rules, pantry } = list.basis;
  const { id, services, totalG, parts } = bowl;
  const group = `filling:${id}`;
  const about = { services: namesOf(services) };
  // A cold filling keeps longer than a dough.
  const release = earliest(services) - DAY_MIN;
  const { cooling } = services[0]!.result.filling;
  const perKg = rules['day.prepPerKg'].value;
  const ends: { task: number; least: number; kind: 'cool' | 'drain' | null }[] = [];
  // As long as it takes: too slow is told, and never hurried by the clock.
  const coolMin = cooling.hot ? Math.ceil(cooling.firstMin) : 0;
  const prepared = parts.filter(({ preparation }) => preparation !== 'raw');
  for (const preparation of new Set(prepared.map((line) => line.preparation))) {
    const lines = prepared.filter((line) => line.preparation === preparation);
    const row = findPreparation(pantry, preparation, lines[0]!.id);
    const { atMin, aloneMin, on } = preparationTime(row);
    const g = lines.reduce((sum, line) => sum + line.g, 0);
    const of = `${lines.map(({ name }) => plain(name)).join(', ')}: ${row.name.toLowerCase()}`;
    const atWork = atMin + (perKg * g) / 1000;
    if (aloneMin >= OVERNIGHT_MIN && !canTheNightBefore(list, services)) {
      // Nobody is there the evening before: it is done then by whoever passes, and said.
      list.nightBefore.push({ ...about, of });
      continue;
    }
    const uses = on ? [takes(list, on === 'oven' ? GEAR.ovens : GEAR.burners)] : [];
    // What drains or is pressed may do so as long as it likes; an oven is not left alone in an empty house.
    const busy = on ? atWork + aloneMin : atWork;
    const work = add(
      list,
      {
        id: `${group}/${preparation}`,
        group,
        release,
        modes: [mode(busy, ['cook'], uses, atWork)],
      },
      { kind: 'prepare', ...about, of, g },
    );
    // A handful of toasted nuts is cold by itself.
    const much = lines.reduce((sum, line) => sum + line.preparedG, 0) > SPRINKLED * totalG;
    if (row.hot && cooling.hot && much) ends.push({ task: work, least: coolMin, kind: 'cool' });
    else ends.push({ task: work, least: on ? 0 : aloneMin, kind: on ? null : 'drain' });
  }
  if (bowl.cookedOffG > 0) {
    // The whole mixture goes back on the heat: what was cooled before it does not count.
    const cookOff = add(
      list,
      {
        id: `${group}/cookOff`,
        group,
        release,
        modes: [
          mode(
            panDryingTime({ waterG: bowl.cookedOffG }, rules),
            ['cook'],
            [takes(list, GEAR.burners)],
          ),
        ],
      },
      { kind: 'prepare', ...about, of: 'mixture: water cooked off', g: totalG },
    );
    for (const { task, least, kind } of ends.splice(0)) {
      link(list, task, cookOff, { least: kind === 'drain' ? least : 0 });
      if (kind === 'drain') list.waits.push({ kind, before: task, minutes: Math.ceil(least) });
    }
    ends.push({ task: cookOff, least: coolMin, kind: 'cool' });
  }
  const bind = add(
    list,
    {
      id: `${group}/bind`,
      group,
      release,
      modes: [
        mode(rules['day.bind'].value + (rules['day.bindPerKg'].value * totalG) / 1000, ['cook']),
      ],
    },
    { kind: 'bind', ...about, of: '', g: totalG },
  );
  for (const { task, least, kind } of ends) {
    link(list, task, bind, { least });
    // What was cooked is cooled at once; local food codes say how fast.
    if (kind && least > 0) list.waits.push({ kind, before: task, minutes: Math.ceil(least) });
  }
  return bind;
}
