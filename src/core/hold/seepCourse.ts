import { monotoneCubic } from '../physics/monotoneCubic';
import type { Seep } from './seep';

/**
 * When the under-face reaches a moisture, s at 20 °C; null when it never does.
 * @example secondsToFace(course, 0.41) // 5490, at 0.8 mm, 5 % free water, a bare tray
 */
export function secondsToFace({ seconds, face }: Seep, moisture: number): number | null {
  const at = face.findIndex((each) => each >= moisture);
  if (at < 0) return null;
  if (at === 0) return 0;
  // A parabola through three moments: steps are long where little bends.
  const first = Math.max(0, at - 2);
  const [t0, t1, t2] = [seconds[first]!, seconds[first + 1]!, seconds[first + 2] ?? seconds[at]!];
  const [f0, f1, f2] = [face[first]!, face[first + 1]!, face[first + 2] ?? face[at]!];
  if (!(f0 < f1 && f1 < f2)) {
    const share = (moisture - face[at - 1]!) / (face[at]! - face[at - 1]!);
    return seconds[at - 1]! + share * (seconds[at]! - seconds[at - 1]!);
  }
  const m = moisture;
  return (
    (t0 * (m - f1) * (m - f2)) / ((f0 - f1) * (f0 - f2)) +
    (t1 * (m - f0) * (m - f2)) / ((f1 - f0) * (f1 - f2)) +
    (t2 * (m - f0) * (m - f1)) / ((f2 - f0) * (f2 - f1))
  );
}

/**
 * Moisture of the under-face after so long at 20 °C, wet basis; the last known after its end. Steps are long where
 * little bends, so that a straight line between them would jump from one thickness to the next.
 */
export const faceAfter = ({ seconds, face }: Seep, afterS: number): number =>
  monotoneCubic(seconds, face, afterS);

/** Moisture through the sheet after so long at 20 °C, from the filling down. */
export function profileAfter({ seconds, profiles, cells }: Seep, afterS: number): number[] {
  const found = seconds.findIndex((each) => each >= afterS);
  const at = found < 0 ? seconds.length - 1 : found;
  const before = Math.max(0, at - 1);
  const share =
    found <= 0
      ? found < 0
        ? 1
        : 0
      : (afterS - seconds[before]!) / (seconds[at]! - seconds[before]!);
  return Array.from({ length: cells }, (_, i) => {
    const from = profiles[before * cells + i]!;
    return from + share * (profiles[at * cells + i]! - from);
  });
}
