import { startingRules } from '../../basis/rules';
import { startingBasis } from '../../basis/basis';
import { startingPantry } from '../../composition/pantry';
import { startingKitchen } from '../../kitchen/kitchen';
import { genericRollers } from '../../sheet/genericRollers';
import { evaluatePlan } from '../evaluatePlan';
import { inKitchen, onRoller } from './inKitchen';
import { parsePlan } from '../document/parsePlan';
import { startingPlans } from '../starting/startingPlans';

describe('inKitchen', () => {
  const kitchen = {
    ...startingKitchen,
    eggG: 58,
    yolkG: 19,
    roomC: 26,
    rollers: [genericRollers[3]!],
  };

  it('gives a plan the kitchen’s first roller, eggs and air, and keeps the rest', () => {
    for (const plan of Object.values(startingPlans)) {
      const made = parsePlan(inKitchen(plan, kitchen, startingBasis), startingPantry);
      expect(made.sheet.roller.id).toBe('six-step-1-widest');
      expect(made.dough).toMatchObject({ eggG: 58, yolkG: 19, roomC: 26 });
      expect(made.filling).toEqual(plan.filling);
    }
  });

  it('keeps the plan’s own roller where a kitchen has none', () => {
    const plan = startingPlans.tortelloni;
    expect(inKitchen(plan, { ...kitchen, rollers: [] }, startingBasis).sheet.roller).toEqual(
      plan.sheet.roller,
    );
  });

  const ring = (mm: number) => ({
    name: `${mm} ring`,
    mm,
    form: 'round' as const,
    edge: 'plain' as const,
  });
  const cutWith = (
    sizes: readonly number[],
    family: 'ravioliRound' | 'halfMoon' | 'ravioliSquare',
  ) =>
    inKitchen(startingPlans[family], { ...kitchen, cutters: sizes.map(ring) }, startingBasis).shape;

  it('cuts a round blank with the nearest ring that is owned, and fills it so that it holds', () => {
    for (const [sizes, family, mm] of [
      [[50, 70, 90], 'ravioliRound', 70],
      [[54], 'ravioliRound', 54],
      [[70], 'halfMoon', 70],
    ] as const) {
      const shape = cutWith(sizes, family);
      expect(shape.sizeMm).toBe(mm);
      const plan = { ...startingPlans[family], shape };
      expect(evaluatePlan(plan, startingBasis).margins.lip).toBeGreaterThan(1.1);
    }
  });

  it('leaves a blank alone that no ring comes near, and squares, which a knife cuts', () => {
    expect(cutWith([100], 'ravioliRound')).toEqual(startingPlans.ravioliRound.shape);
    expect(cutWith([50], 'ravioliSquare')).toEqual(startingPlans.ravioliSquare.shape);
  });
});

describe('rolled by pin', () => {
  const pin = genericRollers.find(({ drive }) => drive === 'pin')!;
  const plan = startingPlans.ravioliSquare;
  const byPin = onRoller(plan, pin, 0.03, startingRules);

  it('the sheet is as wide as a pin makes it, and the dough is a pin’s', () => {
    expect(byPin.sheet.widthMm).toBeGreaterThan(200);
    expect(byPin.sheet.benchMm).toBeLessThanOrEqual(500);
    expect(byPin.dough.style).toBe('rolledByPin');
    const back = onRoller(byPin, genericRollers[0]!, 0.03, startingRules);
    expect(back.sheet.widthMm).toBeLessThanOrEqual(genericRollers[0]!.widthMm);
    expect(back.dough.style).toBe('plain');
  });

  it('the passes end at the thickness that the tally counts on', () => {
    for (const thicknessMm of [0.7, 0.84, 1.2, 1.8]) {
      const result = evaluatePlan(
        { ...byPin, sheet: { ...byPin.sheet, thicknessMm } },
        startingBasis,
      );
      expect(result.ladder.rungs.at(-1)!.thicknessMm).toBeCloseTo(thicknessMm, 1);
      expect(result.sheet.between).toBe(false);
      expect(result.ladder.rungs.at(-1)!.label).toBe(result.sheet.setting);
    }
  });
});
