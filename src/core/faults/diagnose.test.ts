import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { startingRules, withRules } from '../basis/rules';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import { foldRun } from '../run/fold';
import { modelOf } from '../risk/modelOf';
import { cardBack } from './cardBack';
import { CAUSE_IDS, causeOf, type CauseId } from './causes';
import { diagnose, NOTHING_KNOWN, type Seen } from './diagnose';
import { marginSpeaks, scatterSpeaks, stepsFor } from './evidence';
import { knownOf } from './known';
import { DONT_KNOW, QUESTIONS, QUESTION_IDS, type Answers } from './questions';
import { faultReport } from './report';
import { SIGN_IDS } from './signs';

const chanceOf = (told: ReturnType<typeof diagnose>, id: CauseId): number =>
  told.causes.find((cause) => cause.id === id)!.probability;

const anySigns = fc.uniqueArray(fc.constantFrom(...SIGN_IDS), { minLength: 1, maxLength: 3 });
const anyAnswers: fc.Arbitrary<Answers> = fc
  .uniqueArray(fc.constantFrom(...QUESTION_IDS), { maxLength: 5 })
  .chain((ids) =>
    fc.tuple(
      ...ids.map((id) =>
        fc
          .constantFrom(...Object.keys(QUESTIONS[id].answers), DONT_KNOW)
          .map((answer) => [id, answer] as const),
      ),
    ),
  )
  .map((pairs) => Object.fromEntries(pairs));

it('a room measured above 26 °C speaks for a warm room, and one below does not', () => {
  const chanceAt = (value: number) =>
    chanceOf(
      diagnose(
        { signs: ['sticky'], answers: {} },
        knownOf({
          plan: planWith(),
          run: foldRun(eventsFrom([{ kind: 'measured', test: 'roomC', value }])),
          basis: startingBasis,
        }),
      ),
      'warmRoom',
    );
  expect(chanceAt(27)).toBeGreaterThan(1.8 * chanceAt(25));
});

describe('from signs to causes', () => {
  it('gives probabilities that sum to one, the likeliest first', () => {
    fc.assert(
      fc.property(anySigns, anyAnswers, (signs, answers) => {
        const { causes } = diagnose({ signs, answers }, NOTHING_KNOWN);
        const sum = causes.reduce((total, { probability }) => total + probability, 0);
        expect(sum).toBeCloseTo(1, 9);
        expect(causes).toHaveLength(CAUSE_IDS.length);
        for (let i = 1; i < causes.length; i += 1)
          expect(causes[i]!.probability).toBeLessThanOrEqual(causes[i - 1]!.probability);
      }),
      { numRuns: 60 },
    );
  });

  it('never lowers a cause by an answer that speaks for it as no other does', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CAUSE_IDS), anySigns, anyAnswers, (id, signs, answers) => {
        for (const question of QUESTION_IDS) {
          if (answers[question] !== undefined) continue;
          for (const answer of Object.keys(QUESTIONS[question].answers)) {
            const own = stepsFor(causeOf(id), question, answer);
            const most = Math.max(
              ...CAUSE_IDS.map((each) => stepsFor(causeOf(each), question, answer)),
            );
            if (own <= 0 || own < most) continue;
            const before = diagnose({ signs, answers }, NOTHING_KNOWN);
            const after = diagnose(
              { signs, answers: { ...answers, [question]: answer } },
              NOTHING_KNOWN,
            );
            expect(chanceOf(after, id)).toBeGreaterThanOrEqual(chanceOf(before, id) - 1e-9);
            expect(
              after.causes
                .find((cause) => cause.id === id)!
                .against.filter(({ from, says }) => from === 'answer' && says === answer),
            ).toEqual([]);
          }
        }
      }),
      { numRuns: 12 },
    );
  });

  it('says of every answer the same as what it does to the cause', () => {
    const seen = { signs: ['wetPatches' as const], answers: { stood: 'longer' } };
    const [first] = diagnose(seen, NOTHING_KNOWN).causes;
    expect(first).toMatchObject({ id: 'heldTooLong' });
    expect(first!.for.map(({ from }) => from)).toContain('answer');
  });

  it('moves nothing by “I don’t know”, and does not ask it again', () => {
    const before = diagnose({ signs: ['pops'], answers: {} }, NOTHING_KNOWN);
    const asked = before.next!.id;
    const after = diagnose({ signs: ['pops'], answers: { [asked]: DONT_KNOW } }, NOTHING_KNOWN);
    expect(after.causes.map(({ probability }) => probability)).toEqual(
      before.causes.map(({ probability }) => probability),
    );
    expect(after.next?.id).not.toBe(asked);
  });

  it('stops asking once one cause is clear', () => {
    const told = diagnose(
      { signs: ['pops', 'floatsHigh'], answers: { bubble: 'air' } },
      NOTHING_KNOWN,
    );
    expect(told).toMatchObject({ clear: true, next: null });
    expect(told.causes[0]!.id).toBe('airLeft');
  });

  it('asks only what can be answered where the batch stands', () => {
    const at = (stage: 'dough' | 'end') =>
      diagnose({ signs: ['sticky'], answers: {}, stage }, NOTHING_KNOWN).next;
    expect(at('dough')!.id).toBe('wetFrom');
    // The dough is long gone: what is left to ask is what a cook remembers.
    expect(at('end')?.id).not.toBe('wetFrom');
  });
});

