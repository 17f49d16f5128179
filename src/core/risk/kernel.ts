import { coreFrozen } from '../boil/coreFrozen';
import { coreThawed } from '../boil/coreThawed';
import { liftPull, wetStrength } from '../hold/lift';
import { minuteWhen, paceIn, type PhasePlace } from '../hold/phases';
import { cookedShape } from '../plan/model/boil';
import { moundPerimeter } from '../plan/model/hold';
import type { HeldModel } from '../plan/model/model';
import { neededLip, pressedEdge } from '../shapes/finish';
import type { Mound } from '../shapes/mound';
import { lazily } from '../working/lazy';
import { tensor, type Range } from './interpolate';
import { MARGINS, NO_END } from './margins';
import { seepOver } from './seepOver';

/** What of a piece hangs on its dose alone. */
export interface DoseSide {
  readonly mound: Mound;
  readonly lipMm: number;
  /** Sheet thickness ÷ dough over the dome. */
  readonly thins: number;
  readonly perimeterMm: number;
  readonly doseG: number;
}

/** What of a piece hangs on its sheet alone. */
export interface SheetSide {
  readonly thicknessMm: number;
  readonly neededLipMm: number;
  readonly open: number;
  readonly sealFactor: number;
  /** Minutes the hold is good for, of those planned. */
  readonly seep: number;
  readonly wetKPa: number;
  readonly edgeMin: number;
  readonly faceMin: number;
  readonly doughG: number;
}

/** A plan's margins as plain numbers, over any thickness and dose of a range. */
export interface Kernel {
  doseSide(doseG: number): DoseSide;
  sheetSide(thicknessMm: number): SheetSide;
  /** Minutes until the middle is hot; of every pair, row by row of thickness. */
  coreMin(thicknessMm: number, doseG: number): number;
  coreGrid(thicknessMm: readonly number[], doseG: readonly number[]): Float64Array;
  /** Every margin in the order of {@link MARGINS}, into `out`; the lowest is returned. */
  margins(dose: DoseSide, sheet: SheetSide, coreMin: number, out: Float64Array): number;
}

const CORE_NODES = { thawed: 6, frozen: 4 } as const;

/**
 * Takes what the margins stand on from a plan once, so that map and scatter need no whole plans: the
 * mound hangs on the dose, the seep on the sheet; the middle's heating and the seep are read from small
 * tables over the range asked for.
 * @param seep how the seep is told over the range
 */
export function kernelOf(
  model: HeldModel,
  {
    thicknessMm,
    doseG,
    seep = seepOver,
  }: { thicknessMm: Range; doseG: Range; seep?: typeof seepOver },
): Kernel {
  const { plan, basis, piece, sheet, hold, boil, dough } = model;
  const { rules } = basis;
  const { input } = piece;
  const { family, size, finish } = input;
  const { openMin, fillMin } = sheet.fill;
  const pace = (place: PhasePlace) => 60 * paceIn(place, hold.climate, rules);
  const doughPerMmG = piece.made.doughG / input.thicknessMm;
  const safeMin = hold.safe?.minute ?? Infinity;

  const mound = (dose: number) => family.mound({ ...input, doseG: dose }, size, rules);

  const seepAt = seep(model, thicknessMm);

  const coreOf = boil.frozen ? coreFrozen : coreThawed;
  const nodes = boil.frozen ? CORE_NODES.frozen : CORE_NODES.thawed;
  const reaches = boil.coreS !== null;
  const logDose: Range = [Math.log(doseG[0]), Math.log(doseG[1])];
  // Not every question asks for the middle over a range.
  const core = lazily(
    {},
    {
      over: () =>
        tensor(thicknessMm, logDose, nodes, (mm, log) =>
          reaches
            ? coreOf({
                ...cookedShape(mound(Math.exp(log)), mm),
                fromC: boil.fromC,
                bathC: boil.bathC,
                targetC: boil.targetC,
              }) / 60
            : 0,
        ),
    },
  );

  const inSauce = rules['boil.sauce'].value * plan.boil.sauceMin;
  const rough = rules['boil.room'].value * rules[`boil.rough.${plan.boil.style}`].value;
  const { growth } = boil.burst;
  // How much later a frozen piece cooks hardly hangs on its dose; ice lies behind a thicker face for longer.
  const { later } = boil;
  // Read once: every piece of a scatter asks for them.
  const tears = rules['shape.tears'].value;
  const joins = rules['seal.holds'].value;
  const stands = rules['boil.skinStands'].value;
  const standsMin = rules['boil.skinStandsMin'].value;
  const leastPotMin = boil.forSafety ? 1 : 0;

  return {
    doseSide(dose) {
      const made = mound(dose);
      return {
        mound: made,
        lipMm: family.lipMm(size, made),
        thins: 1 + made.drape * Math.max(0, made.areaRatio - 1),
        perimeterMm: moundPerimeter(made),
        doseG: dose,
      };
    },
    sheetSide(mm) {
      const open = (openMin * mm) / input.thicknessMm;
      const { tackyS, endMoisture } = seepAt(mm);
      const tacky = tackyS && minuteWhen(plan.hold.phases, tackyS, pace);
      const goodFor = Math.min(tacky ?? Infinity, safeMin);
      return {
        thicknessMm: mm,
        neededLipMm: neededLip(finish, mm, rules),
        open: fillMin > 0 ? open / fillMin : NO_END,
        sealFactor: hold.sealFactor,
        seep: hold.plannedMin > 0 && Number.isFinite(goodFor) ? goodFor / hold.plannedMin : NO_END,
        wetKPa: wetStrength(dough.strengthKPa, endMoisture - sheet.moisture, rules),
        edgeMin: rules['boil.edge'].value * (pressedEdge(finish, mm, rules) / 2) ** 2,
        faceMin: rules['boil.face'].value * mm ** 2,
        doughG: doughPerMmG * mm,
      };
    },
    coreMin: (mm, dose) => core.over([mm], [Math.log(dose)])[0]!,
    coreGrid: (mm, dose) => core.over(mm, dose.map(Math.log)),
    margins(dose, at, coreMin, out) {
      const lip = Math.max(0, dose.lipMm) / at.neededLipMm;
      const overTop = at.thicknessMm / dose.thins;
      const minutes = Math.max(
        coreMin,
        at.edgeMin + later.bathMin,
        at.faceMin + later.bathMin + (later.faceMin * at.thicknessMm) / input.thicknessMm,
      );
      const potMin = Math.max(minutes - inSauce, leastPotMin * coreMin, 0.5);
      out[0] = lip;
      out[1] = overTop / tears;
      out[2] = at.open;
      out[3] = at.sealFactor / joins;
      out[4] = at.seep;
      out[5] =
        at.wetKPa /
        liftPull({
          pieceG: dose.doseG + at.doughG,
          perimeterMm: dose.perimeterMm,
          thicknessMm: overTop,
        });
      out[6] = growth > 0 ? (rough * at.sealFactor * Math.min(1, lip)) / growth : NO_END;
      out[7] = (stands * at.faceMin + standsMin) / potMin;
      let least = Infinity;
      for (let i = 0; i < LINKS.length; i += 1) if (LINKS[i] && out[i]! < least) least = out[i]!;
      return least;
    },
  };
}

/** Which margins lose pieces, in order. */
const LINKS = MARGINS.map(({ workedRound }) => !workedRound);
