import { startingRules } from '../basis/rules';
import { causeOf, CAUSE_IDS, type CauseId } from './causes';
import { evidenceBefore, wordsOf, type Evidence, type Known } from './evidence';
import { answersGiven, signGiven, type AnswerTable } from './likelihood';
import {
  DONT_KNOW,
  QUESTIONS,
  QUESTION_IDS,
  type Answers,
  type Question,
  type QuestionId,
} from './questions';
import { SIGNS, stageOfSigns, type SignId } from './signs';
import { within, type Stage } from './stages';

/** A cause as it stands for a batch. */
export interface Ranked {
  readonly id: CauseId;
  /** 0 to 1; of all causes together 1. */
  readonly probability: number;
  /** What speaks for it and against it, the strongest first. */
  readonly for: readonly Evidence[];
  readonly against: readonly Evidence[];
}

/** A question worth asking. */
export interface NextQuestion {
  readonly id: QuestionId;
  /** Information it is expected to give, bits. */
  readonly bits: number;
}

/** From signs to causes. */
export interface Diagnosis {
  /** Every cause, the likeliest first. */
  readonly causes: readonly Ranked[];
  /** One is taken as found. */
  readonly clear: boolean;
  /** The question that tells most; null when one is clear or nothing more helps. */
  readonly next: NextQuestion | null;
}

/** What was seen and answered. */
export interface Seen {
  readonly signs: readonly SignId[];
  readonly answers: Answers;
  /** Where the batch stands now; the latest sign's stage when left out. */
  readonly stage?: Stage;
}

/** Nothing known of plan, run or kitchen. */
export const NOTHING_KNOWN: Known = {
  rules: startingRules,
  model: null,
  margins: null,
  byCause: null,
  run: null,
  result: null,
  found: {},
};

/** Evidence smaller than this, log-odds, is not worth a line. */
const LEAST_SAID = 0.15;

function normalised(logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => weight / sum);
}

const bitsOf = (shares: readonly number[]): number =>
  -shares.reduce((sum, share) => (share > 0 ? sum + share * Math.log2(share) : sum), 0);

/** Log-odds that something seen adds to each cause: how likely under it against under all the others. */
function weightsOf(given: readonly number[], shares: readonly number[]): number[] {
  const chance = given.reduce((sum, likely, i) => sum + likely * shares[i]!, 0);
  return given.map((likely, i) => {
    const others = (chance - likely * shares[i]!) / Math.max(1e-12, 1 - shares[i]!);
    return Math.log(likely / Math.max(1e-9, others));
  });
}

/** Information that asking is expected to give, bits; never below 0. */
function expectedBits(now: readonly number[], { given }: AnswerTable): number {
  let after = 0;
  for (const row of given) {
    const joint = row.map((likely, i) => likely * now[i]!);
    const chance = joint.reduce((a, b) => a + b, 0);
    if (chance > 0) after += chance * bitsOf(joint.map((each) => each / chance));
  }
  return Math.max(0, bitsOf(now) - after);
}

/**
 * From what is seen to its likeliest causes in this batch, and the one question that tells most. Log-odds
 * of what is usual, plan, run, kitchen, signs and answers are added up; of all causes together the
 * probabilities are 1. Estimates, every weight a rule (`fault.*`).
 * @example diagnose({ signs: ['pops'], answers: { bubble: 'air' } }, NOTHING_KNOWN).causes[0].id // 'airLeft'
 */
export function diagnose(seen: Seen, known: Known): Diagnosis {
  const { rules, model } = known;
  const before = evidenceBefore(seen.answers, known);
  const prior = CAUSE_IDS.map((id) => before[id].reduce((sum, { weight }) => sum + weight, 0));
  const signs = seen.signs.map((sign) => ({ sign, given: signGiven(sign, rules) }));
  const withSigns = prior.map((log, i) =>
    signs.reduce((sum, { given }) => sum + Math.log(given[i]!), log),
  );
  const answered = QUESTION_IDS.flatMap((id) => {
    const answer = seen.answers[id];
    if (answer === undefined || answer === DONT_KNOW) return [];
    const table = answersGiven(id, model, rules);
    const given = table.given[table.answers.indexOf(answer)];
    return given ? [{ id, answer, given }] : [];
  });
  const logs = withSigns.map((log, i) =>
    answered.reduce((sum, { given }) => sum + Math.log(given[i]!), log),
  );
  const shares = normalised(logs);

  // Each thing seen or answered speaks for what it makes likelier, all else being as it is.
  const spoken = [
    ...signs.map(({ sign, given }) => ({
      from: 'sign' as const,
      says: (id: CauseId) =>
        causeOf(id).signs[sign] === undefined
          ? `it does not show so: ${SIGNS[sign].name}`
          : `it shows so: ${SIGNS[sign].name}`,
      weights: weightsOf(given, normalised(prior)),
    })),
    ...answered.map(({ id, answer, given }) => ({
      from: 'answer' as const,
      says: () => wordsOf(id, answer),
      weights: weightsOf(given, normalised(logs.map((log, i) => log - Math.log(given[i]!)))),
    })),
  ];
  const causes = CAUSE_IDS.map((id, i): Ranked => {
    const all: Evidence[] = [
      ...before[id].filter(({ from }) => from !== 'usual'),
      ...spoken.map(({ from, says, weights }): Evidence => ({
        from,
        says: says(id),
        weight: weights[i]!,
      })),
    ].filter(({ weight }) => Math.abs(weight) >= LEAST_SAID);
    const strongest = (a: Evidence, b: Evidence) => Math.abs(b.weight) - Math.abs(a.weight);
    return {
      id,
      probability: shares[i]!,
      for: all.filter(({ weight }) => weight > 0).sort(strongest),
      against: all.filter(({ weight }) => weight < 0).sort(strongest),
    };
  }).sort((a, b) => b.probability - a.probability);

  const [first] = causes;
  const likely = (first?.probability ?? 0) >= rules['fault.clear'].value;
  const behind = likely && first ? askedOn(first.id, seen) : null;
  const clear = likely && behind === null;
  return { causes, clear, next: clear ? null : (behind ?? nextQuestion(shares, seen, known)) };
}

/** What a likely cause still asks before it is taken as found; null when nothing. */
function askedOn(
  id: CauseId,
  { answers, signs, stage = stageOfSigns(signs) }: Seen,
): NextQuestion | null {
  const open = causeOf(id).asksOn?.find(
    (question) => answers[question] === undefined && within(stage, QUESTIONS[question].when),
  );
  return open ? { id: open, bits: 0 } : null;
}

/** The question with the most expected information among those that can be answered at this stage. */
function nextQuestion(
  shares: readonly number[],
  seen: Seen,
  { model, rules }: Known,
): NextQuestion | null {
  const { stage = stageOfSigns(seen.signs) } = seen;
  const open = QUESTION_IDS.filter(
    (id) => seen.answers[id] === undefined && within(stage, QUESTIONS[id].when),
  );
  const early = (id: QuestionId) =>
    model && (QUESTIONS[id] as Question).points?.(model) ? rules['fault.points'].value : 1;
  const [best] = open
    .map((id) => ({ id, bits: expectedBits(shares, answersGiven(id, model, rules)) }))
    .sort((a, b) => early(b.id) * b.bits - early(a.id) * a.bits);
  return best && best.bits >= rules['fault.tells'].value ? best : null;
}
