import type { Mode } from '../engine/problem';
import { madeFrom } from './bowlTasks';
import { minuteOf } from '../document/clock';
import { paceOf } from './pace';
import { BOTH_ROLE, paceRole } from './task';
import type { ServiceWork } from './service';
import { add, link, mode, takes, type TaskList } from './taskList';
import { GEAR } from './gear';

/** A turn at the bench: some sheets rolled, filled and sealed in a row, and the pieces they give. */
export interface Turn {
  readonly task: number;
  readonly pieces: number;
  readonly trays: number;
  /** Pieces made before it. */
  readonly after: number;
}

/** A way of working at the bench. */
interface Way {
  readonly roles: readonly string[];
  /** Minutes of one laying of so many pieces, and how long its sheet lies open. */
  readonly layingMin: (pieces: number) => number;
  readonly openMin: (pieces: number) => number;
}

/** How far a turn's minutes may be off: by the log, where it knows every cook that could be at it. */
function sureOf({ day, basis }: TaskList, { plan }: ServiceWork): number {
  const paces = day.people
    .filter(({ can }) => can.includes('fill'))
    .map((person) => paceOf(person, plan.shape.family, basis.learnt).sure);
  const known = paces.flatMap((sure) => sure ?? []);
  return paces.length > 0 && known.length === paces.length
    ? Math.max(...known)
    : basis.rules['day.sure'].value;
}

/** More hands than this get in each other's way at one roller. */
const MOST_HANDS = 3;
/** Sheets are put in turns no shorter than this, in no more turns. */
const TURN_MIN = 9;
const MOST_TURNS = 12;

/** The ways hands can share a bench: one does all; one feeds and one fills; one feeds and two fill. */
function waysOf({ day, basis }: TaskList, { plan, rollMin, pieceMin }: ServiceWork): Way[] {
  const able = day.people
    .filter(({ can }) => can.includes('fill'))
    .map((person) => paceOf(person, plan.shape.family, basis.learnt).times);
  const paces = [...new Set(able)].sort((a, b) => a - b);
  const alike = paces.length <= 1;
  const way = (hands: number, pace: number, role: (of: string) => string): Way => {
    const fillers = Math.max(1, hands - 1);
    const fillMin = (pieces: number) => (pieces * pieceMin * pace) / fillers;
    return {
      roles:
        hands === 1
          ? [role(BOTH_ROLE)]
          : ['roll', role('fill'), ...Array.from({ length: hands - 2 }, () => 'fill')],
      layingMin: (pieces) =>
        hands === 1 ? rollMin + fillMin(pieces) : Math.max(rollMin, fillMin(pieces)),
      openMin: fillMin,
    };
  };
  const most = Math.min(MOST_HANDS, Math.max(1, day.people.length));
  const ways: Way[] = [];
  for (let hands = 1; hands <= most; hands += 1) {
    // Where cooks differ each has a way of their own, so that what it takes is known; at three the slowest counts.
    if (alike) ways.push(way(hands, paces[0] ?? 1, (of) => of));
    else if (hands === MOST_HANDS) ways.push(way(hands, paces.at(-1)!, (of) => of));
    else
      for (const pace of paces)
        ways.push(way(hands, pace, (of) => paceRole(of, plan.shape.family, pace)));
  }
  return ways;
}

/** So long before guests the staff have eaten. */
const STAFF_EATS_MIN = 30;

/** Rolling, filling and sealing, in turns of a few sheets; then freezing and bagging where that is asked for. */
export function turnTasks(
  list: TaskList,
  work: ServiceWork,
  { dough, filling }: { dough: number; filling: number },
): Turn[] {
  const { service, layings, openMin, sheetMm, perTray } = work;
  const { rules } = list.basis;
  const ways = waysOf(list, work);
  const inTurn = sheetsInTurn(work, ways);
  const release = madeFrom(work);
  const group = service.id;
  // A number of their own: the place of the first of them.
  const together = list.tasks.length;
  const benchMm = Math.min(sheetMm, list.gear.find(({ id }) => id === GEAR.benches)!.capacity);
  const turns: Turn[] = [];
  const sure = sureOf(list, work);
  let [first, after] = [0, 0];
  while (first < layings.length) {
    const own = layings.slice(first, first + inTurn);
    const pieces = own.reduce((sum, each) => sum + each.pieces, 0);
    const n = turns.length + 1;
    const task = add(
      list,
      {
        id: `${service.id}/turn/${n}`,
        group,
        release,
        deadline: frozenBy(list, work),
        together,
        modes: ways.map(({ roles, layingMin }): Mode =>
          mode(
            own.reduce((sum, each) => sum + layingMin(each.pieces), 0),
            roles,
            [
              takes(list, GEAR.rollers),
              takes(list, GEAR.benches, benchMm),
              // What is made for the freezer is not rolled while plates go out.
              ...(work.frozen ? [takes(list, GEAR.quiet)] : []),
            ],
          ),
        ),
      },
      {
        kind: 'turn',
        services: [service.id],
        of:
          own.length === 1
            ? `sheet ${first + 1} of ${layings.length}`
            : `sheets ${first + 1} to ${first + own.length} of ${layings.length}`,
        pieces,
        sure,
        sheets: {
          first: first + 1,
          count: own.length,
          openMin,
          // What would dry is filled a length at a time, the rest covered.
          usedMin: ways.map(({ openMin: used }) =>
            Math.min(openMin, Math.max(...own.map((each) => used(each.pieces)))),
          ),
        },
      },
    );
    if (turns.length === 0) {
      link(list, dough, task, { least: work.plan.dough.work.restMin });
      link(list, filling, task);
    } else {
      link(list, turns.at(-1)!.task, task);
    }
    turns.push({ task, pieces, trays: Math.ceil(pieces / perTray), after });
    first += own.length;
    after += pieces;
  }
  const last = turns.at(-1)!.task;
  link(list, dough, last, { most: rules['day.doughKeeps'].value });
  link(list, filling, last, { most: rules['day.fillingKeeps'].value });
  if (service.ribbons) {
    const ribbons = add(
      list,
      {
        id: `${service.id}/ribbons`,
        group,
        release,
        // The staff eat before.
        deadline: work.atMin - STAFF_EATS_MIN,
        modes: [mode(rules['day.ribbons'].value, ['roll'], [takes(list, GEAR.rollers)])],
      },
      { kind: 'ribbons', services: [service.id], of: '', g: work.result.trim.g },
    );
    link(list, last, ribbons, { most: rules['day.doughKeeps'].value });
  }
  return turns;
}

/** So long before plates go out nobody rolls or bags what is made to be frozen, min. */
const CLEAR_MIN = 30;

/** What is made before and frozen is put away before anything is served that day. */
export function frozenBy({ day }: TaskList, { service, atMin }: ServiceWork): number {
  if (service.ahead !== 'frozen') return Infinity;
  const served = day.services
    .filter(({ kind, at }) => kind === 'plates' && at.slice(0, 10) === service.at.slice(0, 10))
    .map(({ at }) => minuteOf(at, day.date));
  return Math.min(atMin, ...served) - CLEAR_MIN;
}

function sheetsInTurn({ layings }: ServiceWork, ways: readonly Way[]): number {
  const quickest = Math.min(...ways.map(({ layingMin }) => layingMin(layings[0]!.pieces)));
  return Math.max(
    1,
    Math.ceil(layings.length / MOST_TURNS),
    Math.ceil(TURN_MIN / Math.max(0.1, quickest)),
  );
}
