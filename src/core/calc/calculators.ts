import { startingRules } from '../basis/rules';
import * as z from 'zod';
import { coreTime } from '../boil/coreTime';
import { potDip } from '../boil/potDip';
import { seepTime } from '../hold/seepTime';
import { SURFACES } from '../hold/surfaces';
import { airSwelling, boilingPoint } from '../physics/air';
import { trimToNoodles } from '../batch/trimUse';
import { batchYield } from '../batch/yield';
import { compose, type Part } from '../composition/compose';
import { findIngredient, startingPantry } from '../composition/pantry';
import { doughCharacter } from '../dough/character';
import type { EggGiven } from '../dough/eggDough';
import { eggOptions } from '../dough/eggOptions';
import { flourMoisture } from '../dough/flourMoisture';
import { hydration } from '../dough/hydration';
import { panDryingTime, waterToCookOff } from '../filling/panDrying';
import { spreadRadius } from '../filling/spreadRadius';
import { yieldStressFromSpread } from '../filling/yieldStress';
import { saturationVapourPressure } from '../physics/vapour';
import { discLayout } from '../layout/discLayout';
import { squareLayout } from '../layout/squareLayout';
import { trayCount } from '../layout/trayCount';
import { firstIssue } from '../plan/document/parsePlan';
import { FieldError, requireInRange } from '../range';
import { METRIC_CUP_ML } from '../units/units';
import { moundHeight } from '../shapes/cap';
import { openTime } from '../sheet/openTime';
import { sheetLength, thicknessFromStrip } from '../sheet/massBalance';
import { strengthFromHang } from '../sheet/strengthFromHang';

/** A calculator's answer: numbers by name, or lists of them. */
export type CalcOutput = Readonly<
  Record<string, number | null | readonly Readonly<Record<string, number>>[]>
>;

interface Calculator {
  run(input: unknown): CalcOutput;
}

/** A calculator from its input schema; ranges are checked by the function itself. */
const calculator = <T extends z.ZodType>(
  schema: T,
  run: (input: z.infer<T>) => CalcOutput,
): Calculator => ({
  run(value) {
    const parsed = schema.safeParse(value);
    if (!parsed.success) {
      const { path, message } = firstIssue(parsed.error);
      throw new FieldError(path || 'input', message);
    }
    return run(parsed.data);
  },
});

const number = z.number({ error: 'must be a number' });
const text = z.string({ error: 'must be text' });
const parts = z
  .array(
    z.strictObject({
      id: text,
      g: number,
      preparation: text.optional(),
      weighedG: number.optional(),
    }),
    { error: 'must be a list of { id, g }' },
  )
  .min(1, 'must hold at least one part');

