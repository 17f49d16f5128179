import { startingPantry } from '@/core/composition/pantry';
import { cutterForm, cuttersFor } from '@/core/kitchen/cuttersFor';
import type { Cutter, Mould } from '@/core/kitchen/kitchen';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { startingPlans } from '@/core/plan/starting/startingPlans';
import { isMould, isWheel, withCutter, withMould, withWheel } from './tools';

const cutters: Cutter[] = [
  { name: '70', mm: 70, form: 'square', edge: 'plain' },
  { name: '50', mm: 50, form: 'square', edge: 'fluted' },
  { name: 'ring', mm: 64, form: 'round', edge: 'plain' },
  { name: 'stamp', mm: 66, form: 'stamp', edge: 'plain' },
  { name: 'wheel', mm: 38, form: 'wheel', edge: 'fluted' },
];

const names = (plan: Parameters<typeof cuttersFor>[0]) =>
  cuttersFor(plan, cutters).map(({ name }) => name);

describe('cutters for a shape', () => {
  it('are those of its form, the smallest first', () => {
    expect(names(startingPlans.ravioliSquare)).toEqual(['50', '70']);
    expect(names(startingPlans.ravioliRound)).toEqual(['ring']);
    expect(names(startingPlans.stampedRound)).toEqual(['stamp']);
    expect(names(startingPlans.halfMoon)).toEqual(['ring']);
  });

  it('follow how a folded shape is cut', () => {
    const { tortelloni } = startingPlans;
    expect(names(tortelloni)).toEqual(['50', '70']);
    expect(names({ ...tortelloni, shape: { ...tortelloni.shape, blank: 'disc' } })).toEqual([
      'ring',
    ]);
  });

  it('are none for what a wheel cuts to any size', () => {
    expect(cutterForm(startingPlans.agnolottiPinched.shape)).toBeNull();
    expect(cutterForm(startingPlans.ravioliRectangle.shape)).toBeNull();
  });
});

describe('taking a tool', () => {
  it('gives the plan its size, and its edge where the shape has one', () => {
    const cut = parsePlan(withCutter(startingPlans.ravioliSquare, cutters[1]!), startingPantry);
    expect(cut.shape).toMatchObject({ sizeMm: 50, edge: 'fluted' });
    const folded = parsePlan(withCutter(startingPlans.tortelloni, cutters[1]!), startingPantry);
    expect(folded.shape).toMatchObject({ sizeMm: 50, edge: 'plain' });
  });

  it('takes a mould with all its measures, and knows it again', () => {
    const mould: Mould = {
      name: 'Round tray',
      rows: 2,
      columns: 5,
      pitchMm: 40,
      pocketMm: 27,
      depthMm: 8,
      pocket: 'disc',
    };
    const plan = parsePlan(withMould(startingPlans.mouldedRavioli, mould), startingPantry);
    expect(isMould(plan.shape, mould)).toBe(true);
    expect(plan.shape.mould).toBe('Round tray');
    expect(isMould(plan.shape, { ...mould, rows: 3 })).toBe(false);
  });

  it('takes a wheel to any size, its edge with it', () => {
    const wheel = cutters[4]!;
    const before = withCutter(startingPlans.ravioliSquare, cutters[0]!);
    const after = parsePlan(
      withWheel({ ...before, shape: { ...before.shape, finish: 'fork' } }, wheel),
      startingPantry,
    );
    expect(after.shape).toMatchObject({ sizeMm: 70, finish: 'wheel', edge: 'fluted' });
    expect(isWheel(after.shape, wheel)).toBe(true);
    expect(isWheel(before.shape, wheel)).toBe(false);
    // A shape without a fluted edge takes the wheel all the same.
    const pinched = withWheel(startingPlans.agnolottiPinched, wheel);
    expect(isWheel(pinched.shape, wheel)).toBe(true);
    expect(pinched.shape.edge).toBe('plain');
  });
});
