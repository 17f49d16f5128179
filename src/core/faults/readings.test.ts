import { startingBasis } from '../basis/basis';
import { startingPantry } from '../composition/pantry';
import { evaluatePlan } from '../plan/evaluatePlan';
import { foldRun } from '../run/fold';
import type { Happening, RunEvent } from '../run/events';
import { eventsFrom } from '../testing/kitchens';
import { planWith } from '../testing/plans';
import {
  boiled,
  bowlOver,
  crowded,
  dosed,
  shortOf,
  slowSheets,
  stoodOver,
  thickness,
  towel,
  trimOver,
} from './reading';

const plan = planWith({});
const result = evaluatePlan(plan, startingBasis);
const of = (...happenings: Happening[]) => ({
  run: foldRun(eventsFrom(happenings)),
  result,
  pantry: startingPantry,
});
/** Two things so many minutes apart. */
const apart = (minutes: number, first: Happening, second: Happening) => {
  const [a, b] = eventsFrom([first, second]) as [RunEvent, RunEvent];
  const at = new Date(Date.parse(a.at) + minutes * 60_000).toISOString();
  return { run: foldRun([a, { ...b, at }]), result, pantry: startingPantry };
};

describe('what a run says of a cause', () => {
  it('a step cut short speaks by how short it was', () => {
    const rested = (minutes: number) =>
      shortOf(
        apart(minutes, { kind: 'stepBegun', step: 'rest' }, { kind: 'stepDone', step: 'rest' }),
        'rest',
        30,
      );
    expect([10, 20, 25, 30, 60].map(rested)).toEqual([2, 1, 0, -1, -1]);
    expect(shortOf(of(), 'rest', 30)).toBe(0);
  });

  it('a slow sheet speaks once it passes the open time', () => {
    const open = 60 * result.sheet.fill.openMin;
    const took = (share: number) =>
      slowSheets(of({ kind: 'sheetDone', pieces: 10, torn: false, seconds: share * open }));
    expect([0.8, 1.2, 1.5].map(took)).toEqual([-1, 1, 2]);
    expect(slowSheets(of())).toBe(0);
  });

  it('strips and doses are read against what the plan counts on', () => {
    const strip = (mm: number): Happening => ({ kind: 'measured', test: 'thicknessMm', value: mm });
    const meant = result.comesOut.thicknessMm;
    expect(thickness(of(strip(1.1 * meant), strip(1.3 * meant)))).toBeCloseTo(1.2, 9);
    expect(thickness(of())).toBe(1);
    const doses = (g: number): Happening => ({ kind: 'weighed', what: 'doses', g, n: 5 });
    expect(dosed(of(doses(5 * 1.15 * result.comesOut.doseG)))).toBeCloseTo(1.15, 9);
    expect(dosed(of())).toBe(1);
  });

  it('a towel, a wait, a crowded pot, trim and bowls', () => {
    const wet = (g: number) => towel(of({ kind: 'measured', test: 'towelG', value: g }));
    const free = result.filling.freeWaterShare;
    expect([wet(15 * (free + 0.03)), wet(15 * (free + 0.05))]).toEqual([-1, 2]);
    expect(towel(of())).toBe(0);

    const planned = result.hold.plannedMin + result.sheet.fill.fillMin;
    const waited = (minutes: number) =>
      stoodOver(
        apart(
          minutes,
          { kind: 'sheetDone', pieces: 10, torn: false },
          { kind: 'roundDone', pieces: 10 },
        ),
      );
    expect([1.2, 1.6, 3].map((share) => waited(share * planned + 10))).toEqual([-1, 1, 2]);

    const round = (pieces: number) => crowded(of({ kind: 'roundDone', pieces }));
    const takes = result.boil.rounds.pieces;
    expect([round(takes), round(Math.ceil(1.4 * takes))]).toEqual([0, 2]);
    expect(
      boiled(of({ kind: 'roundDone', pieces: 9, minutes: 0.5 * result.boil.potMin })),
    ).toBeCloseTo(0.5, 9);

    const trim = (g: number) => trimOver(of({ kind: 'left', what: 'trim', g }));
    expect([trim(result.trim.g), trim(2 * result.trim.g + 60)]).toEqual([-1, 2]);

    const filling = (share: number): Happening => ({
      kind: 'weighed',
      what: 'filling',
      g: share * result.filling.totalG,
    });
    expect(bowlOver(of(filling(1.2)))).toBeCloseTo(1.2, 6);
    expect(bowlOver(of())).toBe(1);
  });
});
