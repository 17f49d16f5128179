import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { figureText, formatFigure } from '../units/format';
import { METRIC } from '../units/units';
import { evaluatePlan } from '../plan/evaluatePlan';
import { familyOf } from '../shapes/families';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import type { LogEntry } from '../log/logEntry';
import { benchOf } from './bench';
import { bowlsOf } from './bowls';
import { runEventSchema, STEP_IDS, type Happening, type RunEvent, type StepId } from './events';
import { evidenceOf } from './evidence';
import { foldRun } from './fold';
import { runLedger } from './ledger';
import { liveOf } from './live';
import { behind, meanwhileOf, stepNow, STEPS, stepsOf } from './steps/steps';
import type { Bench } from './steps/step';
import { summaryOf } from './summary';
import { entryOfRun, eventsOfEntry } from './writtenDown';
import { startingBasis } from '../basis/basis';

const plan = planWith({ batch: { ...planWith().batch, portions: 24 } });
const result = evaluatePlan(plan, startingBasis);

const told = (...happenings: Happening[]): RunEvent[] => eventsFrom(happenings);
const run = (...happenings: Happening[]) => foldRun(told(...happenings));

const sheet = (pieces: number, more = {}): Happening => ({
  kind: 'sheetDone',
  pieces,
  torn: false,
  ...more,
});

describe('events', () => {
  it.each([
    [{ kind: 'sheetDone', pieces: -1 }, /Pieces must be a whole number from 0 to 20000/],
    [{ kind: 'weighed', what: 'dough', g: NaN }, /Weight must be a number from 0 to 200000 g/],
    [{ kind: 'weighed', what: 'gold', g: 1 }, /What was weighed must be one of/],
    [{ kind: 'burst', how: 'shy', pieces: 1 }, /How must be one of/],
    [{ kind: 'pictured', image: 'javascript:alert(1)' }, /Picture must be an image/],
    [{ kind: 'finished', madeOn: '24/11/2026' }, /Date must be a day/],
    [{ kind: 'sheetDone', pieces: 1, extra: 1 }, /extra/],
  ])('%j is refused by name', (happening, message) => {
    const [event] = told(happening as Happening);
    const read = runEventSchema.safeParse(event);
    expect(read.success).toBe(false);
    expect(read.error?.issues.map((issue) => issue.message).join(' ')).toMatch(message);
  });

  it('a time that is none, and an id that is none, are refused', () => {
    const [event] = told({ kind: 'begun' });
    expect(runEventSchema.safeParse({ ...event, at: 'noon' }).success).toBe(false);
    expect(runEventSchema.safeParse({ ...event, id: '7' }).success).toBe(false);
  });
});