/** The calculators this version offers, by name. Inputs and outputs carry units in their names. */
export const calculators: Readonly<Record<string, Calculator>> = {
  saturationVapourPressure: calculator(z.strictObject({ tempC: number }), ({ tempC }) => ({
    kPa: saturationVapourPressure(tempC),
  })),
  boilingPoint: calculator(z.strictObject({ altitudeM: number }), ({ altitudeM }) => ({
    tempC: boilingPoint(altitudeM),
  })),
  flourMoisture: calculator(z.strictObject({ rh: number }), ({ rh }) => ({
    wetBasis: flourMoisture(rh),
  })),
  composition: calculator(z.strictObject({ parts }), (input) => {
    const c = compose(input.parts, startingPantry);
    return {
      massG: c.massG,
      waterG: c.waterG,
      proteinG: c.proteinG,
      fatG: c.fatG,
      carbohydrateG: c.carbohydrateG,
      densityGPerMl: c.densityGPerMl,
      freeWaterShare: c.freeWaterShare,
    };
  }),
  hydration: calculator(
    z.strictObject({
      parts,
      rh: number.optional(),
      style: z
        .enum(['plain', 'benchFlourFree', 'rolledByPin'], {
          error: 'must be one of: plain, benchFlourFree, rolledByPin',
        })
        .optional(),
    }),
    ({ parts: dough, rh, style = 'plain' }) => {
      const h = hydration(dough, startingPantry, { rh, style, rules: startingRules });
      return {
        flourG: h.flourG,
        waterG: h.waterG,
        hydration: h.hydration,
        target: h.target,
        low: h.low,
        high: h.high,
        addWaterG: h.addWaterG,
        addFlourG: h.addFlourG,
      };
    },
  ),
  eggSolve: calculator(
    z.strictObject({
      flourParts: parts,
      doughG: number.optional(),
      flourG: number.optional(),
      eggs: number.optional(),
      yolkShare: number.optional(),
      eggG: number,
      yolkG: number,
    }),
    eggSolve,
  ),
  cupsToGrams: calculator(
    z.strictObject({ id: text, cups: number, cupMl: number.optional() }),
    ({ id, cups, cupMl = METRIC_CUP_ML }) => {
      requireInRange('cups', cups, { min: 0, max: 1000 });
      requireInRange('cupMl', cupMl, { min: 100, max: 500, unit: 'ml' });
      return { g: cups * cupMl * findIngredient(startingPantry, id).densityGPerMl };
    },
  ),
  waterToCookOff: calculator(
    z.strictObject({ parts, targetFreeWaterShare: number }),
    ({ parts: filling, targetFreeWaterShare }) => {
      requireInRange('targetFreeWaterShare', targetFreeWaterShare, { min: 0, max: 0.5 });
      const waterG = waterToCookOff(compose(filling, startingPantry), targetFreeWaterShare);
      return { waterG, minutes: panDryingTime({ waterG }, startingRules) };
    },
  ),
  yieldStressFromSpread: calculator(
    z.strictObject({ volumeMl: number, diameterMm: number, densityGPerMl: number }),
    (input) => ({ pa: yieldStressFromSpread(input) }),
  ),
  spreadRadius: calculator(
    z.strictObject({ volumeMl: number, densityGPerMl: number, yieldStressPa: number }),
    (input) => ({ mm: spreadRadius(input) }),
  ),
  moundHeight: calculator(z.strictObject({ volumeMl: number, radiusMm: number }), (input) => ({
    mm: moundHeight(input),
  })),
  sheetLength: calculator(
    z.strictObject({ massG: number, widthMm: number, thicknessMm: number }),
    (input) => ({ mm: sheetLength(input) }),
  ),
  thicknessFromStrip: calculator(
    z.strictObject({ massG: number, widthMm: number, lengthMm: number }),
    (input) => ({ mm: thicknessFromStrip(input) }),
  ),
  strengthFromHang: calculator(z.strictObject({ lengthMm: number }), ({ lengthMm }) => ({
    kPa: strengthFromHang(lengthMm),
  })),
  discLayout: calculator(
    z.strictObject({ widthMm: number, lengthMm: number, diameterMm: number, gapMm: number }),
    (input) => ({ count: discLayout(input).count }),
  ),
  openTime: calculator(
    z.strictObject({ thicknessMm: number, waterShare: number, tempC: number, rh: number }),
    (input) => ({ minutes: openTime(input, startingRules) }),
  ),
  airSwelling: calculator(
    z.strictObject({ fromC: number, toC: number, kPa: number.optional() }),
    (input) => ({ ratio: airSwelling(input) }),
  ),
  seepTime: calculator(
    z.strictObject({
      thicknessMm: number,
      freeWaterShare: number,
      tempC: number,
      doughMoisture: number,
      surface: z.enum(SURFACES, { error: `must be one of: ${SURFACES.join(', ')}` }),
    }),
    (input) => ({ minutes: seepTime(input) }),
  ),
  coreTime: calculator(
    z.strictObject({
      halfHeightMm: number,
      shapeExponent: number,
      fromC: number,
      bathC: number,
      targetC: number,
      frozen: z.boolean({ error: 'must be true or false' }).optional(),
    }),
    (input) => ({ seconds: coreTime(input) }),
  ),
  potDip: calculator(
    z.strictObject({
      waterL: number,
      loadG: number,
      fromC: number,
      frozen: z.boolean({ error: 'must be true or false' }).optional(),
      powerW: number,
      waterC: number,
    }),
    (input) => ({ ...potDip(input) }),
  ),
  squareLayout: calculator(
    z.strictObject({ widthMm: number, lengthMm: number, sideMm: number, gapMm: number }),
    (input) => ({ count: squareLayout(input) }),
  ),
  trayCount: calculator(
    z.strictObject({
      trayLengthMm: number,
      trayWidthMm: number,
      pieceLengthMm: number,
      pieceWidthMm: number,
      gapMm: number,
    }),
    (input) => ({ count: trayCount(input) }),
  ),
  trimToNoodles: calculator(
    z.strictObject({ trimG: number, portionG: number.optional() }),
    (input) => trimToNoodles(input, startingRules),
  ),
  batchYield: calculator(z.strictObject({ usedShare: number, rerolls: number }), (input) => ({
    yield: batchYield(input),
  })),
};

