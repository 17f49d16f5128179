import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import { sheetLength, thicknessFromStrip } from './massBalance';
import { genericRollers } from './genericRollers';
import { rollerSchema } from './roller';
import { nearestSetting } from './setting';
import { strengthFromHang } from './strengthFromHang';

const strip = fc.record({
  massG: fc.double({ min: 5, max: 5000, noNaN: true }),
  widthMm: fc.double({ min: 20, max: 600, noNaN: true }),
  thicknessMm: fc.double({ min: 0.3, max: 5, noNaN: true }),
});

describe('mass balance', () => {
  it('meets the reference: 125 g, 140 mm wide, 0.8 mm is 930 mm long', () => {
    expect(sheetLength({ massG: 125, widthMm: 140, thicknessMm: 0.8 })).toBeCloseTo(930.06, 2);
  });

  it('is undone by the strip test', () => {
    fc.assert(
      fc.property(strip, (given) => {
        const lengthMm = sheetLength(given);
        fc.pre(lengthMm >= 10 && lengthMm <= 1e6);
        expect(thicknessFromStrip({ ...given, lengthMm })).toBeCloseTo(given.thicknessMm, 9);
      }),
    );
  });

  it('names the field that is out of range', () => {
    expect(() => sheetLength({ massG: 100, widthMm: 0, thicknessMm: 1 })).toThrow(
      /widthMm must be a number from 10 to 1000 mm, not 0/,
    );
  });
});

describe('rollers', () => {
  it.each(genericRollers.map((roller) => [roller.name, roller] as const))(
    '%s is in order',
    (_name, roller) => {
      expect(rollerSchema.safeParse(roller).success).toBe(true);
    },
  );

  it('refuses a dial out of order and says which step', () => {
    const [roller] = genericRollers;
    const steps = [...roller!.steps].reverse();
    const result = rollerSchema.safeParse({ ...roller, steps });
    expect(result.error?.issues[0]?.message).toMatch(/less than 0\.6 mm.*widest first/);
  });

  it('finds the step by millimetres whichever way the labels run', () => {
    const [tenStep, , sevenStep] = genericRollers;
    expect(nearestSetting(tenStep!, 0.8, 0, startingRules)).toMatchObject({
      label: '8',
      between: false,
    });
    expect(nearestSetting(sevenStep!, 0.9, 0, startingRules)).toMatchObject({
      label: '2',
      between: false,
    });
    expect(nearestSetting(sevenStep!, 0.75, 0, startingRules).between).toBe(true);
  });
});

describe('strengthFromHang', () => {
  it('is ρ g L', () => {
    expect(strengthFromHang(1000)).toBeCloseTo(1.2 * 9.81, 9);
  });
});
