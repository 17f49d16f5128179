import { startingPantry } from '../composition/pantry';
import { startingBasis } from '../basis/basis';
import { parsePlan } from '../plan/document/parsePlan';
import type { Plan } from '../plan/document/schema';
import { evaluatePlan } from '../plan/evaluatePlan';
import { benchTime } from '../plan/model/benchTime';
import { modelOf } from './modelOf';
import { planWith } from '../testing/plans';
import { MARGINS, marginsOf } from './margins';
import { applyChange } from './remedies';
import { size } from './remedies/size';

const overfull = planWith({
  shape: { ...planWith().shape, sizeMm: 50, doseG: 16, laid: 'spooned', finish: 'fork' },
});
const remediesOf = (plan: Plan) => evaluatePlan(plan, startingBasis).weakestLink.remedies;
const kinds = (plan: Plan) => [...new Set(remediesOf(plan).map(({ kind }) => kind))].sort();

describe('margins', () => {
  it('are capacity to demand, each of its own station', () => {
    const model = modelOf(planWith(), startingBasis);
    const { lip, thinning, open } = marginsOf(model);
    const { made } = model.piece;
    expect(lip).toBeCloseTo(made.lipMm / made.neededLipMm, 9);
    expect(thinning).toBeCloseTo(made.overTopMm / 0.35, 9);
    expect(open).toBeCloseTo(model.sheet.fill.openMin / model.sheet.fill.fillMin, 9);
    expect(new Set(MARGINS.map(({ id }) => id)).size).toBe(MARGINS.length);
  });

  it('cannot be told of a sheet that nothing is cut from', () => {
    const wide = planWith({ sheet: { widthMm: 45 } });
    expect(evaluatePlan(wide, startingBasis).margins.open).toBeNull();
    expect(evaluatePlan(wide, startingBasis).weakestLink.name).not.toBe('open');
  });
});

describe('remedies', () => {
  it('are each worth, once made, the margin and the cost they quote', () => {
    const before = evaluatePlan(overfull, startingBasis);
    expect(before.weakestLink.state).toBe('fails');
    expect(before.weakestLink.remedies.length).toBeGreaterThan(4);
    for (const remedy of before.weakestLink.remedies) {
      const plan = parsePlan(applyChange(overfull, remedy), startingPantry);
      const after = evaluatePlan(plan, startingBasis);
      expect(after.weakestLink).toMatchObject({ name: remedy.weakest });
      expect(after.weakestLink.margin).toBeCloseTo(remedy.margin, 9);
      expect(remedy.margin).toBeGreaterThan(before.weakestLink.margin);
      expect(remedy.cost.pieces).toBe(after.pieces - before.pieces);
      expect(remedy.cost.doughG).toBeCloseTo(after.dough.totalG - before.dough.totalG, 6);
      expect(remedy.cost.fillingG).toBeCloseTo(after.filling.totalG - before.filling.totalG, 6);
      const time = (each: Plan) => benchTime(modelOf(each, startingBasis)).totalMin;
      expect(remedy.cost.minutes).toBeCloseTo(time(plan) - time(overfull), 6);
    }
  });

  it('stand with the strongest first, and leave out what gains nothing', () => {
    const margins = remediesOf(overfull).map(({ margin }) => margin);
    expect([...margins].sort((a, b) => b - a)).toEqual(margins);
    expect(Math.min(...margins)).toBeGreaterThan(
      evaluatePlan(overfull, startingBasis).weakestLink.margin,
    );
  });

  it('aim comfortably past the edge', () => {
    for (const remedy of remediesOf(overfull)) {
      if (remedy.kind !== 'size' && remedy.kind !== 'dose') continue;
      const { margins } = evaluatePlan(
        parsePlan(applyChange(overfull, remedy), startingPantry),
        startingBasis,
      );
      expect(margins.lip).toBeGreaterThanOrEqual(1.2);
      expect(margins.lip).toBeLessThan(1.35);
    }
  });

  it('widen, lighten, pinch, and lay the mound taller or gather it', () => {
    expect(kinds(overfull)).toEqual(expect.arrayContaining(['dose', 'finish', 'laid', 'size']));
    const laid = remediesOf(overfull).flatMap((each) => (each.kind === 'laid' ? each.to : []));
    expect(laid.sort()).toEqual(['ball', 'piped', 'ring']);
  });

  const runny = {
    ...planWith().filling,
    parts: [{ id: 'ricotta-fresh', g: 500, preparation: 'raw' }],
  };

  it('stiffen a filling that has settled: drain it, bind it, cook it off', () => {
    const plan = planWith({ ...overfull, filling: runny });
    const steps = remediesOf(plan).flatMap((each) => (each.kind === 'dry' ? each.step.kind : []));
    expect(steps.length).toBeGreaterThan(1);
    for (const remedy of remediesOf(plan)) {
      if (remedy.kind !== 'dry') continue;
      const after = evaluatePlan(
        parsePlan(applyChange(plan, remedy), startingPantry),
        startingBasis,
      );
      expect(after.filling.freeWaterShare).toBeLessThan(
        evaluatePlan(plan, startingBasis).filling.freeWaterShare,
      );
    }
    expect(kinds(overfull)).not.toContain('dry');
  });

  it('never cook raw egg', () => {
    const eggy = {
      ...runny,
      parts: [...runny.parts, { id: 'egg-whole', g: 40, preparation: 'raw' }],
    };
    const steps = (filling: Plan['filling']) =>
      remediesOf(planWith({ ...overfull, filling })).flatMap((each) =>
        each.kind === 'dry' ? each.step : [],
      );
    expect(steps(eggy).length).toBeGreaterThan(0);
    expect(steps(eggy).map(({ kind }) => kind)).not.toContain('cookOff');
    expect(
      steps(eggy).filter((step) => step.kind === 'prepare' && step.id.startsWith('egg')),
    ).toEqual([]);
  });

  it('do not widen a mould, nor offer the setting that the sheet stands on', () => {
    const mould = planWith(
      { shape: { ...planWith({}, 'mouldedRavioli').shape, doseG: 12 } },
      'mouldedRavioli',
    );
    expect(evaluatePlan(mould, startingBasis).weakestLink.state).toBe('fails');
    expect(kinds(mould)).not.toContain('size');
    expect(size.propose(modelOf(mould, startingBasis))).toEqual([]);
    expect(size.propose(modelOf(overfull, startingBasis))).not.toEqual([]);
    const { sheet, dough } = evaluatePlan(overfull, startingBasis);
    const off = planWith({
      ...overfull,
      sheet: { ...overfull.sheet, thicknessMm: sheet.nearestMm + 0.01 },
    });
    expect(dough.springBack).toBeGreaterThan(0);
    for (const remedy of remediesOf(off)) {
      if (remedy.kind === 'thickness') expect(remedy.setting).not.toBe(sheet.setting);
    }
  });

  it('hold in a dead heat what they changed', () => {
    const both = planWith({ batch: { wayIn: 'both', doughInHandG: 300, fillingInHandG: 700 } });
    const after = applyChange(both, { kind: 'dose', fromG: 12, toG: 8 });
    expect(after.batch.mayChange).toEqual({ dose: false, thickness: true, size: true });
    expect(evaluatePlan(after, startingBasis).shape.doseG).toBe(8);
  });
});
