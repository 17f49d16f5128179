import { v5 } from 'uuid';
import { comingBack, dueBy } from '../src/core/drills/comingBack';
import {
  DRILL_IDS,
  mark,
  type Drill,
  type DrillGear,
  type DrillId,
} from '../src/core/drills/drill';
import { drill, MOST_SEED } from '../src/core/drills/drills';
import type { DrillAnswer, Sure } from '../src/core/drills/skill';
import { seeded, type Chance } from '../src/core/seeded';

const IDS = '1d6f0c0e-52a8-4f2a-9a52-6d1a5b7c1f00';
const DAYS = 14;
const DAY_MS = 86_400_000;

/** Days on which nobody had a hand free. */
const BUSY = [4, 5, 11];

/** How often each kind was right at first, and after two weeks. */
const COURSE: Readonly<Record<DrillId, readonly [from: number, to: number]>> = {
  light: [0.3, 0.75],
  dose: [0.35, 0.7],
  opens: [0.6, 0.9],
  hand: [0.5, 0.85],
  left: [0.55, 0.8],
  now: [0.25, 0.8],
  firstSheet: [0.4, 0.6],
};

/** An answer as it is given by one who knows, or does not. */
function given({ right, asked, picture }: Drill, knows: boolean, chance: Chance): string | number {
  if (typeof right === 'string') {
    if (knows || asked.kind !== 'choice') return right;
    return chance.of(asked.choices.filter(({ id }) => id !== right)).id;
  }
  if (knows) return Math.round(100 * chance.between(right.from, right.to)) / 100;
  // Lifted out as it floats, or off by a third.
  if (picture.kind === 'pot') return Math.round(picture.floatS);
  return Math.round(100 * right.best * (chance() < 0.5 ? 0.65 : 1.4)) / 100;
}

/** How sure a cook says to be: surer than is earned, at first. */
const said = (knows: boolean, chance: Chance): Sure | null =>
  chance() < 0.25
    ? null
    : knows
      ? chance.of(['guess', 'think', 'sure', 'sure'] as const)
      : chance.of(['guess', 'think', 'think', 'sure'] as const);

/** Two weeks of a cook’s practice, to the evening before `now`: misses taken again when they come back. */
export function demoPractice(now: Date, gear: DrillGear): DrillAnswer[] {
  const chance = seeded(41);
  const first = Math.floor(now.getTime() / DAY_MS) * DAY_MS - DAYS * DAY_MS;
  const answers: DrillAnswer[] = [];
  for (let day = 0; day < DAYS; day += 1) {
    if (BUSY.includes(day)) continue;
    const from = first + day * DAY_MS + 20 * 3_600_000;
    const back = dueBy(comingBack(answers), new Date(from).toISOString()).slice(0, 4);
    const fresh = Array.from({ length: 5 }, () => ({
      kind: chance.of(DRILL_IDS),
      seed: Math.floor(chance.between(0, MOST_SEED)),
    }));
    [...back, ...fresh].forEach(({ kind, seed }, i) => {
      const [at, end] = COURSE[kind];
      const knows = chance() < at + ((end - at) * day) / DAYS;
      const each = drill(kind, seed, gear);
      const value = given(each, knows, chance);
      answers.push({
        id: v5(`${day} ${i}`, IDS),
        kind,
        seed,
        given: value,
        right: mark(each, value).right,
        sure: said(knows, chance),
        at: new Date(from + i * 90_000).toISOString(),
      });
    });
  }
  return answers;
}
