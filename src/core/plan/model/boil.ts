import type { Basis } from '../../basis/basis';
import type { Rules } from '../../basis/rules';
import { burst, swelling, type Burst } from '../../boil/burst';
import { coreCourse, type CorePoint } from '../../boil/coreCourse';
import { coreFrozen } from '../../boil/coreFrozen';
import { coreThawed } from '../../boil/coreThawed';
import type { CoreInput } from '../../boil/heat';
import { bathBack, faceLater } from '../../boil/frozenLater';
import { potDip } from '../../boil/potDip';
import { boilRounds, fullRound, type PotOfPieces, type Rounds } from '../../boil/rounds';
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
  /** How much later edge and face cook from frozen: the bath is colder, and ice lies behind the face, min. */
  readonly later: { readonly bathMin: number; readonly faceMin: number };
  /** It comes up afloat about then, s. A sign only. */
  readonly floatS: number | null;
  /** Cooking it takes, from water to plate: the latest of the three, min. */
  readonly minutes: number;
  /** Of that in the pot, the sauce doing the rest, min. */
  readonly potMin: number;
}

/** One piece of the plan in its pot: what does not hang on how many there are. */
export interface PotStage extends Cooking {
  readonly bathC: number;
  readonly kPa: number;
  /** The middle's target, and whether it is asked for safety or for a hot plate. */
  readonly targetC: number;
  readonly forSafety: boolean;
  readonly halfHeightMm: number;
  readonly shapeExponent: number;
  /** The pieces and the pot, as rounds are counted by. */
  readonly ofPieces: Omit<PotOfPieces, 'fromC' | 'frozen'>;
  readonly swelling: number;
  readonly burst: Burst;
  /** So long the skin stands the pot, min. */
  readonly skinStandsMin: number;
}

/** The boil. */
export interface BoilStage extends PotStage {
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
 * @example cookedShape(mound, 0.8) // { halfHeightMm: 7.7, … }
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

const NO_LATER = { bathMin: 0, faceMin: 0 } as const;

/** How much later a frozen piece's edge and face are done, by a full round of them. Law on the pot's rules. */
function laterFromFrozen(
  rules: Rules,
  piece: Omit<CoreInput, 'targetC'> & { readonly freshC: number; readonly thicknessMm: number },
  pot: PotOfPieces,
): Cooking['later'] {
  const loadG = Math.min(100_000, fullRound(pot, rules).most * pot.pieceG);
  return { bathMin: bathBack(potDip({ ...pot, loadG }), rules), faceMin: faceLater(piece) };
}

/**
 * When edge and face are soft, from the water on: their own time, and what ice and a colder bath add, min.
 * @example softAt(result.boil.fromFrozen).faceMin // 2.9
 */
export const softAt = ({
  edgeMin,
  faceMin,
  later,
}: Pick<Cooking, 'edgeMin' | 'faceMin' | 'later'>): { edgeMin: number; faceMin: number } => ({
  edgeMin: edgeMin + later.bathMin,
  faceMin: faceMin + later.bathMin + later.faceMin,
});

/** A piece in the pot from some start, where the pot, the piece and its edge are known. */
function cooking(
  plan: Plan,
  rules: Rules,
  {
    forSafety,
    edgeMin,
    faceMin,
    thicknessMm,
    freshC,
    pot,
    ...heat
  }: Pick<PotStage, 'forSafety' | 'edgeMin' | 'faceMin'> &
    CoreInput & {
      readonly thicknessMm: number;
      /** What a fresh piece starts from, °C. */
      readonly freshC: number;
      readonly pot: Omit<PotOfPieces, 'fromC' | 'frozen'>;
    },
  frozen: boolean,
): Cooking {
  const { fromC, targetC, bathC } = heat;
  const coreS = targetC >= bathC ? null : frozen ? coreFrozen(heat) : coreThawed(heat);
  const coreMin = (coreS ?? 0) / 60;
  const later = frozen
    ? laterFromFrozen(rules, { ...heat, thicknessMm, freshC }, { ...pot, fromC, frozen })
    : NO_LATER;
  const done = softAt({ edgeMin, faceMin, later });
  const minutes = Math.max(coreMin, done.edgeMin, done.faceMin);
  const inSauce = rules['boil.sauce'].value * plan.boil.sauceMin;
  return {
    fromC,
    frozen,
    coreS,
    edgeMin,
    faceMin,
    later,
    floatS: coreS === null ? null : rules['boil.floats'].value * coreS,
    minutes,
    // A sauce is not trusted with what must be safe.
    potMin: Math.max(minutes - inSauce, forSafety ? coreMin : 0, LEAST_MIN),
  };
}

/** The pot, for one piece. */
export function potStage(
  plan: Plan,
  { pantry, rules }: Basis,
  {
    piece: { input, made },
    hold,
  }: { piece: PieceStage; hold: Pick<HoldStage, 'climate' | 'sealFactor' | 'air'> },
): PotStage {
  const { boil } = plan;
  const bathC = boilingPoint(boil.altitudeM) - rules['boil.bath'].value;
  const kPa = airPressure(boil.altitudeM);
  const safe = safeCore(plan, pantry).tempC;
  const edgeMin =
    rules['boil.edge'].value * (pressedEdge(input.finish, input.thicknessMm, rules) / 2) ** 2;
  const faceMin = rules['boil.face'].value * input.thicknessMm ** 2;
  const last = lastPlace(plan.hold.phases);
  const pot = {
    bathC,
    kPa,
    targetC: safe ?? rules['boil.hot'].value,
    forSafety: safe !== null,
    ...cookedShape(made.mound, input.thicknessMm),
  };
  const ofPieces = {
    pieceG: made.doughG + input.doseG,
    pieceMm2: input.family.flatAreaMm2(input.size) / 2,
    waterL: boil.waterL,
    powerW: boil.powerW,
    waterC: bathC,
    atOnce: boil.atOnce,
  };
  const from = {
    ...pot,
    edgeMin,
    faceMin,
    fromC: placeC(last, hold.climate),
    thicknessMm: input.thicknessMm,
    freshC: placeC('fridge', hold.climate),
    pot: ofPieces,
  };
  return {
    ...cooking(plan, rules, from, last === 'freezer'),
    ...pot,
    ofPieces,
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
  };
}

/**
 * Last stage: the boil of them all.
 * @param pieces how many; asked only for the rounds
 */
export function boilStage(
  plan: Plan,
  { rules, conditions: { fridgeC } }: Basis,
  { piece: { input }, pot }: { piece: PieceStage; pot: PotStage },
  pieces: () => number,
): BoilStage {
  const from = (fromC: number, frozen: boolean) =>
    cooking(
      plan,
      rules,
      {
        ...pot,
        fromC,
        thicknessMm: input.thicknessMm,
        freshC: fridgeC,
        pot: pot.ofPieces,
      },
      frozen,
    );
  const courseFrom = (fromC: number, frozen: boolean) =>
    pot.targetC >= pot.bathC
      ? []
      : coreCourse({ ...pot, fromC }, frozen, 1.4 * from(fromC, false).minutes);
  return lazily(pot, {
    rounds: () =>
      boilRounds(
        {
          ...pot.ofPieces,
          pieces: pieces(),
          potMin: pot.potMin,
          fromC: pot.fromC,
          frozen: pot.frozen,
        },
        rules,
      ),
    fresh: () => from(fridgeC, false),
    fromFrozen: () => from(FREEZER_C, true),
    freshCourse: () => courseFrom(fridgeC, false),
    frozenCourse: () => courseFrom(FREEZER_C, true),
  });
}
