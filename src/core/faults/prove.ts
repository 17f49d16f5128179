import { startingBasis } from '../basis/basis';
import type { Plan } from '../plan/document/schema';
import { CAUSE_IDS, type CauseId } from './causes';
import { diagnose, NOTHING_KNOWN } from './diagnose';
import { knownOf } from './known';
import type { Answers } from './questions';
import { causesOf, hiddenCase, type Proof } from './simulate';

const QUESTIONS_AT_MOST = 3;

/**
 * Puts every cause in turn into the plans, asks no more than three questions, and counts how often it is
 * found.
 * @param cases so many of each cause and plan
 */
export function prove(
  plans: readonly Plan[],
  { cases, seed }: { cases: number; seed: number },
): Proof {
  let [tried, first, three, chanceFirst, chanceThree, questions] = [0, 0, 0, 0, 0, 0];
  const mistaken = new Map<string, number>();
  const byCause: Partial<Record<CauseId, { tried: number; first: number }>> = {};
  plans.forEach((plan, p) => {
    const known = knownOf({ plan, basis: startingBasis }) ?? NOTHING_KNOWN;
    CAUSE_IDS.forEach((cause, c) => {
      for (let n = 0; n < cases; n += 1) {
        const hidden = hiddenCase(
          cause,
          plan,
          seed + 7919 * c + 104_729 * n + 1_299_709 * p,
          startingBasis,
        );
        if (!hidden) continue;
        let answers: Answers = {};
        let told = diagnose({ signs: [hidden.sign], answers }, known);
        for (let asked = 0; asked < QUESTIONS_AT_MOST && told.next; asked += 1) {
          answers = { ...answers, [told.next.id]: hidden.answer(told.next.id) };
          questions += 1;
          told = diagnose({ signs: [hidden.sign], answers }, known);
        }
        const place = told.causes.findIndex(({ id }) => id === cause);
        tried += 1;
        const own = (byCause[cause] ??= { tried: 0, first: 0 });
        own.tried += 1;
        if (place === 0) {
          first += 1;
          own.first += 1;
        } else {
          const key = `${cause} ${told.causes[0]!.id}`;
          mistaken.set(key, (mistaken.get(key) ?? 0) + 1);
        }
        if (place < 3) three += 1;
        const guesses = causesOf(hidden.sign);
        chanceFirst += guesses.includes(cause) ? 1 / guesses.length : 0;
        chanceThree += guesses.includes(cause) ? Math.min(1, 3 / guesses.length) : 0;
      }
    });
  });
  return {
    tried,
    first: first / tried,
    three: three / tried,
    chanceFirst: chanceFirst / tried,
    chanceThree: chanceThree / tried,
    questions: questions / tried,
    mistaken: [...mistaken]
      .map(([key, n]) => {
        const [cause, taken] = key.split(' ') as [CauseId, CauseId];
        return { cause, taken, n };
      })
      .sort((a, b) => b.n - a.n),
    byCause,
  };
}
