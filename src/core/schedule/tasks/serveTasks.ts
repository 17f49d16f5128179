import { frozenBy, type Turn } from './benchTasks';
import { roundsOf, type Round } from './rounds';
import type { ServiceWork } from './service';
import { add, link, mode, takes, type TaskList } from './taskList';
import { GEAR, potGear } from './gear';
import { spanText } from '../document/clock';

/** Plates of one service are put together by no more hands than this keeps busy for, min. */
const PLATE_ALONE_MIN = 20;

/** From the trays to whoever eats: frozen and bagged, collected, or boiled and plated. */
export function serveTasks(
  list: TaskList,
  work: ServiceWork,
  turns: readonly Turn[],
  pots: readonly string[],
): void {
  const rested = work.frozen ? freezeTasks(list, work, turns) : turns;
  if (work.service.kind === 'handOver') handOver(list, work, rested);
  else boilAndPlate(list, work, rested, pots);
}

/** Trays frozen flat until hard, then bagged, turn by turn: a bagged tray is free again. */
function freezeTasks(list: TaskList, work: ServiceWork, turns: readonly Turn[]): Turn[] {
  const { service } = work;
  const { rules } = list.basis;
  const hard = Math.ceil(rules['day.freezes'].value);
  return turns.map((turn, i): Turn => {
    const task = add(
      list,
      {
        id: `${service.id}/bag/${i + 1}`,
        group: `${service.id} bags`,
        deadline: frozenBy(list, work),
        modes: [mode(rules['day.bag'].value * turn.trays, ['fill'], [takes(list, GEAR.quiet)])],
      },
      {
        kind: 'bag',
        services: [service.id],
        of: turn.trays === 1 ? '1 tray' : `${turn.trays} trays`,
        pieces: turn.pieces,
      },
    );
    link(list, turn.task, task, { least: hard, waitsIn: takes(list, GEAR.freezer, turn.trays) });
    link(list, turn.task, task, { waitsIn: takes(list, GEAR.trays, turn.trays) });
    list.waits.push({ kind: 'freeze', before: turn.task, minutes: hard });
    return { ...turn, task, trays: 0 };
  });
}

/** Sealed pieces wait on trays until they are wanted, chilled where the plan chills them. */
function waits(
  list: TaskList,
  work: ServiceWork,
  { task, trays }: Turn,
  /** What takes them, the last of it last. */
  taken: readonly number[],
): void {
  const spare = work.frozen ? 0 : list.basis.rules['day.spare'].value;
  for (const by of taken) link(list, task, by, { least: work.driesMin + spare, spare });
  if (work.driesMin > 0) list.waits.push({ kind: 'dry', before: task, minutes: work.driesMin });
  const until = taken.at(-1);
  if (trays === 0 || until === undefined) return;
  link(list, task, until, {
    most: work.keepsMin,
    ...(work.chilled && { waitsIn: takes(list, GEAR.fridge, trays) }),
  });
  link(list, task, until, { waitsIn: takes(list, GEAR.trays, trays) });
}

function handOver(list: TaskList, work: ServiceWork, turns: readonly Turn[]): void {
  const { service, atMin, result } = work;
  const over = add(
    list,
    {
      id: `${service.id}/handOver`,
      group: service.id,
      release: Math.floor(atMin / 1440) * 1440,
      deadline: atMin,
      modes: [mode(10, ['plate'])],
    },
    {
      kind: 'handOver',
      services: [service.id],
      of: `${service.portions} portions`,
      pieces: result.counts.made,
    },
  );
  for (const turn of turns) waits(list, work, turn, [over]);
}