describe('the fold', () => {
  const some = told(
    { kind: 'begun' },
    { kind: 'stepDone', step: 'weigh' },
    sheet(16),
    sheet(15),
    { kind: 'burst', how: 'lip', pieces: 2 },
    { kind: 'burst', how: 'hardEdge', pieces: 3 },
    { kind: 'weighed', what: 'doses', g: 30, n: 3 },
    { kind: 'measured', test: 'thicknessMm', value: 0.85 },
    { kind: 'changed', doseG: 9 },
    { kind: 'left', what: 'dough', g: 20 },
    { kind: 'left', what: 'dough', g: 24 },
    { kind: 'finished', madeOn: '2026-09-02' },
  );

  it('adds up what happened', () => {
    expect(foldRun(some)).toMatchObject({
      status: 'finished',
      madeOn: '2026-09-02',
      cooks: ['Runa'],
      pieces: 31,
      lost: 2,
      doses: { n: 3, g: 10 },
      measured: { thicknessMm: 0.85 },
      now: { doseG: 9 },
      left: { doughG: 24, fillingG: null },
    });
  });

  it('comes to one state in any order, however often each event comes', () => {
    const withBacks = [
      ...some,
      ...eventsFrom(
        [
          { kind: 'takenBack', event: some[3]!.id },
          { kind: 'takenBack', event: some[4]!.id },
        ],
        9,
      ),
    ];
    const one = JSON.stringify(foldRun(withBacks), (_key, value: unknown) =>
      value instanceof Set || value instanceof Map ? [...value] : value,
    );
    fc.assert(
      fc.property(
        fc.shuffledSubarray(withBacks, { minLength: withBacks.length }),
        fc.array(fc.constantFrom(...withBacks), { maxLength: 20 }),
        (shuffled, again) => {
          const other = JSON.stringify(foldRun([...again, ...shuffled]), (_key, value: unknown) =>
            value instanceof Set || value instanceof Map ? [...value] : value,
          );
          expect(other).toBe(one);
        },
      ),
    );
  });

  it('takes back, and takes the taking back back', () => {
    const [first, second] = told(sheet(16), sheet(16));
    const [back] = eventsFrom([{ kind: 'takenBack', event: second!.id }], 2);
    const [forth] = eventsFrom([{ kind: 'takenBack', event: back!.id }], 3);
    expect(foldRun([first!, second!, back!]).pieces).toBe(16);
    expect(foldRun([first!, second!, back!, forth!]).pieces).toBe(32);
    // Two devices that take the same back take it back once.
    const [too] = eventsFrom([{ kind: 'takenBack', event: second!.id }], 4);
    expect(foldRun([first!, second!, back!, too!]).pieces).toBe(16);
  });

  it('ends where things take each other back in a ring, and with long chains', () => {
    const [a, b] = eventsFrom([{ kind: 'begun' }, { kind: 'begun' }], 5) as [RunEvent, RunEvent];
    const ring = [
      { ...a, kind: 'takenBack', event: b.id },
      { ...b, kind: 'takenBack', event: a.id },
    ] as RunEvent[];
    expect(foldRun(ring).events).toEqual([]);
    const chain = eventsFrom(
      Array.from({ length: 20_000 }, () => sheet(1)),
      6,
    ).map((event, i, all) =>
      i === 0 ? event : ({ ...event, kind: 'takenBack', event: all[i - 1]!.id } as RunEvent),
    );
    expect(foldRun(chain).pieces).toBe(0);
    expect(foldRun(chain.slice(0, -1)).pieces).toBe(1);
  });

  it('runs clocks from when they were set until they are stopped', () => {
    const [set, other] = told(
      { kind: 'timerSet', timer: 'rest', minutes: 30 },
      { kind: 'timerSet', timer: 'open', minutes: 8 },
    );
    const [stop] = eventsFrom([{ kind: 'timerStopped', timerEvent: other!.id }], 2);
    const { timers } = foldRun([set!, other!, stop!]);
    expect(timers).toHaveLength(1);
    expect(Date.parse(timers[0]!.endsAt) - Date.parse(timers[0]!.startedAt)).toBe(30 * 60_000);
  });
});

describe('the bowls in the middle', () => {
  it('stand as planned while nothing was measured', () => {
    const bowls = bowlsOf(result, run({ kind: 'begun' }));
    expect(bowls.dough).toMatchObject({ known: 'planned', inG: result.dough.totalG });
    expect(bowls.more).toBeGreaterThanOrEqual(result.pieces - 1);
  });

  it('a doser who is over runs out of filling sooner', () => {
    const doseG = 1.15 * plan.shape.doseG;
    const state = run(sheet(12), { kind: 'weighed', what: 'doses', g: 6 * doseG, n: 6 });
    const bowls = bowlsOf(result, state);
    expect(bowls.dose).toMatchObject({ aim: plan.shape.doseG, comesOut: expect.closeTo(doseG, 9) });
    expect(bowls.filling.gives).toBeLessThan((result.pieces - 12) / 1.12);
  });

  it('a bowl weighed in the middle says what a piece takes, and is counted down from', () => {
    const inG = result.filling.totalG;
    const state = run(sheet(20), { kind: 'weighed', what: 'fillingLeft', g: inG - 240 }, sheet(10));
    const { filling } = bowlsOf(result, state);
    expect(filling.known).toBe('weighed');
    expect(filling.perPieceG).toBeCloseTo(12, 9);
    expect(filling.leftG).toBeCloseTo(inG - 240 - 120, 6);
  });

  it('a changed dose is what comes from then on', () => {
    const state = run(
      sheet(12),
      { kind: 'weighed', what: 'doses', g: 36, n: 3 },
      { kind: 'changed', doseG: 9 },
    );
    // A hand that dosed 20 % over goes on so: what it aims for is not what comes of it.
    expect(bowlsOf(result, state).dose).toMatchObject({
      aim: 9,
      comesOut: expect.closeTo((9 * 12) / plan.shape.doseG, 9),
    });
    const weighed = run(
      sheet(12),
      { kind: 'weighed', what: 'doses', g: 36, n: 3 },
      { kind: 'changed', doseG: 9 },
      { kind: 'weighed', what: 'doses', g: 27, n: 3 },
    );
    expect(bowlsOf(result, weighed).dose).toMatchObject({ aim: 9, comesOut: 9 });
  });
});

