import { boilRounds, handsOfRound, waterIn } from '../../boil/rounds';
import { FREEZER_C, placeC } from '../../hold/phases';
import type { ServiceWork } from './service';
import type { TaskList } from './taskList';

/** One round of one pot. */
export interface Round {
  readonly pot: string;
  readonly minutes: number;
  /** Hands are at it so long of that. */
  readonly handsMin: number;
  readonly waitMin: number;
  readonly pieces: number;
  /** When it comes out, counted from the first one in, were all pots to start together. */
  readonly outMin: number;
}

/** The rounds of a service through its pots, in the order they come out: each pot takes what it boils in the time. */
export function roundsOf(list: TaskList, work: ServiceWork, pots: readonly string[]): Round[] {
  const { result, plan } = work;
  const { rules, conditions } = list.basis;
  const { boil, counts } = result;
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
    const full = boilRounds(
      {
        ...boil.ofPieces,
        pieces: 1_000_000,
        potMin: boil.potMin,
        waterL: waterIn(pot.litres, rules),
        fromC,
        frozen: work.frozen,
      },
      rules,
    );
    const handsMin = handsOfRound(full.pieces, rules);
    const minutes = Math.ceil(boil.potMin + handsMin);
    return [{ name, most: full.pieces, minutes, handsMin, waitMin: Math.ceil(full.waitMin) }];
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
    const { name, most, minutes, handsMin, waitMin } = able[at]!;
    const outMin = free[at]! + minutes;
    free[at] = outMin + waitMin;
    const here = Math.min(left, most);
    left -= here;
    rounds.push({ pot: name, minutes, handsMin, waitMin, pieces: here, outMin });
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
          handsMin: some.reduce((sum, { handsMin }) => sum + handsMin, 0),
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
