import type { Rules } from '../basis/rules';
import type { PlanResult } from '../plan/evaluatePlan';
import type { PlanModel } from '../plan/model/model';
import { MARGINS, type MarginId, type Margins } from '../risk/margins';
import type { Scatter } from '../risk/scatter';
import type { RunState } from '../run/fold';
import { asMeant } from './batch';
import type { Cause } from './cause';
import { CAUSES, CAUSE_IDS, causeOf, type CauseId } from './causes';
import { QUESTIONS, QUESTION_IDS, type Answers, type Question, type QuestionId } from './questions';

/** A piece of evidence for a cause, or against it where below 0. */
export interface Evidence {
  readonly from: 'usual' | 'plan' | 'run' | 'log' | 'sign' | 'answer';
  readonly says: string;
  /** Log-odds it adds. */
  readonly weight: number;
}

/** What is known of a batch before anybody is asked. Every part may be missing. */
export interface Known {
  readonly rules: Rules;
  readonly model: PlanModel | null;
  readonly margins: Margins | null;
  readonly byCause: Scatter['byCause'] | null;
  readonly run: RunState | null;
  readonly result: PlanResult | null;
  /** Causes that this kitchen found before, how often. */
  readonly found: Readonly<Partial<Record<CauseId, number>>>;
}

const clamp = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

/**
 * What a margin says of a cause that it holds back: for it where it is low, against it where there is to
 * spare. Never more for a better margin. Rule.
 * @example marginSpeaks(2, startingRules) // −0.89: a link with as much again to spare is hardly why
 */
export const marginSpeaks = (margin: number, rules: Rules): number =>
  clamp(
    rules['fault.margin'].value * Math.log(rules['risk.edge'].value / Math.max(0.05, margin)),
    rules['fault.marginMost'].value,
  );

/**
 * What the share of pieces that fail by a link says of its cause. Never less for a larger share. Rule.
 * @example scatterSpeaks(0.1, startingRules) // 0.66
 */
export const scatterSpeaks = (share: number, rules: Rules): number =>
  clamp(rules['fault.scatter'].value * Math.log((share + 0.004) / 0.02), 1);

const plenty = (margin: number, rules: Rules): string => {
  if (margin < 1) return 'too little';
  if (margin < rules['risk.edge'].value) return 'barely enough';
  return margin < 1.6 ? 'enough' : 'plenty';
};

const nameOf = (id: MarginId): string => MARGINS.find((margin) => margin.id === id)?.needs ?? id;

/** What a plan's own margins, and hands as they are, say of a cause. */
function ofMargins(cause: Cause, { rules, margins, byCause }: Known): Evidence[] {
  if (!margins) return [];
  const own = cause.margins.flatMap((id) => {
    const margin = margins[id];
    return margin === null ? [] : [{ id, margin }];
  });
  const found: Evidence[] = [];
  const [lowest] = own.sort((a, b) => a.margin - b.margin);
  if (lowest) {
    found.push({
      from: 'plan',
      says: `the plan has ${plenty(lowest.margin, rules)} of this: ${nameOf(lowest.id)}`,
      weight: marginSpeaks(lowest.margin, rules),
    });
  }
  if (byCause && own.length > 0) {
    const share = own.reduce((sum, { id }) => sum + (byCause[id] ?? 0), 0);
    found.push({
      from: 'plan',
      says:
        share < 0.005
          ? 'hands as they are, hardly a piece would fail by it'
          : `hands as they are, ${Math.max(1, Math.round(100 * share))} pieces in 100 would fail by it`,
      weight: scatterSpeaks(share, rules),
    });
  }
  return found;
}

/** What a plan says by itself to a question that nobody answered. */
interface Planned {
  readonly id: QuestionId;
  readonly answer: string;
  /** It is what is usual anyway. */
  readonly usual: boolean;
  readonly decided: boolean;
}

/** An answer as usual as this says nothing of this batch. */
const USUAL = 0.3;

