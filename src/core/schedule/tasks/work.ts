import type { Basis } from '../../basis/basis';
import { traysNeeded } from '../../filling/cooling';
import type { CoolingFigures } from '../../plan/model/fillingFigures';
import { inHand, isShort, type InHand } from '../../plan/model/flourInHand';
import { FieldError } from '../../range';
import { chainsOf } from '../engine/bound';
import type { Dislikes, Hand, Problem } from '../engine/problem';
import type { Plan } from '../../plan/document/schema';
import { dayAfter, minuteOf } from '../document/clock';
import type { Learnt } from '../../basis/learnt';
import type { FamilyId } from '../../shapes/families';
import { MOST_DAYS, type Day } from '../document/day';
import { doughBowls, fillingBowls, type DoughBowl, type FillingBowl } from './bowls';
import { serviceWork, type ServiceWork } from './service';
import { gearOfDay, quietTime } from './gear';
import { makeTasks } from './makeTasks';
import { finished, type NightBefore, type Progress, type TaskList } from './taskList';
import { paceOf } from './pace';
import { BOTH_ROLE, paceRole, type DayTask, type DayWait } from './task';

/** Everything that is to be done in a day, before it stands on the clock. */
export interface DayWork {
  readonly day: Day;
  readonly services: readonly ServiceWork[];
  readonly doughs: readonly DoughBowl[];
  readonly fillings: readonly FillingBowl[];
  readonly tasks: readonly DayTask[];
  /** What goes on by itself between them. */
  readonly waits: readonly DayWait[];
  /** The same tasks as the engine takes them. */
  readonly problem: Problem;
  /** What is done the evening before, where nobody of the day is there then. */
  readonly nightBefore: readonly NightBefore[];
  /** Hot fillings that cool slower than the limits as their cooks spread them. */
  readonly slowCooling: readonly SlowCooling[];
  /** Ingredients of which all doughs together take more than there is. */
  readonly short: readonly InHand[];
  /** What no timetable can mend: a plan that is not there, a shape that fits no sheet. */
  readonly troubles: readonly string[];
}

/** A filling that cools too slowly, and what would cool it in time. */
export interface SlowCooling {
  readonly services: readonly string[];
  readonly name: string;
  readonly cooling: CoolingFigures;
}

/** Minutes of a longer day that each counts as, where it is minded as usual. */
const MINDED = { idle: 0.15, switching: 2, late: 0.5, early: 0.3, moved: 2, work: 0.1 };
/** Work is not late between these times of the day. */
const DAY_HOURS = { from: 6 * 60, to: 22 * 60 };

/**
 * What a day comes to: its plans worked out, doughs and fillings that are shared put together, and every task
 * with who may do it, what it takes, and what must come before it.
 * @param plans by their ids
 * @param progress what has been done by now, and what stood before
 */