describe('live corrections', () => {
  const live = (...happenings: Happening[]) =>
    liveOf(result, run(...happenings), {
      roller: plan.sheet.roller,
      thicknessBandMm: familyOf(plan.shape.family).thicknessBandMm,
      eggsPerG: 3 / 500,
      rules: startingRules,
    });

  it('ask for nothing while both bowls end together', () => {
    expect(live(sheet(result.layout.pieces)).short).toBeNull();
    expect(live(sheet(result.layout.pieces)).changes).toEqual([]);
  });

  it('an overfilled first sheet: less in each, or the rest as ribbons', () => {
    const over = live(sheet(result.layout.pieces), {
      kind: 'weighed',
      what: 'doses',
      g: 3 * 1.2 * plan.shape.doseG,
      n: 3,
    });
    expect(over.short).toBe('filling');
    expect(over.changes.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['dose', 'ribbons', 'moreFilling']),
    );
    const dose = over.changes.find(({ id }) => id === 'dose')!;
    expect(dose.to).toBeLessThan(over.bowls.dose.aim);
    expect(dose.comesOut).toBeCloseTo(1.2 * dose.to, 6);
    expect(dose.pieces).toBeGreaterThan(over.pieces);
  });

  it('sheets that come out thick: more dough, in whole eggs', () => {
    const thick = live(sheet(result.layout.pieces), {
      kind: 'measured',
      test: 'thicknessMm',
      value: 1.25 * plan.sheet.thicknessMm,
    });
    expect(thick.short).toBe('dough');
    const more = thick.changes.find(({ id }) => id === 'moreDough')!;
    expect(Number.isInteger(more.eggs)).toBe(true);
    // As many whole eggs as cover what is short, and no egg more.
    const eachG = 500 / 3;
    expect(more.to).toBe(Math.round(more.eggs! * eachG));
    const needG =
      (thick.bowls.filling.leftG / thick.bowls.filling.perPieceG) * thick.bowls.dough.perPieceG;
    const shortG = needG - (thick.bowls.dough.leftG - result.leftover.doughG);
    expect(more.eggs! * eachG).toBeGreaterThan(0.9 * shortG);
    expect((more.eggs! - 1) * eachG).toBeLessThan(shortG);
    expect(more.pieces).toBeGreaterThan(thick.pieces);
  });

  it('a twentieth of an egg short is no egg, and what is over is a plate of ribbons for every 100 g', () => {
    const withEggs = (eggsPerG: number) => {
      const thick: Happening[] = [
        sheet(result.layout.pieces),
        { kind: 'measured', test: 'thicknessMm', value: 1.25 * plan.sheet.thicknessMm },
      ];
      return liveOf(result, run(...thick), {
        roller: plan.sheet.roller,
        thicknessBandMm: familyOf(plan.shape.family).thicknessBandMm,
        eggsPerG,
        rules: startingRules,
      }).changes.find(({ id }) => id === 'moreDough')!;
    };
    const needG = withEggs(0).to;
    expect(withEggs(0).eggs).toBeNull();
    expect(withEggs(2.03 / needG).eggs).toBe(2);
    expect(withEggs(2.07 / needG).eggs).toBe(3);
    expect(withEggs(2.07 / needG).to).toBe(Math.round(3 / (2.07 / needG)));
  });

  it('what is adopted comes to what was quoted', () => {
    const before: Happening[] = [
      sheet(result.layout.pieces),
      { kind: 'weighed', what: 'doses', g: 3 * 1.2 * plan.shape.doseG, n: 3 },
    ];
    for (const { id, happening, pieces } of live(...before).changes) {
      if (id === 'ribbons') continue;
      const after = live(...before, happening);
      expect(Math.abs(after.pieces - pieces)).toBeLessThanOrEqual(1);
    }
  });
});

