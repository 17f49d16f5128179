import { startingBasis } from '../basis/basis';
import type { Learnt } from '../basis/learnt';
import { learn, type RunEvidence } from '../calibrate/learn';
import type { QuantityId } from '../basis/learnt';
import { QUANTITIES } from '../calibrate/quantities';
import { fromScale, toScale } from '../calibrate/scale';
import type { Plan } from '../plan/document/schema';
import { nextBatch } from '../plan/nextBatch';
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
    betweenBatches: 0,
    typical: QUANTITIES[quantity].typical,
    runs: 0,
    held: false,
  }));

/** What a piece takes of each bowl, all losses counted, g. */
const takes = ({ ledger, pieces }: PlanResult) => ({
  dough: (ledger.dough.inG - ledger.dough.leftoverG) / pieces,
  filling: (ledger.filling.inG - ledger.filling.leftoverG) / pieces,
});

/** How far what is measured is off: doses and blanks from one another, a strip by scale and ruler. */
const MEASURED = { piped: 0.05, spooned: 0.1, sheets: 0.03, strip: 0.05 } as const;

/** What is awkward about a made-up kitchen, beside its biases. */
export interface KitchenKind {
  readonly name: string;
  /** Batches differ so many times as much as usual. */
  readonly scatter?: number;
  /** The kitchen itself moves by so much a batch, share. */
  readonly drift?: number;
  /** Share of what is written down that is far off: a wrong bowl, a slip of the finger. */
  readonly outliers?: number;
  /** Share of what could be written down that is not. */
  readonly missing?: number;
  /** Weights are read to so many grams. */
  readonly roundG?: number;
  /** Every third batch is by a cook who doses otherwise and hardly weighs. */
  readonly careless?: true;
  /** Ten whole pieces are weighed as well: with the doses they tell the dough. */
  readonly tenPieces?: true;
}

/** The kinds that learning is held against, each so many kitchens. */
export const KITCHEN_KINDS: readonly KitchenKind[] = [
  { name: 'steady' },
  { name: 'batches differ', scatter: 1.6 },
  { name: 'drifting', drift: 0.01 },
  { name: 'outliers', outliers: 0.1 },
  { name: 'half written down', missing: 0.5 },
  { name: 'scale of 5 g', roundG: 5 },
  { name: 'ten pieces weighed', tenPieces: true },
  { name: 'careless third cook', careless: true },
  { name: 'drifting, outliers', drift: 0.01, outliers: 0.1 },
  { name: 'half written down, scale of 5 g', missing: 0.5, roundG: 5 },
  { name: 'careless cook, outliers', careless: true, outliers: 0.1 },
  { name: 'batches differ, scale of 5 g', scatter: 1.6, roundG: 5 },
  {
    name: 'all of it',
    scatter: 1.3,
    drift: 0.01,
    outliers: 0.1,
    missing: 0.3,
    roundG: 5,
    careless: true,
  },
];

/** Whether a kind breaks what learning takes for granted: its ranges may then hold a little less. */
export const breaksTheModel = ({ scatter, drift, outliers, careless }: KitchenKind): boolean =>
  [scatter, drift, outliers, careless].some((each) => each !== undefined);

/** An outlier is off by about so much, share. */
const OUTLIER = 0.35;

/** How a careless cook doses, and how far apart. */
const CARELESS = { dosed: 1.12, scatter: 2 } as const;

type Bowl = 'dough' | 'filling';

type Off = Readonly<Record<Bowl, number>>;

/** How one made-up kitchen went. */
export interface KitchenCourse {
  /** How far dough and filling predicted were off, run by run, as shares of what was truly taken. */
  readonly off: readonly Off[];
  /** The same had nothing been learned: of a kitchen that drifts, typical values are ever further off. */
  readonly offTypical: readonly Off[];
  /** Whether the 90 % range held the truth, after each run, by quantity. */
  readonly held: readonly Readonly<Partial<Record<QuantityId, boolean>>>[];
  /** Whether the 90 % range of the next batch, as told before it, held what that batch then took. */
  readonly next: readonly Readonly<Record<Bowl, boolean>>[];
}

/**
 * A made-up kitchen with biases of its own, hidden from the product, that makes a plan so many times and
 * writes down what a cook of its kind would. Truth is the kitchen's own mean at that time.
 */
