import type { Basis } from '../../basis/basis';
import { burst, swelling, type Burst } from '../../boil/burst';
import { coreCourse, type CorePoint } from '../../boil/coreCourse';
import { coreFrozen } from '../../boil/coreFrozen';
import { coreThawed } from '../../boil/coreThawed';
import { boilRounds, type Rounds } from '../../boil/rounds';
import { FREEZER_C, lastPlace, placeC } from '../../hold/phases';
import { airPressure, boilingPoint } from '../../physics/air';
import { pressedEdge } from '../../shapes/finish';
import type { Mound } from '../../shapes/mound';
import { lazily } from '../../working/lazy';
import type { Plan } from '../document/schema';
import type { HoldStage } from './hold';
import type { PieceStage } from './piece';
import { safeCore } from './safeCore';

/** A piece in the pot, from one start. */
export interface Cooking {
  readonly fromC: number;
  readonly frozen: boolean;
  /** Until its middle is as hot as it must be, s; null when the pot never gets it there. */
  readonly coreS: number | null;
  readonly edgeMin: number;
  readonly faceMin: number;
  /** It comes up afloat about then, s. A sign only. */
  readonly floatS: number | null;
  /** Cooking it takes, from water to plate: the latest of the three, min. */
  readonly minutes: number;
  /** Of that in the pot, the sauce doing the rest, min. */
  readonly potMin: number;
}

/** The boil. */
export interface BoilStage extends Cooking {
  readonly bathC: number;
  readonly kPa: number;
  /** The middle's target, and whether it is asked for safety or for a hot plate. */
  readonly targetC: number;
  readonly forSafety: boolean;
  readonly halfHeightMm: number;
  readonly shapeExponent: number;
  readonly swelling: number;
  readonly burst: Burst;
  /** So long the skin stands the pot, min. */
  readonly skinStandsMin: number;
  readonly rounds: Rounds;
  /** From the fridge, and from frozen. */
  readonly fresh: Cooking;
  readonly fromFrozen: Cooking;
  /** How the middle warms from either start. */
  readonly freshCourse: readonly CorePoint[];
  readonly frozenCourse: readonly CorePoint[];
}

/** No piece is out sooner, min. */
const LEAST_MIN = 0.5;

/**
 * Half-axes of a piece as it cooks, the mound with a layer of dough on either side: the shortest, and the
 * exponent that says whether it warms as a slab, a log or a ball. Law.
 * @example cookedShape(mound, 0.8) // { halfHeightMm: 6.8, shapeExponent: 0.25 }
 */
export function cookedShape(
  { form, radiusMm, halfLengthMm, heightMm }: Mound,
  thicknessMm: number,
): { readonly halfHeightMm: number; readonly shapeExponent: number } {
  const half = form === 'lump' ? heightMm : heightMm / 2;
  const [z, x, y] = [half, radiusMm, halfLengthMm]
    .map((each) => each + thicknessMm)
    .sort((a, b) => a - b) as [number, number, number];
  return { halfHeightMm: z, shapeExponent: (z / x) ** 2 + (z / y) ** 2 };
}

/** Last stage: the pot. */
export function boilStage(
  plan: Plan,
  { pantry, rules, conditions: { fridgeC } }: Basis,
  {
    piece: { input, made },
    hold,
    pieces,
  }: {
    piece: PieceStage;
    hold: HoldStage;
    /** How many are boiled in all; asked only for the rounds. */
    pieces: () => number;
  },
): BoilStage {
  const { boil } = plan;
  const bathC = boilingPoint(boil.altitudeM) - rules['boil.bath'].value;
  const kPa = airPressure(boil.altitudeM);
  const safe = safeCore(plan, pantry).tempC;
  const targetC = safe ?? rules['boil.hot'].value;
  const body = cookedShape(made.mound, input.thicknessMm);
  const edgeMin =
    rules['boil.edge'].value * (pressedEdge(input.finish, input.thicknessMm, rules) / 2) ** 2;
  const faceMin = rules['boil.face'].value * input.thicknessMm ** 2;

  const cooking = (fromC: number, frozen: boolean): Cooking => {
    const core = { ...body, fromC, bathC, targetC };
    const coreS = targetC >= bathC ? null : frozen ? coreFrozen(core) : coreThawed(core);
    const coreMin = (coreS ?? 0) / 60;
    const minutes = Math.max(coreMin, edgeMin, faceMin);
    const inSauce = rules['boil.sauce'].value * boil.sauceMin;
    return {
      fromC,
      frozen,
      coreS,
      edgeMin,
      faceMin,
      floatS: coreS === null ? null : rules['boil.floats'].value * coreS,
      minutes,
      // A sauce is not trusted with what must be safe.
      potMin: Math.max(minutes - inSauce, safe === null ? 0 : coreMin, LEAST_MIN),
    };
  };

  const courseFrom = (fromC: number, frozen: boolean) =>
    targetC >= bathC
      ? []
      : coreCourse({ ...body, fromC, bathC, targetC }, frozen, 1.4 * cooking(fromC, false).minutes);

  const last = lastPlace(plan.hold.phases);
  const now = cooking(placeC(last, hold.climate), last === 'freezer');
  return lazily(
    {
      ...now,
      bathC,
      kPa,
      targetC,
      forSafety: safe !== null,
      ...body,
      swelling: swelling(plan.filling.meetsC, bathC, kPa, rules),
      burst: burst(
        {
          seal: hold.sealFactor,
          style: boil.style,
          lipMargin: made.margins.lip,
          air: hold.air,
          fromC: plan.filling.meetsC,
          bathC,
          kPa,
        },
        rules,
      ),
      skinStandsMin: rules['boil.skinStands'].value * faceMin + rules['boil.skinStandsMin'].value,
    },
    {
      rounds: () =>
        boilRounds(
          {
            pieces: pieces(),
            pieceG: made.doughG + input.doseG,
            pieceMm2: input.family.flatAreaMm2(input.size) / 2,
            potMin: now.potMin,
            waterL: boil.waterL,
            fromC: now.fromC,
            frozen: now.frozen,
            powerW: boil.powerW,
            waterC: bathC,
          },
          rules,
        ),
      fresh: () => (now.frozen || now.fromC !== fridgeC ? cooking(fridgeC, false) : now),
      fromFrozen: () => (now.frozen ? now : cooking(FREEZER_C, true)),
      freshCourse: () => courseFrom(fridgeC, false),
      frozenCourse: () => courseFrom(FREEZER_C, true),
    },
  );
}
