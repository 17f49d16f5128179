import { coreFrozen } from '../boil/coreFrozen';
import { coreThawed } from '../boil/coreThawed';
import { wetStrength } from '../hold/lift';
import { minuteWhen, paceIn, type PhasePlace } from '../hold/phases';
import { cookedShape } from '../plan/model/boil';
import { moundPerimeter } from '../plan/model/hold';
import type { HeldModel } from '../plan/model/model';
import { neededLip, pressedEdge } from '../shapes/finish';
import { lazily } from '../working/lazy';
import { tensor, type Range } from './interpolate';
import { MARGINS } from './margins';
import { seepOver } from './seepOver';
import type { DoseSide, PieceAt, SheetSide } from './sides';

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
  // How much later a frozen piece cooks hardly hangs on its dose; ice lies behind a thicker face for longer.
  const { later } = boil;
  const leastPotMin = boil.forSafety ? 1 : 0;
  const each = MARGINS.map((margin) => margin.over(model));
  const filled = {} as PieceAt;

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
      const { tackyS, endMoisture } = seepAt(mm);
      const tacky = tackyS && minuteWhen(plan.hold.phases, tackyS, pace);
      return {
        thicknessMm: mm,
        neededLipMm: neededLip(finish, mm, rules),
        sealFactor: hold.sealFactor,
        goodForMin: Math.min(tacky ?? Infinity, safeMin),
        wetKPa: wetStrength(dough.strengthKPa, endMoisture - sheet.moisture, rules),
        edgeMin: rules['boil.edge'].value * (pressedEdge(finish, mm, rules) / 2) ** 2,
        faceMin: rules['boil.face'].value * mm ** 2,
        doughG: doughPerMmG * mm,
      };
    },
    coreMin: (mm, dose) => core.over([mm], [Math.log(dose)])[0]!,
    coreGrid: (mm, dose) => core.over(mm, dose.map(Math.log)),
    margins(dose, at, coreMin, out) {
      const minutes = Math.max(
        coreMin,
        at.edgeMin + later.bathMin,
        at.faceMin + later.bathMin + (later.faceMin * at.thicknessMm) / input.thicknessMm,
      );
      filled.dose = dose;
      filled.sheet = at;
      filled.lip = Math.max(0, dose.lipMm) / at.neededLipMm;
      filled.overTopMm = at.thicknessMm / dose.thins;
      filled.potMin = Math.max(minutes - inSauce, leastPotMin * coreMin, 0.5);
      let least = Infinity;
      for (let i = 0; i < each.length; i += 1) {
        out[i] = each[i]!(filled);
        if (LINKS[i] && out[i]! < least) least = out[i]!;
      }
      return least;
    },
  };
}

/** Which margins lose pieces, in order. */
const LINKS = MARGINS.map(({ workedRound }) => !workedRound);
