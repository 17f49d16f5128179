import type { Rules } from '../../basis/rules';
import { findIngredient, findPreparation } from '../../composition/pantry';
import type { Composition, Part } from '../../composition/compose';
import {
  cooled,
  coolingDepth,
  traysNeeded,
  type Cooled,
  type CoolingPan,
} from '../../filling/cooling';
import { pipedLength } from '../../filling/doses';
import { eggBinding, type EggBinding } from '../../filling/eggBinder';
import { freeWaterGrade, type FreeWaterGrade } from '../../filling/freeWaterGrade';
import { piping, standing, usualLump, type Piping, type Standing } from '../../filling/handling';
import { spreadRadius } from '../../filling/spreadRadius';
import { capRadius } from '../../shapes/cap';
import type { Stiffness } from './filling';
import type { PlanModel } from './model';

/** A common tray, 530 × 325 mm. */
const TRAY_MM2 = 530 * 325;

/** The filling of a batch: what to weigh, where its water is, how it behaves. */
export interface FillingFigures {
  readonly freeWaterShare: number;
  readonly grade: FreeWaterGrade;
  readonly yieldStressPa: number;
  readonly stiffnessFrom: Stiffness['from'];
  readonly densityGPerMl: number;
  readonly doseMl: number;
  readonly totalMl: number;
  readonly pipedMm: number;
  readonly recipeG: number;
  readonly scale: number;
  readonly fatShare: number;
  readonly saltShare: number;
  readonly eggShare: number;
  readonly eggBinding: EggBinding;
  readonly lumpMm: number;
  readonly piping: Piping;
  readonly standing: Standing;
  readonly laidMm: number;
  readonly settledMm: number;
  /** Where the water of this batch is and went, g. */
  readonly water: {
    readonly rawG: number;
    readonly takenUpG: number;
    readonly dripG: number;
    readonly steamedG: number;
    readonly heldG: number;
    readonly freeG: number;
  };
  readonly cooling: CoolingFigures;
  readonly parts: readonly FillingLine[];
  readonly cookedOffG: number;
}

/** How the filling cools, spread as the cook does. */
export interface CoolingFigures extends Cooled {
  readonly hot: boolean;
  /** Common trays that it fills at the cook's depth. */
  readonly trays: number;
  /** What meets both limits: a depth and its trays, and whether an ice bath under the cook's depth does. */
  readonly meets: {
    readonly depthMm: number;
    readonly trays: number;
    readonly ice: boolean;
  };
}

/** One ingredient of the filling, as it is weighed out. */
export interface FillingLine {
  readonly id: string;
  readonly name: string;
  readonly preparation: string;
  readonly recipeG: number;
  readonly g: number;
  readonly preparedG: number;
}

/** Works the filling out for the weight of it and the dose that the batch and the piece ask for. */
export function fillingFigures({
  plan,
  basis,
  filling: mixed,
  piece,
  batch,
}: PlanModel): FillingFigures {
  const { pantry, rules, conditions } = basis;
  const { composition: c, stiffness } = mixed;
  const { doseG } = piece.input;
  const totalG = batch.batch.filling.inG;
  const { filling } = plan;
  const scale = c.massG > 0 ? totalG / c.massG : 0;
  const { pa, from } = stiffness;
  const doseMl = doseG / c.densityGPerMl;
  const settledMm = spreadRadius({
    volumeMl: Math.max(0.01, doseMl),
    densityGPerMl: c.densityGPerMl,
    yieldStressPa: pa,
  });
  const laidMm = capRadius(doseMl * 1000, rules['shape.laid.spooned'].value);
  const lumpMm = filling.lumpMm ?? usualLump(filling.texture, rules);
  const sum = (pick: (part: Composition['parts'][number]) => number) =>
    c.parts.reduce((total, part) => total + pick(part), 0) * scale;
  const massOf = (chosen: (part: Part) => boolean) =>
    filling.parts.reduce(
      (total, part, i) => total + (chosen(part) ? (c.parts[i]?.massG ?? 0) : 0),
      0,
    );
  const eggShare = massOf(({ id }) => findIngredient(pantry, id).group === 'egg') / c.massG;
  // What is cooked off as a whole is hot as a whole.
  const hot =
    filling.cookedOffG > 0 ||
    filling.parts
      .map(({ id, preparation = 'raw' }) => findPreparation(pantry, preparation, id))
      .some((each) => each.hot);
  const totalMl = totalG / c.densityGPerMl;
  return {
    freeWaterShare: c.freeWaterShare,
    grade: freeWaterGrade(c.freeWaterShare, rules),
    yieldStressPa: pa,
    stiffnessFrom: from,
    densityGPerMl: c.densityGPerMl,
    doseMl,
    totalMl,
    pipedMm: pipedLength({ doseG, densityGPerMl: c.densityGPerMl, tipMm: filling.tipMm }),
    recipeG: c.massG,
    scale,
    fatShare: c.massG > 0 ? c.fatG / c.massG : 0,
    saltShare: massOf(({ id }) => id === 'salt-fine') / c.massG,
    eggShare,
    eggBinding: eggBinding(eggShare, rules),
    lumpMm,
    piping: piping({ lumpMm, tipMm: filling.tipMm, yieldStressPa: pa }, rules),
    standing: standing({ laidMm, settledMm, yieldStressPa: pa }, rules),
    laidMm,
    settledMm,
    /** Where the water of this batch is and went, g. */
    water: {
      rawG: sum((part) => part.rawWaterG),
      takenUpG: sum((part) => part.takenUpG),
      dripG: sum((part) => part.dripG),
      steamedG: sum((part) => part.steamedG) + filling.cookedOffG * scale,
      heldG: c.heldG * scale,
      freeG: c.freeG * scale,
    },
    cooling: coolingFigures(
      { ...filling.cooling, airC: conditions.coldAirC },
      { hot, totalMl },
      rules,
    ),
    parts: filling.parts.map(({ id, g, preparation }, index) => ({
      id,
      name: findIngredient(pantry, id).name,
      preparation: pantry.preparations.get(preparation)?.name ?? preparation,
      recipeG: g,
      g: g * scale,
      preparedG: (c.parts[index]?.massG ?? 0) * scale,
    })),
    cookedOffG: filling.cookedOffG * scale,
  };
}

function coolingFigures(
  pan: CoolingPan,
  { hot, totalMl }: { hot: boolean; totalMl: number },
  rules: Rules,
): CoolingFigures {
  const asIs = cooled(pan, rules);
  const depthMm = coolingDepth(pan, rules);
  return {
    ...asIs,
    hot,
    late: hot && asIs.late,
    trays: traysNeeded(totalMl, pan.depthMm, TRAY_MM2),
    meets: {
      depthMm,
      trays: traysNeeded(totalMl, depthMm, TRAY_MM2),
      ice: !cooled({ ...pan, on: 'ice', covered: false }, rules).late,
    },
  };
}