describe('the ledger', () => {
  it('closes: what went in is in pieces, left, trim, or said not to add up', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (pieces, g, trim) => {
          const state = run(
            { kind: 'counted', pieces },
            { kind: 'left', what: 'dough', g },
            { kind: 'left', what: 'filling', g: trim },
            { kind: 'left', what: 'trim', g: trim },
          );
          for (const each of Object.values(runLedger(result, state))) {
            expect(each.inPiecesG + each.leftG + each.trimG + each.unexplainedG).toBeCloseTo(
              each.inG,
              6,
            );
          }
        },
      ),
    );
  });

  it('weighs pieces where they were weighed', () => {
    const state = run(
      { kind: 'counted', pieces: 50 },
      { kind: 'weighed', what: 'pieces', g: 160, n: 10 },
    );
    const { dough } = runLedger(result, state);
    expect(dough).toMatchObject({ eachKnown: 'weighed', eachG: 16 - plan.shape.doseG });
  });
});

describe('the steps', () => {
  const bench = (...happenings: Happening[]): Bench => {
    return benchOf(plan, result, {
      state: run(...happenings),
      rules: startingBasis.rules,
      write: (value, unit) => figureText(value, unit, METRIC),
      split: (value, unit) => formatFigure(value, unit, METRIC),
    });
  };

  it('come in the order of the work, and each says what to do', () => {
    const steps = stepsOf(bench());
    expect(steps.map(({ id }) => id)).toEqual(
      STEP_IDS.filter((id) => steps.some((step) => step.id === id)),
    );
    for (const step of steps) {
      const shown = step.show(bench());
      expect(shown.does).not.toBe('');
      expect(shown.asks).not.toBe('');
      expect(JSON.stringify(shown)).not.toMatch(/NaN|undefined|Infinity/);
    }
  });

  it('go on as each is done, and end at looking back', () => {
    expect(stepNow(bench()).id).toBe('weigh');
    expect(stepNow(bench({ kind: 'stepDone', step: 'weigh' })).id).toBe('knead');
    const all = STEP_IDS.map((step): Happening => ({ kind: 'stepDone', step }));
    expect(stepNow(bench(...all))).toBe(STEPS.close);
  });

  it('go back to none that a later one needed, whoever forgot to tick it', () => {
    const done = (...steps: StepId[]) =>
      steps.map((step): Happening => ({ kind: 'stepDone', step }));
    // Sheets are rolled until the last one is filled: nothing else says that rolling is over.
    const before = ['weigh', 'knead', 'rest', 'filling', 'cool', 'portion'] as const;
    expect(stepNow(bench(...done(...before))).id).toBe('roll');
    expect(stepNow(bench(...done(...before, 'fill'))).id).toBe('trays');
    // A filling is no part of a portion of dough, and is still to be made; a sheet that is filled had one.
    expect(stepNow(bench(...done('portion'))).id).toBe('filling');
    expect(stepNow(bench(...done('fill'))).id).toBe('trays');
    expect([...behind({ done: new Set<StepId>(['fill']) })].sort()).toEqual(
      [...before, 'roll', 'fill'].sort(),
    );
  });

  it('stand at an open sheet for as long as it dries', () => {
    const down: Happening = { kind: 'timerSet', timer: 'open', minutes: 9 };
    expect(stepNow(bench({ kind: 'stepDone', step: 'weigh' }, down)).id).toBe('fill');
    expect(stepNow(bench({ kind: 'stepDone', step: 'fill' }, down)).id).toBe('trays');
  });

  it('offer the filling while the dough rests', () => {
    expect(meanwhileOf(bench()).map(({ id }) => id)).toEqual([]);
    const resting = bench({ kind: 'timerSet', timer: 'rest', minutes: 30 });
    expect(meanwhileOf(resting).map(({ id }) => id)).toContain('filling');
  });

  it('roll the ladder rung by rung, by the dial', () => {
    const [first, second] = result.ladder.rungs;
    expect(STEPS.roll.show(bench()).figure?.text).toBe(first!.label);
    const once = bench({ kind: 'ticked', step: 'roll', item: '1.0' });
    expect(STEPS.roll.show(once).figure?.text).toBe(second!.label);
  });

  it('a round of the pot is what the pot takes, and no more than is left', () => {
    const takes = result.boil.rounds.pieces;
    const all: Happening = { kind: 'counted', pieces: 3 * takes };
    expect(STEPS.boil.show(bench(all)).asks).toBe(`Out: ${takes} pieces`);
    const most: Happening = { kind: 'roundDone', pieces: 3 * takes - 1 };
    expect(STEPS.boil.show(bench(all, most)).asks).toBe('Out: 1 piece');
    expect(STEPS.boil.show(bench(all, most, { kind: 'roundDone', pieces: 1 })).asks).toBe(
      'All are boiled',
    );
  });

  it('a round that is out goes to the plates before the next goes into the pot', () => {
    const made: Happening[] = [
      { kind: 'counted', pieces: result.counts.made },
      ...['fill', 'hold'].map((step): Happening => ({ kind: 'stepDone', step: step as StepId })),
    ];
    const out: Happening = { kind: 'roundDone', pieces: 6 };
    expect(stepNow(bench(...made)).id).toBe('boil');
    expect(stepNow(bench(...made, out)).id).toBe('plate');
    const inPot: Happening = { kind: 'timerSet', timer: 'boil', minutes: 4 };
    expect(stepNow(bench(...made, out, inPot)).id).toBe('boil');
    const plated: Happening = { kind: 'ticked', step: 'plate', item: 'round-1' };
    expect(stepNow(bench(...made, out, plated)).id).toBe('boil');
  });

  it('says at the plates how many, how long in the sauce, and by when', () => {
    const shown = STEPS.plate.show(bench({ kind: 'roundDone', pieces: 12 }));
    expect(shown.figure?.unit).toMatch(/^plates?$/);
    expect(shown.does).toContain('1 min in the sauce');
    expect(shown.timer).toMatchObject({ timer: 'sauce', minutes: plan.boil.sauceMin });
    expect(shown.says.join(' ')).toContain('Serve within 10 min');
    expect(shown.lines[0]).toMatchObject({
      item: 'round-1',
      name: expect.stringMatching(/12 pieces/),
    });
  });

  it('has no plates where everything is kept back for another day', () => {
    const kept: Happening = { kind: 'stepDone', step: 'boil' };
    expect(stepsOf(bench(kept)).map(({ id }) => id)).not.toContain('plate');
    expect(stepNow(bench(kept)).id).toBe('close');
  });

  it('the last sheet asks for no more pieces than the batch wants', () => {
    const nearly = bench({ kind: 'counted', pieces: result.pieces - 3 });
    expect(STEPS.fill.show(nearly).asks).toMatch(/: 3 pieces/);
  });
});