describe('what is known before', () => {
  it('weighs a margin less the more it has to spare', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (margin, more) => {
          expect(marginSpeaks(margin + more, startingRules)).toBeLessThanOrEqual(
            marginSpeaks(margin, startingRules),
          );
        },
      ),
    );
    expect(marginSpeaks(2, startingRules)).toBeCloseTo(-0.885, 3);
    expect(scatterSpeaks(0.1, startingRules)).toBeGreaterThan(scatterSpeaks(0.01, startingRules));
  });

  it('lets a plan with a narrow lip suspect the lip, and one with a wide lip not', () => {
    const shape = planWith().shape;
    const chance = (sizeMm: number) =>
      chanceOf(
        diagnose(
          { signs: ['opensAtLip'], answers: {} },
          knownOf({ plan: planWith({ shape: { ...shape, sizeMm } }), basis: startingBasis }),
        ),
        'overfilled',
      );
    expect(chance(48)).toBeGreaterThan(1.5 * chance(75));
  });

  it('hears what the plan says by itself', () => {
    const hold = planWith().hold;
    const chance = (surface: 'bare' | 'semolina') =>
      chanceOf(
        diagnose(
          { signs: ['sticksToTray'], answers: {} },
          knownOf({ plan: planWith({ hold: { ...hold, surface } }), basis: startingBasis }),
        ),
        'smoothSurface',
      );
    expect(chance('bare')).toBeGreaterThan(2 * chance('semolina'));
  });

  it('hears what the bench noted, for and against', () => {
    const plan = planWith();
    const run = (minutes: number) =>
      foldRun(
        eventsFrom(
          [
            { kind: 'stepBegun', step: 'boil' },
            { kind: 'roundDone', pieces: 10, minutes },
          ],
          1,
        ),
      );
    const chance = (minutes: number) =>
      chanceOf(
        diagnose(
          { signs: ['coldMiddle'], answers: {} },
          knownOf({ plan, run: run(minutes), basis: startingBasis }),
        ),
        'liftedEarly',
      );
    expect(chance(1)).toBeGreaterThan(chance(12));
  });

  it('leans on what this kitchen found before', () => {
    const chance = (found: Partial<Record<CauseId, number>>) =>
      chanceOf(
        diagnose({ signs: ['sticky'], answers: {} }, { ...NOTHING_KNOWN, found }),
        'bigEggs',
      );
    expect(chance({ bigEggs: 6 })).toBeGreaterThan(1.5 * chance({}));
    expect(chance({ bigEggs: 6 })).toBeGreaterThan(chance({ bigEggs: 3, warmRoom: 3 }));
  });

  it.each([
    'fault.usual.often',
    'fault.usual.sometimes',
    'fault.usual.seldom',
    'fault.shows.surely',
    'fault.shows.often',
    'fault.shows.seldom',
    'fault.shows.never',
    'fault.answer',
    'fault.misread',
    'fault.asPlanned',
    'fault.margin',
    'fault.marginMost',
    'fault.scatter',
    'fault.run',
    'fault.log',
  ] as const)('rests on the rule %s', (id) => {
    const plan = planWith({ hold: { ...planWith().hold, surface: 'bare' } });
    const run = foldRun(eventsFrom([{ kind: 'roundDone', pieces: 10, minutes: 20 }], 1));
    const told = (value: number) =>
      diagnose(
        { signs: ['sticksToTray', 'mushyFace'], answers: { stood: 'longer' } },
        {
          ...knownOf({ plan, run, found: { heldTooLong: 2 }, basis: startingBasis }),
          rules: withRules(startingRules, { [id]: value }),
        },
      ).causes.map(({ probability }) => probability.toFixed(6));
    const { value } = startingRules[id];
    expect(told(value + 0.09)).not.toEqual(told(value));
  });

  it('takes one cause as found, and asks no more, by two rules', () => {
    const told = (values: Parameters<typeof withRules>[1]) =>
      diagnose(
        { signs: ['pops'], answers: { bubble: 'air' } },
        { ...NOTHING_KNOWN, rules: withRules(startingRules, values) },
      );
    expect(told({ 'fault.clear': 0.999 }).clear).toBe(false);
    expect(told({ 'fault.clear': 0.5 }).clear).toBe(true);
    expect(told({ 'fault.clear': 0.999, 'fault.tells': 5 }).next).toBeNull();
  });
});

