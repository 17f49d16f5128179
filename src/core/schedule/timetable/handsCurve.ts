import type { Basis } from '../../basis/basis';
import type { Plan } from '../../plan/document/schema';
import { readySooner } from '../engine/ready';
import { solve } from '../engine/solve';
import type { Day } from '../document/day';
import { dayWork } from '../tasks/work';
import { withAnother } from './mends';
import { triesFor } from './solveDay';

/** A day with so many people. */
export interface WithHands {
  readonly people: number;
  readonly feasible: boolean;
  /** From the first start to the last plate, min. */
  readonly lengthMin: number;
  /** Everything could be ready so much sooner; below 0 it is late; null when no hour would do. */
  readonly soonerMin: number | null;
}

/** A gain under this is none worth another pair of hands, min. */
const WORTH_MIN = 5;

export interface HandsOptions {
  readonly seed?: number;
  readonly tries?: number;
  /** People tried at most. */
  readonly most?: number;
}

export interface HandsCurve {
  readonly points: readonly WithHands[];
  /** So many are enough: another pair makes it hardly shorter. */
  readonly enough: number;
}

/**
 * How long a day takes with one, two, three people and more: the first ones of its list, then others who can
 * do everything. More people never do worse: they can leave the work to fewer.
 */
export function handsCurve(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  options: HandsOptions = {},
): HandsCurve {
  const steps = searchHands(day, plans, basis, options);
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}

/** The same, with one more at a time: so that whoever asks may give up in between. */
export function* searchHands(
  day: Day,
  plans: ReadonlyMap<string, Plan>,
  basis: Basis,
  { seed = 1, tries = 120, most = Math.min(8, day.people.length + 2) }: HandsOptions = {},
): Generator<void, HandsCurve> {
  const points: WithHands[] = [];
  for (let people = 1; people <= most; people += 1) {
    let crew: Day = { ...day, people: day.people.slice(0, people), pins: [] };
    while (crew.people.length < people) crew = withAnother(crew);
    const work = dayWork(crew, plans, basis);
    const { problem } = work;
    const { breaches, lengthMin } = solve(problem, { seed, tries: triesFor(work, tries) });
    const feasible = breaches.length === 0;
    const soonerMin = readySooner(problem, feasible, { seed, tries: triesFor(work, 30) });
    points.push(noWorse({ people, feasible, lengthMin, soonerMin }, points.at(-1)));
    yield;
  }
  const gain = (i: number) => points[i]!.lengthMin - (points[i + 1] ?? points[i]!).lengthMin;
  const at = points.findIndex(({ feasible }, i) => feasible && gain(i) < WORTH_MIN);
  return { points, enough: at < 0 ? most : points[at]!.people };
}

function noWorse(point: WithHands, before: WithHands | undefined): WithHands {
  if (!before) return point;
  const feasible = point.feasible || before.feasible;
  return {
    people: point.people,
    feasible,
    lengthMin:
      point.feasible && before.feasible
        ? Math.min(point.lengthMin, before.lengthMin)
        : before.feasible
          ? before.lengthMin
          : point.lengthMin,
    soonerMin:
      point.soonerMin === null || (before.soonerMin !== null && before.soonerMin > point.soonerMin)
        ? before.soonerMin
        : point.soonerMin,
  };
}