describe('a batch written down afterwards', () => {
  const entry: LogEntry = {
    id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d9901',
    madeOn: '2026-09-02',
    cook: 'Runa',
    pieces: 40,
    burst: 3,
    doughLeftG: 12,
    fillingLeftG: 30,
    thicknessMm: 0.9,
    doseG: 10.4,
    note: 'Edge a little hard.',
  };
  const written = eventsOfEntry(entry, {
    at: '2026-09-02T12:00:00.000Z',
    idOf: (part) => `part-${part}`,
  });

  it('comes back as it was written', () => {
    expect(entryOfRun(entry.id, foldRun(written), 'UTC')).toEqual(entry);
  });

  it('teaches what it says: doses and sheets', () => {
    const evidence = evidenceOf(plan, foldRun(written), startingBasis);
    expect(
      Object.fromEntries(evidence.map(({ quantity, value }) => [quantity, value])),
    ).toMatchObject({
      dosed: 10.4 / plan.shape.doseG,
      thicker: 0.9 / plan.sheet.thicknessMm,
    });
  });

  it('teaches nothing when it is left out, struck or not finished', () => {
    const and = (happening: Happening) => foldRun([...written, ...eventsFrom([happening], 8)]);
    expect(evidenceOf(plan, and({ kind: 'leftOut' }), startingBasis)).toEqual([]);
    expect(evidenceOf(plan, and({ kind: 'struck' }), startingBasis)).toEqual([]);
    expect(evidenceOf(plan, foldRun(written.slice(0, -1)), startingBasis)).toEqual([]);
  });

  it('is summed up for lists', () => {
    expect(summaryOf(plan, foldRun(written), startingBasis)).toMatchObject({
      status: 'finished',
      pieces: 40,
      lost: 3,
      note: 'Edge a little hard.',
      planned: { pieces: result.pieces },
    });
  });
});
