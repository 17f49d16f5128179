import { requireInRange } from '../range';
import { HEAT } from './heat';

/** Heat of water and of filled pasta, kJ/(kg·K). */
const WATER_KJ = 4.19;
const PASTA_KJ = 3.3;

export interface PotLoad {
  readonly waterL: number;
  readonly loadG: number;
  readonly fromC: number;
  readonly frozen?: boolean | undefined;
  readonly powerW: number;
  readonly waterC: number;
}

/** What a load does to a pot. */
export interface PotDip {
  readonly dipC: number;
  readonly recoverS: number;
}

/**
 * How far a pot cools when pieces go in, and how long the burner takes to make it good. Law (heat
 * balance): load × heat × (water − pieces), and latent heat where frozen, over water and load together.
 * @param waterL 0.5 to 200
 * @param loadG 0 to 100 000
 * @param powerW 200 to 30 000, what reaches the water
 * @throws FieldError out of range
 * @example potDip({ waterL: 5, loadG: 300, fromC: 5, powerW: 2500, waterC: 98 }) // { dipC: 4.2, recoverS: 37 }
 */
export function potDip({ waterL, loadG, fromC, frozen = false, powerW, waterC }: PotLoad): PotDip {
  requireInRange('waterL', waterL, { min: 0.5, max: 200, unit: 'litres' });
  requireInRange('loadG', loadG, { min: 0, max: 100_000, unit: 'g' });
  requireInRange('fromC', fromC, { min: -40, max: 95, unit: '°C' });
  requireInRange('powerW', powerW, { min: 200, max: 30_000, unit: 'W' });
  requireInRange('waterC', waterC, { min: 30, max: 105, unit: '°C' });
  const loadKg = loadG / 1000;
  const kJ = loadKg * heatOf(fromC, waterC, frozen);
  return {
    dipC: Math.max(0, kJ / (waterL * WATER_KJ + loadKg * PASTA_KJ)),
    recoverS: Math.max(0, (kJ * 1000) / powerW),
  };
}

/** Heat of water and of filled pasta as the dip reckons with them, kJ/(kg·K), for workings to show. */
export const POT_HEAT = { waterKJ: WATER_KJ, pastaKJ: PASTA_KJ } as const;

/** Heat that a kilogram of pieces takes to come to the water's temperature, kJ. */
export const heatOf = (fromC: number, waterC: number, frozen: boolean): number =>
  PASTA_KJ * (waterC - fromC) + (frozen ? (HEAT.latentJPerKg / 1000) * HEAT.waterShare : 0);

/**
 * The load that cools a pot by no more than so much, g. Law: the dip turned round.
 * @example largestLoad({ waterL: 5, fromC: 5, powerW: 2500, waterC: 98 }, 6) // 438
 */
export function largestLoad(
  { waterL, fromC, frozen = false, waterC }: Omit<PotLoad, 'loadG'>,
  dipC: number,
): number {
  const perKg = heatOf(fromC, waterC, frozen) - dipC * PASTA_KJ;
  return perKg > 0 ? (1000 * dipC * waterL * WATER_KJ) / perKg : Infinity;
}