const plannedAnswers = (answers: Answers, { model }: Known): Planned[] =>
  model
    ? QUESTION_IDS.filter((id) => answers[id] === undefined).map((id) => {
        const asked: Question = QUESTIONS[id];
        const answer = asked.truth(asMeant(model));
        const usual = asked.usual[answer]! > USUAL;
        return { id, answer, usual, decided: asked.decided ?? false };
      })
    : [];

/** A plan is not always kept to: what it decides speaks half as much against a cause as it would for one. */
const AGAINST = 0.5;

function ofPlanned(cause: Cause, planned: readonly Planned[], { rules }: Known): Evidence[] {
  const step = rules['fault.asPlanned'].value * rules['fault.answer'].value;
  return planned.flatMap(({ id, answer, usual, decided }): Evidence[] => {
    const steps = stepsFor(cause, id, answer);
    if (steps > 0 && !usual) {
      const says = `so it is planned: ${wordsOf(id, answer)}`;
      return [{ from: 'plan', says, weight: step * steps }];
    }
    if (steps < 0 && decided) {
      const says = `it is planned otherwise: ${wordsOf(id, answer)}`;
      return [{ from: 'plan', says, weight: AGAINST * step * steps }];
    }
    return [];
  });
}

/** Steps by which an answer speaks for a cause. */
export const stepsFor = (cause: Cause, id: QuestionId, answer: string): number =>
  (cause.answers[id] as Readonly<Record<string, number>> | undefined)?.[answer] ?? 0;

/** An answer as it is tapped, in running words. */
export const wordsOf = (id: QuestionId, answer: string): string => {
  const words = (QUESTIONS[id].answers as Readonly<Record<string, string>>)[answer] ?? answer;
  return words.charAt(0).toLowerCase() + words.slice(1);
};

function ofRun(cause: Cause, { run, result, rules, model }: Known): Evidence[] {
  if (!run || !result || !model) return [];
  const spoken = cause.inRun?.({ run, result, pantry: model.basis.pantry });
  if (!spoken || spoken.steps === 0) return [];
  return [
    {
      from: 'run',
      says: spoken.steps > 0 ? spoken.says : `the bench noted nothing of this: ${spoken.says}`,
      weight: rules['fault.run'].value * spoken.steps,
    },
  ];
}

/** Shares of the causes as they are usual, before this batch. */
const usualOf = (rules: Rules): Readonly<Record<CauseId, number>> => {
  const weights = CAUSE_IDS.map((id) => Math.exp(rules[`fault.usual.${CAUSES[id].usual}`].value));
  const sum = weights.reduce((a, b) => a + b, 0);
  return Object.fromEntries(CAUSE_IDS.map((id, i) => [id, weights[i]! / sum])) as Record<
    CauseId,
    number
  >;
};

/**
 * Everything that speaks for or against each cause before signs and answers: what is usual, the plan, the
 * run, and what this kitchen found before.
 */
export function evidenceBefore(
  answers: Answers,
  known: Known,
): Readonly<Record<CauseId, readonly Evidence[]>> {
  const { rules, found } = known;
  const planned = plannedAnswers(answers, known);
  const usual = usualOf(rules);
  const batches = Object.values(found).reduce((sum, n) => sum + n, 0);
  const beside = rules['fault.log'].value;
  return Object.fromEntries(
    CAUSE_IDS.map((id) => {
      const cause = causeOf(id);
      const before = usual[id];
      const times = found[id] ?? 0;
      const now = (beside * before + times) / (beside + batches);
      const evidence: Evidence[] = [
        { from: 'usual', says: `it goes wrong so ${cause.usual}`, weight: Math.log(before) },
        ...ofMargins(cause, known),
        ...ofPlanned(cause, planned, known),
        ...ofRun(cause, known),
      ];
      if (batches > 0) {
        evidence.push({
          from: 'log',
          says:
            times === 0
              ? 'never found in this kitchen'
              : times === 1
                ? 'found in this kitchen once before'
                : `found in this kitchen ${times} times before`,
          weight: Math.log(now / before),
        });
      }
      return [id, evidence];
    }),
  ) as unknown as Record<CauseId, readonly Evidence[]>;
}
