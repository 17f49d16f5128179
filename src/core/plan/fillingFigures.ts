import { findIngredient, findPreparation, type Pantry } from '../composition/pantry';
import type { Composition, Part } from '../composition/compose';
import { coolingTime, FIRST_COOL_C, FIRST_COOL_LIMIT_MIN } from '../filling/cooling';
import { pipedLength } from '../filling/doses';
import { eggBinding } from '../filling/eggBinder';
import { freeWaterGrade } from '../filling/freeWaterGrade';
import { piping, standing, USUAL_LUMP_MM } from '../filling/handling';
import { spreadRadius } from '../filling/spreadRadius';
import { capRadius } from '../shapes/cap';
import { HEIGHT_TO_RADIUS } from '../shapes/mound';
import { stiffnessOf } from './fillingOfPlan';
import type { Plan } from './schema';

/** Works the filling out for a weight of it and a dose: what to weigh, where its water is, how it behaves. */
export function fillingFigures(
  plan: Plan,
  pantry: Pantry,
  { composition: c, totalG, doseG }: { composition: Composition; totalG: number; doseG: number },
) {
  const { filling } = plan;
  const scale = c.massG > 0 ? totalG / c.massG : 0;
  const { pa, from } = stiffnessOf(filling, c);
  const doseMl = doseG / c.densityGPerMl;
  const settledMm = spreadRadius({
    volumeMl: Math.max(0.01, doseMl),
    densityGPerMl: c.densityGPerMl,
    yieldStressPa: pa,
  });
  const laidMm = capRadius(doseMl * 1000, HEIGHT_TO_RADIUS.spooned);
  const lumpMm = filling.lumpMm ?? USUAL_LUMP_MM[filling.texture];
  const sum = (pick: (part: Composition['parts'][number]) => number) =>
    c.parts.reduce((total, part) => total + pick(part), 0) * scale;
  const massOf = (chosen: (part: Part) => boolean) =>
    filling.parts.reduce(
      (total, part, i) => total + (chosen(part) ? (c.parts[i]?.massG ?? 0) : 0),
      0,
    );
  const eggShare = massOf(({ id }) => findIngredient(pantry, id).group === 'egg') / c.massG;
  const hot = filling.parts
    .map(({ id, preparation = 'raw' }) => findPreparation(pantry, preparation, id))
    .some((each) => each.hot);
  const cool = (depthMm: number) =>
    coolingTime({
      fromC: filling.cooling.fromC,
      toC: FIRST_COOL_C,
      depthMm,
      densityGPerMl: c.densityGPerMl,
      waterShare: c.massG > 0 ? c.waterG / c.massG : 0,
    });
  return {
    freeWaterShare: c.freeWaterShare,
    grade: freeWaterGrade(c.freeWaterShare),
    yieldStressPa: pa,
    stiffnessFrom: from,
    densityGPerMl: c.densityGPerMl,
    doseMl,
    totalMl: totalG / c.densityGPerMl,
    pipedMm: pipedLength({ doseG, densityGPerMl: c.densityGPerMl, tipMm: filling.tipMm }),
    recipeG: c.massG,
    scale,
    fatShare: c.massG > 0 ? c.fatG / c.massG : 0,
    saltShare: massOf(({ id }) => id === 'salt-fine') / c.massG,
    eggShare,
    eggBinding: eggBinding(eggShare),
    lumpMm,
    piping: piping({ lumpMm, tipMm: filling.tipMm, yieldStressPa: pa }),
    standing: standing({ laidMm, settledMm }),
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
    cooling: {
      hot,
      minutes: cool(filling.cooling.depthMm),
      limitMin: FIRST_COOL_LIMIT_MIN,
      /** Spread so deep or less, it makes the limit. */
      depthMm:
        (filling.cooling.depthMm * FIRST_COOL_LIMIT_MIN) /
        Math.max(1e-9, cool(filling.cooling.depthMm)),
    },
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
