import { startingBasis } from '../basis/basis';
import type { Learnt } from '../basis/learnt';
import { learn, type RunEvidence } from '../calibrate/learn';
import type { QuantityId } from '../basis/learnt';
import { QUANTITIES } from '../calibrate/quantities';
import { fromScale, toScale } from '../calibrate/scale';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan, type PlanResult } from '../plan/evaluatePlan';
import type { Happening, RunEvent } from '../run/events';
import { evidenceOf } from '../run/evidence';
import { foldRun } from '../run/fold';

/** Random numbers from a seed, evenly between 0 and 1. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normal deviates from even ones. */
export const normals = (next: () => number) => (): number =>
  Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());

/** Events with ids and times of their own, a minute apart. */
export const eventsFrom = (happenings: readonly Happening[], run = 1): RunEvent[] =>
  happenings.map((happening, i) => ({
    id: `00000000-0000-4000-8000-${(run * 10_000 + i).toString(16).padStart(12, '0')}`,
    at: new Date(Date.UTC(2026, 8, 1, 9) + i * 60_000).toISOString(),
    by: 'Runa',
    ...happening,
  })) as RunEvent[];

/** What is hidden in a made-up kitchen. */
const HIDDEN = ['dosed', 'thicker', 'stuck', 'bowl'] as const satisfies readonly QuantityId[];

type Hidden = Readonly<Record<(typeof HIDDEN)[number], number>>;

const asLearnt = (plan: Plan, truth: Hidden): Learnt[] =>
  HIDDEN.map((quantity) => ({
    quantity,
    key: quantity === 'thicker' ? plan.sheet.roller.id : '',
    value: truth[quantity],
    low: truth[quantity],
    high: truth[quantity],
    typical: QUANTITIES[quantity].typical,
    runs: 0,
    held: false,
  }));

/** What a piece takes of each bowl, all losses counted, g. */
const takes = ({ ledger, pieces }: PlanResult) => ({
  dough: (ledger.dough.inG - ledger.dough.leftoverG) / pieces,
  filling: (ledger.filling.inG - ledger.filling.leftoverG) / pieces,
});

/** How far what is measured is off: doses by the spoon from one another, a strip by scale and ruler. */
const MEASURED = { dose: 0.1, strip: 0.05 } as const;

/** How one made-up kitchen went. */
export interface KitchenCourse {
  /** How far dough and filling predicted were off, run by run, as shares of what was truly taken. */
  readonly off: readonly { readonly dough: number; readonly filling: number }[];
  /** Whether the 90 % range held the truth, after each run, by quantity. */
  readonly held: readonly Readonly<Partial<Record<QuantityId, boolean>>>[];
}

/**
 * A made-up kitchen with biases of its own, hidden from the product, that makes a plan so many times and
 * writes down what a cook would.
 */
export function kitchenCourse(plan: Plan, seed: number, runs: number): KitchenCourse {
  const next = seeded(seed);
  const normal = normals(next);
  const drawn = (id: QuantityId, of: 'spread' | 'noise', around: number) => {
    const { scale } = QUANTITIES[id];
    return fromScale(scale, toScale(scale, around) + QUANTITIES[id][of] * normal());
  };
  const truth = Object.fromEntries(
    HIDDEN.map((id) => [id, drawn(id, 'spread', QUANTITIES[id].typical)]),
  ) as Hidden;
  const seen: RunEvidence[] = [];
  const off: { dough: number; filling: number }[] = [];
  const held: Partial<Record<QuantityId, boolean>>[] = [];
  for (let run = 0; run < runs; run += 1) {
    const today = new Date(Date.UTC(2026, 8, 1) + 7 * run * 86_400_000).toISOString().slice(0, 10);
    const learnt = learn(seen, { today });
    const basis = { ...startingBasis, learnt };
    const planned = evaluatePlan(plan, basis);
    const now = Object.fromEntries(
      HIDDEN.map((id) => [id, drawn(id, 'noise', truth[id])]),
    ) as Hidden;
    // As many spares as are planned: fewer pieces from the same sheets would take more for each.
    const spares = learnt.filter(({ quantity }) => quantity === 'lost');
    const actual = evaluatePlan(plan, {
      ...startingBasis,
      learnt: [...asLearnt(plan, now), ...spares],
    });
    const [meant, took] = [takes(planned), takes(actual)];
    // What is learned is the kitchen as it is on the whole: no plan knows the batch's own chance before.
    const whole = takes(
      evaluatePlan(plan, { ...startingBasis, learnt: [...asLearnt(plan, truth), ...spares] }),
    );
    off.push({
      dough: Math.abs(meant.dough / whole.dough - 1),
      filling: Math.abs(meant.filling / whole.filling - 1),
    });
    const { ledger } = actual;
    const pieces = Math.floor(
      Math.min(planned.dough.totalG / took.dough, planned.filling.totalG / took.filling),
    );
    const each = (g: number) => (g * pieces) / actual.pieces;
    const state = foldRun(
      eventsFrom(
        [
          { kind: 'weighed', what: 'dough', g: planned.dough.totalG },
          { kind: 'weighed', what: 'filling', g: planned.filling.totalG },
          {
            kind: 'weighed',
            what: 'doses',
            g: 10 * plan.shape.doseG * now.dosed * (1 + (MEASURED.dose / Math.sqrt(10)) * normal()),
            n: 10,
          },
          {
            kind: 'measured',
            test: 'thicknessMm',
            value: plan.sheet.thicknessMm * now.thicker * (1 + MEASURED.strip * normal()),
          },
          { kind: 'counted', pieces },
          { kind: 'left', what: 'dough', g: planned.dough.totalG - pieces * took.dough },
          { kind: 'left', what: 'filling', g: planned.filling.totalG - pieces * took.filling },
          { kind: 'left', what: 'trim', g: each(ledger.dough.trimG) },
          { kind: 'finished', madeOn: today },
        ],
        run + 1,
      ),
    );
    seen.push({ run: String(run), madeOn: today, evidence: evidenceOf(plan, state, basis) });
    const after = learn(seen, { today });
    held.push(
      Object.fromEntries(
        after
          .filter(({ key }) => key === '' || key === plan.sheet.roller.id)
          .flatMap(({ quantity, low, high }) =>
            quantity in truth
              ? [
                  [
                    quantity,
                    low <= truth[quantity as keyof Hidden] &&
                      truth[quantity as keyof Hidden] <= high,
                  ],
                ]
              : [],
          ),
      ),
    );
  }
  return { off, held };
}
