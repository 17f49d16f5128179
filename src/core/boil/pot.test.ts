import fc from 'fast-check';
import { startingRules } from '../basis/rules';
import { airPressure, airSwelling, boilingPoint } from '../physics/air';
import { burst } from './burst';
import { largestLoad, potDip } from './potDip';
import { startingRules as rules } from '../basis/rules';
import { boilRounds, handsOfRound, potSurface, waterIn } from './rounds';

const pot = { waterL: 5, fromC: 5, powerW: 2500, waterC: 98 };

describe('potDip', () => {
  it('balances heat: what the water gives is what the pieces take', () => {
    const { dipC, recoverS } = potDip({ ...pot, loadG: 300 });
    const ends = 98 - dipC;
    expect(5 * 4.19 * dipC).toBeCloseTo(0.3 * 3.3 * (ends - 5), 9);
    expect(recoverS).toBeCloseTo((0.3 * 3.3 * 93 * 1000) / 2500, 9);
  });

  it('dips more for a larger, colder or frozen load, and in less water', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 3000, noNaN: true }), (loadG) => {
        const { dipC } = potDip({ ...pot, loadG });
        expect(potDip({ ...pot, loadG: loadG * 1.1 }).dipC).toBeGreaterThan(dipC);
        expect(potDip({ ...pot, loadG, fromC: 1 }).dipC).toBeGreaterThan(dipC);
        expect(potDip({ ...pot, loadG, fromC: -18, frozen: true }).dipC).toBeGreaterThan(dipC);
        expect(potDip({ ...pot, loadG, waterL: 9 }).dipC).toBeLessThan(dipC);
      }),
    );
  });

  it('is turned round exactly', () => {
    for (const load of [pot, { ...pot, fromC: -18, frozen: true }]) {
      expect(potDip({ ...load, loadG: largestLoad(load, 6) }).dipC).toBeCloseTo(6, 9);
    }
  });

  it.each([
    [{ waterL: 0 }, /waterL/],
    [{ loadG: -1 }, /loadG/],
    [{ powerW: 0 }, /powerW/],
    [{ waterC: 200 }, /waterC/],
  ])('refuses %j', (change, message) => {
    expect(() => potDip({ ...pot, loadG: 300, ...change })).toThrow(message);
  });
});

describe('boilRounds', () => {
  const batch = { ...pot, pieces: 60, pieceG: 15, pieceMm2: 3025, potMin: 3, frozen: false };

  it('goes by the surface for light pieces in much water, by heat for frozen ones', () => {
    expect(boilRounds(batch, rules)).toMatchObject({ boundBy: 'surface', rounds: 4, pieces: 15 });
    const cold = boilRounds({ ...batch, fromC: -18, frozen: true, pieceG: 40 }, rules);
    expect(cold.boundBy).toBe('heat');
    expect(cold.dipC).toBeLessThanOrEqual(6);
    expect(boilRounds({ ...batch, pieces: 5 }, rules)).toMatchObject({
      boundBy: 'batch',
      rounds: 1,
    });
  });

  it('lies in no more layers than it may, and cooks every piece', () => {
    const { layers, rounds, pieces } = boilRounds(batch, rules);
    expect(layers).toBeCloseTo((pieces * 3025) / potSurface(5, rules), 9);
    expect(layers).toBeLessThanOrEqual(1.5);
    expect(rounds * pieces).toBeGreaterThanOrEqual(60);
  });

  it('takes no more than so much a litre, and the cook’s own number before all', () => {
    const heavy = { ...batch, pieceG: 40, fromC: 60 };
    const { boundBy, loadG } = boilRounds(heavy, rules);
    expect(boundBy).toBe('litres');
    expect(loadG).toBeLessThanOrEqual(100 * pot.waterL);
    expect(boilRounds({ ...batch, atOnce: 25 }, rules)).toMatchObject({
      boundBy: 'cook',
      rounds: 3,
      pieces: 20,
    });
  });

  it('asks for hands to put in and lift out alone', () => {
    expect(handsOfRound(20, rules)).toBeCloseTo(40 / 60, 9);
  });

  it('a pot is not filled to its brim', () => {
    expect(waterIn(5, rules)).toBe(4);
  });

  it('waits for a weak burner', () => {
    const slow = boilRounds({ ...batch, powerW: 200 }, rules);
    expect(slow.totalMin).toBeGreaterThan(boilRounds(batch, rules).totalMin);
  });
});

describe('air in a piece', () => {
  it('swells as the reference says, more in a hotter bath, never less', () => {
    expect(airSwelling({ fromC: 22, toC: 90 })).toBeCloseTo(3.89, 2);
    let last = 0;
    for (let toC = 40; toC < 99; toC += 1) {
      const now = airSwelling({ fromC: 22, toC });
      expect(now).toBeGreaterThan(last);
      last = now;
    }
    expect(() => airSwelling({ fromC: 22, toC: 101 })).toThrow(/toC must be below/);
  });

  const margin = (change: object = {}) => {
    const { room, growth } = burst(
      {
        seal: 1,
        style: 'simmer',
        lipMargin: 1.4,
        air: 0.03,
        fromC: 20,
        bathC: 98,
        ...change,
      },
      startingRules,
    );
    return room / growth;
  };

  it('splits a piece that was not pressed, hardly counts in one that was pricked', () => {
    expect(margin({ air: 0.12 })).toBeLessThan(0.5);
    expect(margin()).toBeGreaterThan(1.5);
    expect(margin({ air: 0.01 })).toBeGreaterThan(5);
    expect(margin({ style: 'rolling' })).toBeCloseTo(0.7 * margin(), 9);
    expect(margin({ lipMargin: 0.5 })).toBeCloseTo(0.5 * margin(), 9);
  });

  it('does less at a height', () => {
    const bathC = boilingPoint(1500) - 2;
    expect(margin({ bathC, kPa: airPressure(1500) })).toBeGreaterThan(margin());
  });
});
