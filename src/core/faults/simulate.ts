import type { Basis } from '../basis/basis';
import type { Plan } from '../plan/document/schema';
import type { PlanModel } from '../plan/model/model';
import { modelOf } from '../risk/modelOf';
import { FieldError } from '../range';
import { seeded } from '../seeded';
import { NO_SLIPS, type Batch } from './batch';
import { CAUSE_IDS, causeOf, type CauseId } from './causes';
import { DONT_KNOW, QUESTIONS, type QuestionId } from './questions';
import { SIGN_IDS, SIGNS, type SignId } from './signs';

/** A batch with one hidden cause in it, as its cook sees it. */
export interface HiddenCase {
  readonly cause: CauseId;
  readonly meant: PlanModel;
  readonly batch: Batch;
  readonly sign: SignId;
  /** What the cook answers: mostly the truth, now and then mistaken or unsure. */
  answer(question: QuestionId): string;
}

const MISTAKEN = 0.08;
const UNSURE = 0.04;

/** A sign less likely than this is not what a batch is brought for. */
const LEAST_SEEN = 0.25;

/**
 * A batch that one cause was put into, worked out by the model itself; its signs and answers are read off
 * that, with noise. None where the cause does this plan no harm that shows.
 */
export function hiddenCase(
  cause: CauseId,
  plan: Plan,
  seed: number,
  basis: Basis,
): HiddenCase | null {
  const uniform = seeded(seed);
  const meant = modelOf(plan, basis);
  const { plan: changed = plan, slips } = causeOf(cause).enact(
    plan,
    0.6 + 0.8 * uniform(),
    basis.pantry,
  );
  let made: PlanModel;
  try {
    made = modelOf(changed, basis);
  } catch (error) {
    // A batch out of every range is one that no cook makes.
    if (error instanceof FieldError) return null;
    throw error;
  }
  const batch: Batch = { meant, made, slips: { ...NO_SLIPS, ...slips } };
  const before: Batch = { meant, made: meant, slips: NO_SLIPS };
  const chances = SIGN_IDS.map((sign) => {
    // What the plan shows by itself is no sign of what went wrong with it.
    const chance = SIGNS[sign].shows(batch) * (1 - SIGNS[sign].shows(before));
    return { sign, chance: chance >= LEAST_SEEN ? chance : 0 };
  });
  const sum = chances.reduce((total, { chance }) => total + chance, 0);
  if (sum <= 0) return null;
  let left = uniform() * sum;
  const { sign } = chances.find(({ chance }) => (left -= chance) < 0) ?? chances[0]!;
  return {
    cause,
    meant,
    batch,
    sign,
    answer(question) {
      const { answers, truth } = QUESTIONS[question];
      const right = truth(batch);
      if (uniform() < UNSURE) return DONT_KNOW;
      if (uniform() >= MISTAKEN) return right;
      const others = Object.keys(answers).filter((answer) => answer !== right);
      return others[Math.floor(uniform() * others.length)] ?? right;
    },
  };
}

/** How a diagnosis did over many hidden causes. */
export interface Proof {
  readonly tried: number;
  /** Shares in which the hidden cause came first, and among the first three. */
  readonly first: number;
  readonly three: number;
  /** The same by guessing among the causes that give the sign. */
  readonly chanceFirst: number;
  readonly chanceThree: number;
  readonly questions: number;
  /** How often a cause was taken for another, the most frequent first. */
  readonly mistaken: readonly {
    readonly cause: CauseId;
    readonly taken: CauseId;
    readonly n: number;
  }[];
  readonly byCause: Readonly<Partial<Record<CauseId, { tried: number; first: number }>>>;
}

/** Causes that give a sign. */
export const causesOf = (sign: SignId): CauseId[] =>
  CAUSE_IDS.filter((id) => causeOf(id).signs[sign] !== undefined);
