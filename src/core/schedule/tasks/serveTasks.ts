import { boilRounds } from '../../boil/rounds';
import { placeC, FREEZER_C } from '../../hold/phases';
import { familyOf } from '../../shapes/families';
import type { Turn } from './benchTasks';
import type { ServiceWork } from './service';
import { add, link, mode, takes, type TaskList } from './taskList';
import { GEAR, potGear } from './gear';

/** Plates of one service are put together by no more hands than this keeps busy for, min. */
const PLATE_ALONE_MIN = 20;

/** From the trays to whoever eats: frozen and bagged, handed over, or boiled and plated. */
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
function freezeTasks(list: TaskList, { service }: ServiceWork, turns: readonly Turn[]): Turn[] {
  const { rules } = list.basis;
  const hard = Math.ceil(rules['day.freezes'].value);
  return turns.map((turn, i): Turn => {
    const task = add(
      list,
      {
        id: `${service.id}/bag/${i + 1}`,
        group: `${service.id} bags`,
        modes: [mode(rules['day.bag'].value * turn.trays, ['fill'])],
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

/** One round of one pot. */
interface Round {
  readonly pot: string;
  readonly minutes: number;
  readonly waitMin: number;
  readonly pieces: number;
  /** When it comes out, counted from the first one in, were all pots to start together. */
  readonly outMin: number;
}

/** The rounds of a service through its pots, in the order they come out: each pot takes what it boils in the time. */
function roundsOf(list: TaskList, work: ServiceWork, pots: readonly string[]): Round[] {
  const { result, plan } = work;
  const { rules, conditions } = list.basis;
  const { boil, counts, shape, dough } = result;
  const pieces = Math.max(1, counts.made - counts.tasted);
  const fromC = work.frozen
    ? FREEZER_C
    : placeC(work.chilled ? 'fridge' : 'bench', {
        roomC: plan.dough.roomC,
        fridgeC: conditions.fridgeC,
      });
  const able = pots.flatMap((name) => {
    const pot = list.day.gear.pots.find((each) => each.name === name);
    if (!pot) return [];
    const family = familyOf(plan.shape.family);
    const full = boilRounds(
      {
        pieces: 1_000_000,
        pieceG: dough.perPieceG + shape.doseG,
        pieceMm2: family.flatAreaMm2({ ...plan.shape, ...shape }) / 2,
        potMin: boil.potMin,
        waterL: pot.litres,
        fromC,
        frozen: work.frozen,
        powerW: plan.boil.powerW,
        waterC: boil.bathC,
      },
      rules,
    );
    const minutes = Math.ceil(boil.potMin + rules['boil.lift'].value);
    return [{ name, most: full.pieces, minutes, waitMin: Math.ceil(full.waitMin) }];
  });
  const rounds: Round[] = [];
  const free = able.map(() => 0);
  let left = pieces;
  while (left > 0 && able.length > 0) {
    // The pot whose next round is out first.
    let at = 0;
    for (let i = 1; i < able.length; i += 1) {
      if (free[i]! + able[i]!.minutes < free[at]! + able[at]!.minutes) at = i;
    }
    const { name, most, minutes, waitMin } = able[at]!;
    const outMin = free[at]! + minutes;
    free[at] = outMin + waitMin;
    const here = Math.min(left, most);
    left -= here;
    rounds.push({ pot: name, minutes, waitMin, pieces: here, outMin });
    if (rounds.length >= MOST_PLACED) break;
  }
  return together(evened(rounds, pieces));
}

/** More rounds than this are not laid out one by one. */
const MOST_PLACED = 20_000;
/** More tasks than this no service is boiled in: rounds that follow each other in one pot are put together. */
const MOST_ROUNDS = 60;

/** Rounds of one pot that follow each other, put together where there are very many. */
function together(rounds: readonly Round[]): Round[] {
  const n = Math.ceil(rounds.length / MOST_ROUNDS);
  if (n <= 1) return [...rounds];
  const pots = [...new Set(rounds.map(({ pot }) => pot))];
  return pots
    .flatMap((pot) => {
      const own = rounds.filter((round) => round.pot === pot);
      return Array.from({ length: Math.ceil(own.length / n) }, (_, k): Round => {
        const some = own.slice(k * n, (k + 1) * n);
        return {
          ...some.at(-1)!,
          minutes:
            some.reduce((sum, { minutes, waitMin }) => sum + minutes + waitMin, 0) -
            some.at(-1)!.waitMin,
          pieces: some.reduce((sum, { pieces }) => sum + pieces, 0),
        };
      });
    })
    .sort((a, b) => a.outMin - b.outMin);
}

/** Rounds of one pot made even: none of three pieces at the end. */
function evened(rounds: readonly Round[], pieces: number): Round[] {
  const most = rounds.reduce((sum, each) => sum + each.pieces, 0);
  const share = most > 0 ? pieces / most : 0;
  let given = 0;
  return rounds.map((round, i) => {
    const here =
      i === rounds.length - 1
        ? pieces - given
        : Math.min(pieces - given, Math.ceil(round.pieces * share));
    given += here;
    return { ...round, pieces: here };
  });
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
  const plateMin = Math.max(3, service.overMin, Math.ceil(alone / plateHands));
  // The first plates go out at the hour, the last so much later.
  const deadline = atMin + service.overMin;
  const plating = mode(
    plateMin,
    Array.from({ length: plateHands }, () => 'plate'),
    plan.boil.sauceMin > 0 ? [takes(list, GEAR.burners)] : [],
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
    { kind: 'plate', ...about, of: `${service.portions} portions`, pieces: result.counts.plated },
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
        modes: [mode(round.minutes, ['boil'], pot)],
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