export function dayWork(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  progress: Progress = {},
): DayWork {
  const troubles: string[] = [];
  const services = day.services.flatMap((service) => {
    const plan = plans.get(service.planId);
    if (!plan) {
      troubles.push(`The plan of “${service.id}” is not there: it was removed.`);
      return [];
    }
    try {
      const work = serviceWork(day, service, plan, basis);
      if (work.layings.length > 0) return [work];
      troubles.push(`${plan.name}: no blank fits its sheet, so nothing can be made.`);
    } catch (error) {
      if (!(error instanceof FieldError)) throw error;
      troubles.push(`${plan.name}: ${error.message}`);
    }
    return [];
  });
  const doughs = doughBowls(services);
  const fillings = fillingBowls(services, basis);
  const hands = handsOf(
    day,
    [...new Set(services.map(({ plan }) => plan.shape.family))],
    basis.learnt,
  );
  const open = joined(hands.flatMap(({ hours }) => hours));
  const served = services
    .filter(({ service }) => service.kind === 'plates')
    .map(({ service, atMin, result }) => ({
      atMin,
      overMin: service.overMin ?? Math.ceil(result.boil.rounds.totalMin),
    }));
  const gear = gearOfDay(day, open, quietTime(served, MOST_DAYS * 1440));
  const list: TaskList = {
    day,
    basis,
    gear,
    tasks: [],
    links: [],
    shown: [],
    waits: [],
    nightBefore: [],
  };
  makeTasks(list, { services, doughs, fillings });
  const { tasks, stood } = finished(list, progress);
  const problem: Problem = {
    tasks,
    // Once the day is under way, time that was only to spare may be used up.
    links: progress.done
      ? list.links.map((each) => ({ ...each, least: each.least - (each.spare ?? 0), spare: 0 }))
      : list.links,
    hands,
    gear,
    dislikes: dislikesOf(day, stood !== null),
    stood,
  };
  // A ring of links would be a fault of the product, not of a day: found here, not in the search.
  chainsOf(problem);
  return {
    day,
    services,
    doughs,
    fillings,
    tasks: list.shown,
    waits: list.waits,
    nightBefore: list.nightBefore,
    problem,
    slowCooling: fillings.flatMap(({ services: of, totalG }) => {
      const { filling } = of[0]!.result;
      return filling.cooling.late ? [slowCooling(day, of, totalG / filling.densityGPerMl)] : [];
    }),
    short: inHand(
      doughs.flatMap((dough) => dough.services.flatMap(({ plan }) => plan.dough.parts)),
      doughs.flatMap(({ parts }) => parts),
      basis,
    ).filter(isShort),
    troubles,
  };
}

/** The whole bowl on the day's own trays, however many services share it. */
function slowCooling(
  { gear }: Day,
  services: readonly ServiceWork[],
  totalMl: number,
): SlowCooling {
  const { cooling } = services[0]!.result.filling;
  const trayMm2 = gear.trayLengthMm * gear.trayWidthMm;
  const trays = traysNeeded(totalMl, cooling.meets.depthMm, trayMm2);
  return {
    services: services.map(({ service }) => service.id),
    name: [...new Set(services.map(({ plan }) => plan.name))].join(', '),
    cooling: { ...cooling, meets: { ...cooling.meets, trays } },
  };
}

const DAY_MIN = 1440;

/** People with what they can do: their skills, both hands at the roller and the filling, their pace at each shape. */
function handsOf(
  { people, date }: Day,
  families: readonly FamilyId[],
  learnt: readonly Learnt[],
): Hand[] {
  return people.map((person): Hand => {
    const { id, can, hours } = person;
    const at = (role: string) =>
      families.map((family) => paceRole(role, family, paceOf(person, family, learnt).times));
    return {
      id,
      skills: [
        ...can,
        ...(can.includes('fill') ? at('fill') : []),
        ...(can.includes('roll') && can.includes('fill') ? [BOTH_ROLE, ...at(BOTH_ROLE)] : []),
      ],
      hours: joined(
        hours.map(({ date: on, from, to }) => {
          const begin = minuteOf(`${on}T${from}`, date);
          const end = minuteOf(`${on}T${to}`, date);
          const next = minuteOf(`${dayAfter(on, 1)}T${to}`, date);
          return { from: begin, to: end > begin ? end : next };
        }),
      ),
    };
  });
}

/** Stretches in order, those that touch made one. */
function joined(spans: readonly { from: number; to: number }[]): { from: number; to: number }[] {
  const out: { from: number; to: number }[] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const last = out.at(-1);
    if (last && span.from <= last.to) last.to = Math.max(last.to, span.to);
    else out.push({ ...span });
  }
  return out;
}

function dislikesOf({ minds }: Day, again: boolean): Dislikes {
  return {
    idle: MINDED.idle * minds.idle,
    switching: MINDED.switching * minds.switching,
    late: MINDED.late * minds.late,
    early: MINDED.early * minds.early,
    dayFrom: DAY_HOURS.from,
    dayTo: Math.min(DAY_MIN, DAY_HOURS.to),
    moved: again ? MINDED.moved : 0,
    work: MINDED.work,
  };
}
