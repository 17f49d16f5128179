import { startingBasis } from '@/core/basis/basis';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { MARGIN_IDS } from '@/core/risk/margins';
import { planWith } from '@/core/testing/plans';
import { figureText, type WriteFigure } from '@/core/units/format';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { MARGIN_FIGURES, MARGIN_NAMES, marginText, spareWords } from './marginWords';

const metric: WriteFigure = (value, unit) => figureText(value, unit, METRIC);
const inches: WriteFigure = (value, unit) => figureText(value, unit, US_CUSTOMARY);
const title = (plan: Plan, id: (typeof MARGIN_IDS)[number], write = metric) =>
  marginText(id, evaluatePlan(plan, startingBasis), write).title;
const wet = {
  ...planWith().filling,
  parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
};

describe('what a margin leaves, in words', () => {
  it.each([
    [9, 'ample'],
    [2, 'twice over'],
    [1.5, 'half again to spare'],
    [1.15, 'a little to spare'],
    [1.05, 'opens at a slip of the hand'],
    [0.95, 'just short'],
    [0.7, 'a third short'],
    [0.5, 'half of what it needs'],
    [0, 'far short'],
  ])('%s of a lip: %s', (margin, words) => expect(spareWords('lip', margin)).toBe(words));

  it('says no number, and every link on the edge in its own way', () => {
    const slips = MARGIN_IDS.map((id) => spareWords(id, 1.05));
    expect(new Set(slips).size).toBe(MARGIN_IDS.length);
    for (const id of MARGIN_IDS) {
      for (const margin of [0.2, 0.6, 0.8, 0.95, 1.05, 1.2, 1.3, 1.5, 1.7, 2, 3, 9]) {
        expect(spareWords(id, margin)).not.toMatch(/\d/);
      }
    }
  });
});

describe('a margin in figures', () => {
  it('says what there is and what it needs, in the reader’s units', () => {
    expect(title(planWith(), 'lip')).toBe('Lip 10.2 mm, needs 4.8');
    expect(title(planWith(), 'lip', inches)).toMatch(/^Lip 0\.40 in, needs 0\.19$/);
    expect(title(planWith(), 'thinning')).toMatch(/over the top, tears at 0\.35$/);
    expect(title(planWith(), 'open')).toMatch(/^A sheet stays open .* min, takes .* min$/);
    expect(title(planWith(), 'face')).toMatch(/^Skin stands .* in the pot, needs /);
  });

  it('says no lip where the mound runs past the edge', () => {
    const { title: words, says } = marginText(
      'lip',
      evaluatePlan(planWith({ shape: { doseG: 60 } }), startingBasis),
      metric,
    );
    expect([words, says]).toEqual([
      'No lip at all',
      'The settled mound runs past the edge: it cannot seal.',
    ]);
  });

  it('says of a hold how long it keeps, what comes too early, and why', () => {
    const on = (minutes: number, place: 'bench' | 'fridge' | 'freezer', filling = wet) =>
      title(planWith({ filling, hold: { surface: 'bare', phases: [{ place, minutes }] } }), 'seep');
    expect(on(30, 'fridge')).toMatch(/^Keeps .*, you need 30 min$/);
    expect(on(600, 'fridge')).toMatch(/^Tacky .* before the pot$/);
    expect(on(300, 'bench', planWith().filling)).toMatch(/ past the safe limit$/);
    expect(on(9000, 'freezer')).toBe('Keeps as long as it is frozen');
  });

  it('names what fails, not that it is a link', () => {
    const dry = planWith({ hold: { medium: 'dry', faces: 'floured', air: 'none' } });
    expect(title(dry, 'seal')).toBe('Faces that will not join');
    expect(title(dry, 'burst')).toBe('Air splits it in the pot');
    expect(title(planWith(), 'burst')).toBe('Air in the pot');
  });

  it('has a name and a figure with a working for every link', () => {
    const { working } = evaluatePlan(planWith(), startingBasis);
    for (const id of MARGIN_IDS) {
      expect(MARGIN_NAMES[id]).toBeTruthy();
      expect(working[MARGIN_FIGURES[id]].formula).toBeTruthy();
    }
  });
});
