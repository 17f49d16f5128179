import type { DoughBowl, FillingBowl } from './bowls';
import { fillingTasks, mixingTasks } from './bowlTasks';
import { turnTasks } from './benchTasks';
import { classTasks } from './classTasks';
import { serveTasks } from './serveTasks';
import type { ServiceWork } from './service';
import type { TaskList } from './taskList';

/** Every task of a day, in the order of the work. */
export function makeTasks(
  list: TaskList,
  {
    services,
    doughs,
    fillings,
  }: {
    services: readonly ServiceWork[];
    doughs: readonly DoughBowl[];
    fillings: readonly FillingBowl[];
  },
): void {
  const ready = new Map<string, { dough: number; filling: number }>();
  for (const bowl of doughs) {
    const dough = mixingTasks(list, bowl);
    for (const { service } of bowl.services) ready.set(service.id, { dough, filling: -1 });
    const { restMin } = bowl.services[0]!.plan.dough.work;
    if (restMin >= 1) list.waits.push({ kind: 'rest', before: dough, minutes: Math.ceil(restMin) });
  }
  for (const bowl of fillings) {
    const bound = fillingTasks(list, bowl);
    for (const { service } of bowl.services) ready.get(service.id)!.filling = bound;
  }
  const pots = potsFor(list, services);
  for (const work of services) {
    const bowls = ready.get(work.service.id);
    if (bowls && work.service.kind === 'class') classTasks(list, work, bowls);
    else {
      // What is in the freezer already is only served.
      const turns = bowls ? turnTasks(list, work, bowls) : [];
      serveTasks(list, work, turns, pots.get(work.service.id) ?? []);
    }
  }
}

/**
 * Which pots each service is boiled in: those the cook named; else they are shared out among services that
 * are served within the same hour and a half, the larger ones first, each at least one.
 */
function potsFor(
  { day }: TaskList,
  services: readonly ServiceWork[],
): ReadonlyMap<string, readonly string[]> {
  const given = new Map<string, string[]>();
  const pots = [...day.gear.pots].sort((a, b) => b.litres - a.litres);
  const plated = services.filter(({ service }) => service.kind === 'plates');
  const loadOf = ({ result }: ServiceWork) =>
    result.boil.rounds.totalMin * result.boil.rounds.pieces;
  for (const work of plated) {
    if (work.service.pots?.length) given.set(work.service.id, [...work.service.pots]);
  }
  const open = plated.filter(({ service }) => !given.has(service.id));
  const seen = new Set<string>();
  for (const first of open) {
    if (seen.has(first.service.id)) continue;
    const near = open
      .filter(
        ({ service, atMin }) => !seen.has(service.id) && Math.abs(atMin - first.atMin) <= NEAR_MIN,
      )
      .sort((a, b) => loadOf(b) - loadOf(a));
    near.forEach(({ service }) => seen.add(service.id));
    pots.forEach(({ name }, i) => {
      const { service } = near[i % near.length]!;
      given.set(service.id, [...(given.get(service.id) ?? []), name]);
    });
    // More services than pots: they take turns.
    near.slice(pots.length).forEach(({ service }, i) => {
      const pot = pots[i % Math.max(1, pots.length)];
      if (pot) given.set(service.id, [pot.name]);
    });
  }
  return given;
}

const NEAR_MIN = 90;
