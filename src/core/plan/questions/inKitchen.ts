import type { Basis } from '../../basis/basis';
import type { Rules } from '../../basis/rules';
import { waterIn } from '../../boil/rounds';
import { cutterForm, cuttersFor } from '../../kitchen/cuttersFor';
import type { Cutter, Kitchen } from '../../kitchen/kitchen';
import { doseBand } from '../../shapes/piece';
import { typedPiece } from '../model/piece';
import { PLAN_FIELDS } from '../document/planFields';
import { springBackOf } from '../model/rolling';
import type { Plan } from '../document/schema';
import type { Roller } from '../../sheet/roller';
import { toSetting } from '../../sheet/setting';

/** A plan made with a kitchen's own: its first roller and what that leaves, its eggs, its air. */
export function inKitchen(
  plan: Plan,
  { rollers: [roller], eggG, yolkG, roomC, rh, benchMm, pots, cutters }: Kitchen,
  basis: Basis,
): Plan {
  const largest = [...pots].sort((a, b) => b.litres - a.litres)[0];
  const here: Plan = {
    ...plan,
    dough: { ...plan.dough, eggG, yolkG, roomC },
    // A starting plan's own shorter sheet stays: a longer one would dry before it is filled.
    sheet: { ...plan.sheet, benchMm: Math.min(plan.sheet.benchMm, benchMm), rh },
    boil: largest ? { ...plan.boil, waterL: waterIn(largest.litres, basis.rules) } : plan.boil,
  };
  const rolled = roller ? onRoller(here, roller, springBackOf(here, basis), basis.rules) : here;
  return byOwnCutter(rolled, cutters, basis);
}

/** A cutter whose blank is this much smaller or larger is another piece. */
const OTHER_PIECE = 0.25;

/**
 * The plan cut with the nearest of a kitchen's own rings or stamps, its dose scaled to the blank so that it
 * holds as it did; as it is where none comes near. Squares are cut to any size by wheel or knife.
 */
export function byOwnCutter(plan: Plan, cutters: readonly Cutter[], basis: Basis): Plan {
  const { sizeMm, doseG } = plan.shape;
  if (cutterForm(plan.shape) === 'square') return plan;
  const [nearest] = cuttersFor(plan, cutters).sort(
    (a, b) => Math.abs(a.mm - sizeMm) - Math.abs(b.mm - sizeMm),
  );
  if (!nearest || Math.abs(nearest.mm / sizeMm - 1) > OTHER_PIECE) return plan;
  const cut: Plan = { ...plan, shape: { ...plan.shape, sizeMm: nearest.mm } };
  const scaledG = doseG * (nearest.mm / sizeMm) ** 3;
  const band = doseBand(typedPiece(cut, basis), basis.rules, {
    margin: basis.rules['risk.aim'].value,
  });
  const most = Math.min(scaledG, band?.[1] ?? scaledG);
  return { ...cut, shape: { ...cut.shape, doseG: Math.max(0.5, Math.floor(most * 2) / 2) } };
}

/** A step this near the thickness wanted, mm, is what was meant by it. */
const MEANT_MM = 0.11;

/**
 * The plan rolled on a roller: the sheet no wider than it, the thickness moved to what its nearest
 * step leaves where that is close.
 * @param springBack how much thicker than the gap its sheets come out, share
 */
export function onRoller(plan: Plan, roller: Roller, springBack: number, rules: Rules): Plan {
  const { thicknessMm, widthMm, benchMm } = plan.sheet;
  const left = toSetting(roller, thicknessMm, { springBack, withinMm: MEANT_MM }, rules);
  const pin = roller.drive === 'pin';
  const { style } = plan.dough;
  return {
    ...plan,
    dough: {
      ...plan.dough,
      style: pin
        ? style === 'plain'
          ? 'rolledByPin'
          : style
        : style === 'rolledByPin'
          ? 'plain'
          : style,
    },
    sheet: {
      ...plan.sheet,
      roller,
      thicknessMm: Math.min(left, PLAN_FIELDS['sheet.thicknessMm'].max),
      // Straightened by as much as it was; a pin's sheet is as round as it is wide.
      widthMm: Math.min(
        roller.widthMm,
        Math.max(widthMm, Math.round((widthMm * roller.widthMm) / plan.sheet.roller.widthMm)),
      ),
      benchMm: pin ? Math.min(benchMm, PIN_SHEET_MM) : benchMm,
    },
  };
}

/** A pin rolls no longer sheet than arms reach round, mm. Rule. */
const PIN_SHEET_MM = 500;