export function kitchenCourse(
  plan: Plan,
  seed: number,
  runs: number,
  kind: KitchenKind,
): KitchenCourse {
  const {
    scatter = 1,
    drift = 0,
    outliers = 0,
    missing = 0,
    roundG = 0,
    careless,
    tenPieces,
  } = kind;
  const random = seeded(seed);
  const normal = normals(random);
  const drawn = (id: QuantityId, of: 'spread' | 'noise', around: number) => {
    const { scale } = QUANTITIES[id];
    const times = of === 'noise' ? scatter : 1;
    return fromScale(scale, toScale(scale, around) + times * QUANTITIES[id][of] * normal());
  };
  let truth = Object.fromEntries(
    HIDDEN.map((id) => [id, drawn(id, 'spread', QUANTITIES[id].typical)]),
  ) as Hidden;
  // Without awkwardness nothing more is drawn: the steady kitchens stay the same.
  const chance = (share: number) => share > 0 && random() < share;
  const read = (g: number): number => {
    const off = chance(outliers) ? 1 + OUTLIER * (random() < 0.5 ? -1 : 1) : 1;
    return Math.max(0, roundG > 0 ? Math.round((g * off) / roundG) * roundG : g * off);
  };
  const seen: RunEvidence[] = [];
  const off: Off[] = [];
  const offTypical: Off[] = [];
  const next: Record<Bowl, boolean>[] = [];
  const held: Partial<Record<QuantityId, boolean>>[] = [];
  for (let run = 0; run < runs; run += 1) {
    const today = new Date(Date.UTC(2026, 8, 1) + 7 * run * 86_400_000).toISOString().slice(0, 10);
    if (drift > 0) {
      truth = Object.fromEntries(
        HIDDEN.map((id) => [id, truth[id] * Math.exp(drift * normal())]),
      ) as Hidden;
    }
    const odd = careless === true && run % 3 === 2;
    const learnt = learn(seen, { today });
    const basis = { ...startingBasis, learnt };
    const planned = evaluatePlan(plan, basis);
    const drawnNow = Object.fromEntries(
      HIDDEN.map((id) => [id, drawn(id, 'noise', truth[id])]),
    ) as Hidden;
    const now: Hidden = odd ? { ...drawnNow, dosed: drawnNow.dosed * CARELESS.dosed } : drawnNow;
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
    const offBy = ({ dough, filling }: typeof whole): Off => ({
      dough: Math.abs(dough / whole.dough - 1),
      filling: Math.abs(filling / whole.filling - 1),
    });
    off.push(offBy(meant));
    offTypical.push(offBy(takes(evaluatePlan(plan, { ...startingBasis, learnt: spares }))));
    const range = nextBatch(plan, basis);
    const holds = (bowl: Bowl) => {
      const [low, high] = range[bowl];
      return low <= planned.pieces * took[bowl] && planned.pieces * took[bowl] <= high;
    };
    next.push({ dough: holds('dough'), filling: holds('filling') });
    const { ledger } = actual;
    const pieces = Math.floor(
      Math.min(planned.dough.totalG / took.dough, planned.filling.totalG / took.filling),
    );
    const each = (g: number) => (g * pieces) / actual.pieces;
    // As sheets came out, not as they were meant.
    const { platedG, spareG, tastedG } = ledger.dough;
    const doughEachG = (platedG + spareG + tastedG) / actual.pieces;
    const spoon =
      MEASURED[plan.shape.laid === 'piped' ? 'piped' : 'spooned'] * (odd ? CARELESS.scatter : 1);
    const written: Happening[] = [
      { kind: 'weighed', what: 'dough', g: planned.dough.totalG },
      { kind: 'weighed', what: 'filling', g: planned.filling.totalG },
      {
        kind: 'weighed',
        what: 'doses',
        g: read(10 * plan.shape.doseG * now.dosed * (1 + (spoon / Math.sqrt(10)) * normal())),
        n: 10,
      },
      ...(tenPieces
        ? [
            {
              kind: 'weighed' as const,
              what: 'pieces' as const,
              g: read(
                10 *
                  (plan.shape.doseG * now.dosed * (1 + (spoon / Math.sqrt(10)) * normal()) +
                    doughEachG * (1 + (MEASURED.sheets / Math.sqrt(10)) * normal())),
              ),
              n: 10,
            },
          ]
        : []),
      {
        kind: 'measured',
        test: 'thicknessMm',
        value: plan.sheet.thicknessMm * now.thicker * (1 + MEASURED.strip * normal()),
      },
      { kind: 'counted', pieces },
      { kind: 'left', what: 'dough', g: read(planned.dough.totalG - pieces * took.dough) },
      { kind: 'left', what: 'filling', g: read(planned.filling.totalG - pieces * took.filling) },
      { kind: 'left', what: 'trim', g: read(each(ledger.dough.trimG)) },
      { kind: 'finished', madeOn: today },
    ];
    const state = foldRun(
      eventsFrom(
        written
          .filter(
            ({ kind: of }) => of === 'finished' || of === 'counted' || !chance(odd ? 0.6 : missing),
          )
          .map((happening) => ({ ...happening, ...(odd && { by: 'Odd' }) })),
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
  return { off, offTypical, held, next };
}