describe('the back of a bench card', () => {
  it('tells every sign once, with what is likeliest in this very plan', () => {
    const told = (surface: 'bare' | 'semolina') =>
      cardBack(planWith({ hold: { ...planWith().hold, surface } }), startingBasis).flatMap(
        ({ lines }) => lines,
      );
    expect(told('semolina').map(({ sign }) => sign)).toEqual(expect.arrayContaining([...SIGN_IDS]));
    expect(told('semolina')).toHaveLength(SIGN_IDS.length);
    const sticks = (surface: 'bare' | 'semolina') =>
      told(surface).find(({ sign }) => sign === 'sticksToTray')!.mostly[0];
    expect(sticks('bare')).toBe('Kept on a smooth, bare surface');
    expect(sticks('semolina')).not.toBe('Kept on a smooth, bare surface');
  });
});

describe('the report', () => {
  it('quotes what mends the plan, by working it out again', () => {
    const plan = planWith({ hold: { ...planWith().hold, air: 'none' } });
    const told = faultReport(
      { signs: ['pops'], answers: {} },
      knownOf({ plan, basis: startingBasis }),
    );
    const [first] = told.causes;
    expect(first).toMatchObject({ id: 'airLeft' });
    expect(first!.remedies[0]).toMatchObject({ kind: 'air', from: 'none' });
    expect(told.rescues.map(({ id }) => id)).toContain('prick');
    const open = faultReport(
      { signs: ['fillingLeft'], answers: {} },
      knownOf({ plan, basis: startingBasis }),
    );
    expect(open.question?.answers.at(-1)).toEqual({ id: DONT_KNOW, says: 'I don’t know' });
  });

  it('goes without a plan', () => {
    const told = faultReport(
      { signs: ['fillingLeft'], answers: {} },
      knownOf({ basis: startingBasis }),
    );
    expect(told.stage).toBe('end');
    expect(told.causes.every(({ remedies }) => remedies.length === 0)).toBe(true);
    expect(knownOf({ basis: startingBasis }).model).toBeNull();
  });
});

describe('asks on, and early', () => {
  const on = (answers: Seen['answers'], signs: Seen['signs'] = ['opensAtLip']) =>
    diagnose({ signs, answers, stage: 'end' }, NOTHING_KNOWN);

  it('filling on the lip is not the end of it: dose and looseness are asked', () => {
    const smeared = { lip: 'filling', wetted: 'brush', stoodOpen: 'short', centred: 'middle' };
    const first = on(smeared);
    expect(first.clear).toBe(false);
    expect(['dose', 'mound']).toContain(first.next?.id);
    expect(on({ ...smeared, dose: 'heavier' }).causes[0]!.id).toBe('overfilled');
    const settled = on({ ...smeared, dose: 'asSaid', mound: 'stands' });
    expect(settled.causes[0]!.id).toBe('fillingOnLip');
  });

  it('a cold middle from frozen is its own cause, apart from lifting too soon', () => {
    const cold = on({ frozen: 'hard', lifted: 'planned', pot: 'trembling' }, ['coldMiddle']);
    expect(cold.causes[0]!.id).toBe('boiledAsFresh');
    const fresh = on({ frozen: 'fresh', lifted: 'floating' }, ['coldMiddle']);
    expect(fresh.causes[0]!.id).toBe('liftedEarly');
  });

  it('an over-worked dough springs back however long it rested', () => {
    const worked = on({ kneaded: 'long', rested: 'jumps', speed: 'even' }, ['springsBack']);
    expect(worked.causes[0]!.id).toBe('overworked');
  });

  it('asks of the pot sooner where the plan boils hard', () => {
    const asked = (style: 'simmer' | 'rolling') => {
      const plan = planWith({ boil: { style } } as never);
      const model = modelOf(plan, startingBasis);
      const order: string[] = [];
      let answers: Seen['answers'] = {};
      for (let i = 0; i < 8; i += 1) {
        const { next } = diagnose(
          { signs: ['opensAtLip'], answers, stage: 'end' },
          { ...NOTHING_KNOWN, model },
        );
        if (!next) break;
        order.push(next.id);
        answers = { ...answers, [next.id]: DONT_KNOW };
      }
      const at = order.indexOf('pot');
      return at < 0 ? 99 : at;
    };
    expect(asked('rolling')).toBeLessThanOrEqual(asked('simmer'));
    expect(asked('rolling')).toBeLessThan(99);
  });
});
