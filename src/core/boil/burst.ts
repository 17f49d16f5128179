import type { Rules } from '../basis/rules';
import { airSwelling } from '../physics/air';
import { SEA_LEVEL_KPA } from '../physics/constants';

export type BoilStyle = 'simmer' | 'rolling';

/** What presses a pocket open in the pot, and what it can give, as shares of its volume. */
export interface Burst {
  readonly room: number;
  readonly growth: number;
}

/**
 * Room in a pocket against the growth of its air. Law on rules: room is a share of the pocket × how firm
 * the seal is × how roughly it boils × the lip where that is short; growth is the air left × (its
 * swelling − 1), the gas under the skin a little cooler than the bath.
 * @example burst({ seal: 1, style: 'simmer', lipMargin: 1.5, air: 0.03, fromC: 20, bathC: 98 })
 * // { room: 0.35, growth: 0.19 }
 */
export function burst(
  {
    seal,
    style,
    lipMargin,
    air,
    fromC,
    bathC,
    kPa = SEA_LEVEL_KPA,
  }: {
    seal: number;
    style: BoilStyle;
    lipMargin: number;
    air: number;
    fromC: number;
    bathC: number;
    kPa?: number;
  },
  rules: Rules,
): Burst {
  return {
    room:
      rules['boil.room'].value * seal * rules[`boil.rough.${style}`].value * Math.min(1, lipMargin),
    growth: air * (swelling(fromC, bathC, kPa, rules) - 1),
  };
}

/** Sealed warmer than this, a pocket is reckoned as sealed at it, °C. */
const WARMEST_SEALED_C = 60;

/**
 * How many times its volume the air in a pocket would fill in the pot. Law. What meets the dough hotter than the
 * bath, as at a great height, only cools there.
 */
export function swelling(fromC: number, bathC: number, kPa: number, rules: Rules): number {
  const sealedC = Math.min(WARMEST_SEALED_C, Math.max(0, fromC));
  return airSwelling({
    fromC: sealedC,
    toC: Math.max(sealedC, bathC - rules['boil.skin'].value),
    kPa,
  });
}
