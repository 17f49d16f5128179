import { planWith } from '../testing/plans';
import { modelOf } from '../risk/modelOf';
import { startingBasis } from '../basis/basis';
import { asMeant } from './batch';
import { CAUSE_IDS, causeOf } from './causes';
import { QUESTIONS, QUESTION_IDS } from './questions';
import { RESCUES, rescuesFor } from './rescues';
import { SIGNS, SIGN_IDS, stageOfSigns } from './signs';
import { causesOf } from './simulate';
import { STAGES, within } from './stages';
import { WAY_IDS } from '../run/ways';
import { FEELS } from '../dough/feel';

describe('signs', () => {
  it.each(SIGN_IDS)('%s has causes, and what it looks like', (sign) => {
    expect(causesOf(sign).length).toBeGreaterThan(0);
    expect(SIGNS[sign].looks.length).toBeGreaterThan(20);
  });

  it('cover what the bench counts and what the hand feels', () => {
    const ways = SIGN_IDS.flatMap((id) => ('way' in SIGNS[id] ? [SIGNS[id].way] : []));
    // A burst that nobody saw is no sign of its own.
    expect([...ways].sort()).toEqual(WAY_IDS.filter((way) => way !== 'unsaid').sort());
    const feels = SIGN_IDS.flatMap((id) => ('feel' in SIGNS[id] ? [SIGNS[id].feel] : []));
    expect(FEELS.filter((feel) => !feels.includes(feel as never))).toEqual(['slack']);
  });

  it('are hardly shown by a batch that was made as a sound plan means it', () => {
    const batch = asMeant(modelOf(planWith(), startingBasis));
    for (const sign of SIGN_IDS)
      expect([sign, SIGNS[sign].shows(batch) < 0.35]).toEqual([sign, true]);
  });

  it('tell where the batch stands: the latest of them', () => {
    expect(stageOfSigns(['pops', 'sticky'])).toBe('pot');
    expect(stageOfSigns([])).toBe('end');
  });
});

describe('causes', () => {
  it.each(CAUSE_IDS)('%s shows a sign, is answered for, and says what to do', (id) => {
    const cause = causeOf(id);
    expect(Object.keys(cause.signs).length).toBeGreaterThan(0);
    const speaks = Object.values(cause.answers).some((steps) =>
      Object.values(steps).some((step) => step > 0),
    );
    expect(speaks).toBe(true);
    for (const words of [cause.does, cause.known, cause.now, cause.next])
      expect(words).toMatch(/^[A-Z“].{15,}[.]$/);
  });

  it('carry a caution where they, or mending them, can hurt', () => {
    const hurtful = /raw|boil|blade|knife|powered|thaw|hot water|meat|cold\b.*hours/i;
    for (const id of CAUSE_IDS) {
      const { now, next, caution, stage } = causeOf(id);
      const hurts = stage === 'pot' || /thermometer|needle|blade|thaw/i.test(`${now} ${next}`);
      if (hurts)
        expect([id, hurtful.test(caution ?? '') || caution !== undefined]).toEqual([id, true]);
    }
  });

  it('are spoken for by answers that their questions have', () => {
    for (const id of CAUSE_IDS) {
      for (const [question, steps] of Object.entries(causeOf(id).answers)) {
        const { answers } = QUESTIONS[question as keyof typeof QUESTIONS];
        for (const answer of Object.keys(steps)) expect(answers).toHaveProperty(answer);
      }
    }
  });
});

describe('questions', () => {
  it.each(QUESTION_IDS)('%s has usual shares that sum to 1, and tells causes apart', (id) => {
    const { answers, usual } = QUESTIONS[id];
    expect(Object.keys(usual)).toEqual(Object.keys(answers));
    expect(Object.values(usual).reduce((a: number, b: number) => a + b, 0)).toBeCloseTo(1, 9);
    expect(CAUSE_IDS.some((cause) => causeOf(cause).answers[id] !== undefined)).toBe(true);
  });

  it('are answered as usual by a batch that was made as meant', () => {
    const batch = asMeant(modelOf(planWith(), startingBasis));
    for (const id of QUESTION_IDS) {
      const { truth, usual } = QUESTIONS[id];
      const shares = usual as Readonly<Record<string, number>>;
      expect([id, shares[truth(batch)]! >= 0.2]).toEqual([id, true]);
    }
  });
});

describe('rescues', () => {
  it('stand for every sign that can be helped, at the stage where it is seen', () => {
    const without = SIGN_IDS.filter((sign) => rescuesFor([sign], SIGNS[sign].stage).length === 0);
    expect(without).toEqual([]);
  });

  it('end with what must never be done', () => {
    const given = rescuesFor(['coldMiddle'], 'plate');
    expect(given.map(({ id }) => id)).toEqual(['longer', 'doubleBoilNever']);
  });

  it('are no longer given once the stage is past', () => {
    expect(rescuesFor(['sticky'], 'end')).toEqual([]);
    expect(RESCUES.every(({ when: [from, to] }) => within(from, [from, to]))).toBe(true);
    expect(STAGES).toHaveLength(8);
  });
});
