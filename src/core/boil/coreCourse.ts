import { coreFrozen } from './coreFrozen';
import { leftAt, warming } from './coreThawed';
import { HEAT, type CoreInput } from './heat';

/** Temperature of the middle at a moment in the pot. */
export interface CorePoint {
  readonly minute: number;
  readonly tempC: number;
}

const POINTS = 40;

/**
 * How the middle warms, from the water on. Law, as {@link coreTime}.
 * @param untilMin how far to follow it; a frozen one is followed as far as its target
 */
export function coreCourse(input: CoreInput, frozen: boolean, untilMin: number): CorePoint[] {
  const { fromC, bathC, halfHeightMm, shapeExponent } = input;
  if (frozen) {
    const points: CorePoint[] = [{ minute: 0, tempC: fromC }];
    coreFrozen(input, {
      onStep: (seconds, tempC) => points.push({ minute: seconds / 60, tempC }),
    });
    return points;
  }
  const half = halfHeightMm / 1000;
  const series = warming(shapeExponent, (HEAT.surface * half) / HEAT.conductivity);
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const minute = (untilMin * i) / POINTS;
    const fourier = (HEAT.diffusivity * minute * 60) / (half * half);
    // Too early for the few terms: nothing has come to the middle yet.
    const left = fourier < 0.06 ? 1 : Math.min(1, leftAt(series, fourier));
    return { minute, tempC: bathC - left * (bathC - fromC) };
  });
}