function boilAndPlate(
  list: TaskList,
  work: ServiceWork,
  turns: readonly Turn[],
  pots: readonly string[],
): void {
  const { service, atMin, plan, result } = work;
  const { rules } = list.basis;
  const about = { services: [service.id] };
  const rounds = roundsOf(list, work, pots);
  const alone = rules['day.plate'].value * service.portions;
  const plateHands = Math.min(
    Math.max(1, list.day.people.length),
    Math.max(1, Math.ceil(alone / PLATE_ALONE_MIN)),
  );
  const handsMin = Math.max(3, Math.ceil(alone / plateHands));
  // Where nobody says how long service lasts, plates go out as the pots give them.
  const overMin = service.overMin ?? spanOf(rounds);
  const plateMin = Math.max(handsMin, overMin);
  // The first plates go out at the hour, the last so much later.
  const deadline = atMin + overMin;
  const plating = mode(
    plateMin,
    Array.from({ length: plateHands }, () => 'plate'),
    plan.boil.sauceMin > 0 ? [takes(list, GEAR.burners)] : [],
    handsMin,
  );
  const plate = add(
    list,
    {
      id: `${service.id}/plate`,
      group: `${service.id} serving`,
      // A plate is not put together before its hour: it would be cold.
      release: deadline - plating.minutes,
      deadline,
      modes: [plating],
    },
    {
      kind: 'plate',
      ...about,
      // Hands are counted at the first plates; the rest go out a few at a time.
      of: `${service.portions} portions${overMin > handsMin ? `, a few at a time for ${spanText(overMin)}` : ''}`,
      pieces: result.counts.plated,
    },
  );
  const { minutes: platingMin } = plating;
  const lastOf = new Map<string, number>();
  const served: { task: number; upTo: number }[] = [];
  let upTo = 0;
  rounds.forEach((round, i) => {
    const pot = [takes(list, potGear(round.pot)), takes(list, GEAR.burners)];
    const task = add(
      list,
      {
        id: `${service.id}/round/${i + 1}`,
        group: `${service.id} ${round.pot}`,
        deadline,
        // Hands put in and lift out; in between a cook minds another pot.
        modes: [mode(round.minutes, ['boil'], pot, round.handsMin)],
      },
      {
        kind: 'round',
        ...about,
        of: `round ${i + 1} of ${rounds.length}`,
        pieces: round.pieces,
        pot: round.pot,
      },
    );
    const before = lastOf.get(round.pot);
    if (before === undefined) {
      const water = waterOn(list, work, round.pot);
      link(list, water, task, { most: 20 });
    } else {
      link(list, before, task, { least: round.waitMin });
    }
    lastOf.set(round.pot, task);
    // Its plates are put together in their turn: not before, and not long after it is out.
    const slot = (platingMin * i) / Math.max(1, rounds.length);
    const least = Math.ceil(plan.boil.sauceMin - slot);
    link(list, task, plate, {
      least,
      most: Math.max(least, Math.floor(least + rules['day.boiledWaits'].value)),
    });
    upTo += round.pieces;
    served.push({ task, upTo });
  });
  if (served.length === 0) {
    // There is no pot: the plates say so, and cannot be kept.
    for (const turn of turns) waits(list, work, turn, [plate]);
    return;
  }
  for (const turn of turns) {
    const [from, to] = [turn.after, turn.after + turn.pieces];
    const taken = served.filter(
      ({ upTo: end }, i) => end > from && (served[i - 1]?.upTo ?? 0) < to,
    );
    waits(
      list,
      work,
      turn,
      (taken.length > 0 ? taken : served.slice(-1)).map(({ task }) => task),
    );
  }
}

/** Minutes between the first round out and the last. */
const spanOf = (rounds: readonly Round[]): number =>
  rounds.length > 1 ? Math.ceil(rounds.at(-1)!.outMin - rounds[0]!.outMin) : 0;

/** Water put on in time to boil. Law: the heat it takes over what the burner gives. */
function waterOn(list: TaskList, { service, plan, result }: ServiceWork, pot: string): number {
  const { litres } = list.day.gear.pots.find(({ name }) => name === pot)!;
  const kJ = litres * WATER_KJ * (result.boil.bathC - list.basis.rules['day.potCold'].value);
  return add(
    list,
    {
      id: `${service.id}/water/${pot}`,
      group: service.id,
      modes: [
        mode(
          (kJ * 1000) / plan.boil.powerW / 60,
          [],
          [takes(list, GEAR.burners), takes(list, potGear(pot))],
        ),
      ],
    },
    { kind: 'water', services: [service.id], of: pot, pot },
  );
}

/** Heat of water, kJ/(kg·K). */
const WATER_KJ = 4.19;
