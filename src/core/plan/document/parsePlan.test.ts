import { startingPantry } from '../../composition/pantry';
import { refusalOf } from '../../testing/plans';
import { parsePlan } from './parsePlan';
import { upgradeDocument } from './upgrade';
import { PlanError } from './planError';
import { startingPlans } from '../starting/startingPlans';

const document = () =>
  JSON.parse(JSON.stringify(startingPlans.ravioliSquare)) as Record<
    string,
    Record<string, unknown>
  >;

const errorOf = (change: (plan: ReturnType<typeof document>) => void) => {
  const plan = document();
  change(plan);
  return refusalOf(plan);
};

describe('parsePlan', () => {
  it('reads what it wrote, the same to the letter', () => {
    for (const plan of Object.values(startingPlans)) {
      expect(parsePlan(JSON.parse(JSON.stringify(plan)), startingPantry)).toEqual(plan);
    }
  });

  it.each([
    [
      'a negative count',
      (p) => (p.batch!.portions = -1),
      'batch.portions',
      /Portions must be a whole number from 1 to 5000/,
    ],
    [
      'zero',
      (p) => (p.shape!.doseG = 0),
      'shape.doseG',
      /Dose must be a number from 0\.1 to 300 g/,
    ],
    [
      'a huge amount',
      (p) => (p.batch!.doughInHandG = 1e9),
      'batch.doughInHandG',
      /from 5 to 100000 g/,
    ],
    [
      'not a number',
      (p) => (p.sheet!.thicknessMm = NaN),
      'sheet.thicknessMm',
      /Thickness must be a number from 0\.2 to 6 mm/,
    ],
    ['text with a unit', (p) => (p.shape!.doseG = '9 g'), 'shape.doseG', /Dose must be a number/],
    ['half a portion', (p) => (p.batch!.portions = 2.5), 'batch.portions', /whole number/],
    [
      'an unknown word',
      (p) => (p.shape!.finish = 'staple'),
      'shape.finish',
      /Edge must be one of: fork, wheel/,
    ],
    ['an unknown field', (p) => (p.batch!.guests = 4), 'batch', /guests/],
    [
      'an unknown ingredient',
      (p) => (p.dough!.parts = [{ id: 'moon-dust', g: 1 }]),
      'dough.parts[0].id',
      /not in the pantry: "moon-dust"/,
    ],
    [
      'no flour',
      (p) => (p.dough!.parts = [{ id: 'water', g: 1 }]),
      'dough.parts',
      /at least one flour/,
    ],
    [
      'an empty filling',
      (p) => (p.filling!.parts = [{ id: 'butter', g: 0 }]),
      'filling.parts',
      /more than 0 g of something/,
    ],
    [
      'a preparation that does not suit',
      (p) => (p.filling!.parts = [{ id: 'butter', g: 9, preparation: 'steam' }]),
      'filling.parts[0].preparation',
      /allowed here: raw/,
    ],
    [
      'a blank too large for the shape',
      (p) => (p.shape!.sizeMm = 260),
      'shape.sizeMm',
      /Blank of square ravioli must be a number from 15 to 250 mm, not 260/,
    ],
    [
      'an edge the shape cannot have',
      (p) => (p.shape!.finish = 'mould'),
      'shape.finish',
      /must be one of: wheel, press, fork, pinch, cutter/,
    ],
  ] as [string, (p: ReturnType<typeof document>) => unknown, string, RegExp][])(
    'refuses %s, naming the field and what is allowed',
    (_what, change, path, message) => {
      const error = errorOf(change);
      expect(error.path).toBe(path);
      expect(error.message).toMatch(message);
      expect(error.message).not.toContain('\n');
    },
  );

  it.each([null, 3, 'plan', [], {}])('refuses %j as no plan at all', (value) => {
    expect(() => parsePlan(value, startingPantry)).toThrow(PlanError);
  });

  it('refuses a plan of a later version and says so', () => {
    expect(() => parsePlan({ ...document(), version: 9 }, startingPantry)).toThrow(
      'version: this plan was written by a later version of the product (9); this one reads 1 to 3',
    );
  });

  it.each([0, 1.5, '1', undefined])('refuses version %p', (version) => {
    expect(() => parsePlan({ ...document(), version }, startingPantry)).toThrow(
      /version: must be a whole number/,
    );
  });
});

describe('upgradeDocument', () => {
  it('brings an old document forward a version at a time', () => {
    const upgrades = {
      1: (old: Record<string, unknown>) => ({ ...old, b: old.a }),
      2: (old: Record<string, unknown>) => ({ ...old, c: old.b }),
    };
    expect(upgradeDocument({ version: 1, a: 5 }, { upgrades, to: 3 })).toEqual({
      version: 3,
      a: 5,
      b: 5,
      c: 5,
    });
  });

  it.each([
    [{ place: 'bench', minutes: 30 }, [{ place: 'bench', minutes: 30 }]],
    [{ place: 'frozen', minutes: 600 }, [{ place: 'freezer', minutes: 600 }]],
    [{ medium: 'egg' }, [{ place: 'fridge', minutes: 60 }]],
    [undefined, [{ place: 'fridge', minutes: 60 }]],
  ])('brings a hold of version 1 forward: %j', (hold, phases) => {
    const { hold: _now, ...rest } = document();
    const plan = parsePlan({ ...rest, version: 1, ...(hold && { hold }) }, startingPantry);
    expect(plan.version).toBe(3);
    expect(plan.hold.phases).toEqual(phases);
    expect(plan.hold.medium).toBe(hold && 'medium' in hold ? 'egg' : 'water');
    expect(plan.hold.surface).toBe('semolina');
  });

  it('names what was bad in a hold of version 1', () => {
    const { hold: _now, ...rest } = document();
    const old = { ...rest, version: 1, hold: { place: 'cellar', minutes: -4 } };
    expect(refusalOf(old).path).toBe('hold.phases[0].place');
  });

  it('says when there is no way forward', () => {
    expect(() => upgradeDocument({ version: 1 }, { upgrades: {}, to: 2 })).toThrow(
      /no way forward from version 1/,
    );
  });
});