/** Options in whole eggs from a flour, from eggs in hand, or from a dough wanted: one of the three. */
function eggSolve({
  flourParts,
  doughG,
  flourG,
  eggs,
  yolkShare,
  eggG,
  yolkG,
}: {
  flourParts: readonly Part[];
  doughG?: number | undefined;
  flourG?: number | undefined;
  eggs?: number | undefined;
  yolkShare?: number | undefined;
  eggG: number;
  yolkG: number;
}): CalcOutput {
  const given: EggGiven[] = [
    ...(doughG === undefined ? [] : [{ kind: 'dough' as const, g: doughG }]),
    ...(flourG === undefined ? [] : [{ kind: 'flour' as const, g: flourG }]),
    ...(eggs === undefined ? [] : [{ kind: 'eggs' as const, count: eggs }]),
  ];
  const [only] = given;
  if (!only || given.length > 1) {
    throw new FieldError('doughG', 'or flourG or eggs must be given, one of the three');
  }
  const egg = { eggG, yolkG };
  const flours = hydration(flourParts, startingPantry, {
    field: 'flourParts',
    rules: startingRules,
  });
  const { blend } = doughCharacter(flourParts, flours, egg, startingPantry);
  return {
    options: eggOptions({ blend, given: only, egg, style: 'plain', yolkShare }, startingPantry, {
      rules: startingRules,
    }).map((option) => ({
      eggs: option.eggs,
      yolks: option.yolks,
      waterG: option.waterG,
      flourG: option.flourG,
      hydration: option.hydration,
    })),
  };
}

export type CalcResult =
  | { readonly name: string; readonly output: CalcOutput }
  | { readonly name: string; readonly error: string };

/**
 * Runs a list of calculations; a bad one gets its own error and does not stop the rest.
 * @throws FieldError when the whole is not a list of { name, input }
 * @example runCalculations([{ name: 'flourMoisture', input: { rh: 0.5 } }])
 * // [{ name: 'flourMoisture', output: { wetBasis: 0.115 } }]
 */
export function runCalculations(requests: unknown): CalcResult[] {
  if (!Array.isArray(requests)) {
    throw new FieldError('calculations', 'must be a list of { "name", "input" }');
  }
  return requests.map((request: unknown): CalcResult => {
    const { name, input } = (request ?? {}) as { name?: unknown; input?: unknown };
    const known = typeof name === 'string' && Object.hasOwn(calculators, name);
    if (!known) {
      return {
        name: String(name),
        error: `name must be one of: ${Object.keys(calculators).join(', ')}`,
      };
    }
    try {
      return { name, output: calculators[name]!.run(input) };
    } catch (error) {
      if (error instanceof FieldError) return { name, error: error.message };
      throw error;
    }
  });
}
