import { asMeant, type Batch } from '../faults/batch';
import { SIGNS, type SignId } from '../faults/signs';
import type { Plan } from '../plan/document/schema';
import { planFigures } from '../plan/evaluatePlan';
import type { PlanModel } from '../plan/model/model';
import { scatter } from '../risk/scatter';
import { trulyMade, type Standing } from './standing';

/** What a batch came to. */
export interface CameTo {
  readonly wanted: number;
  readonly made: number;
  /** Pieces that went no further, by what befell them. */
  readonly lost: Readonly<Record<LostBy, number>>;
  /** Brought to the plates as they should be: no more than wanted. */
  readonly plated: number;
  /** Brought to the plates, and not as they should be. */
  readonly poor: number;
  /** What is poor about them; null while none is. */
  readonly poorBy: SignId | null;
  /** Whole ones beyond what was wanted. */
  readonly spare: number;
  readonly spareG: number;
  readonly leftDoughG: number;
  readonly leftFillingG: number;
  /** Dough that stuck or tore and was rolled by nobody, g. */
  readonly ruinedG: number;
}

/** What befalls a piece before the plate. */
export const LOST_BY = {
  dried: 'closed on a face that had dried',
  unsafe: 'thrown away: they stood too long to be safe',
  tray: 'torn as they were lifted from the tray',
  air: 'burst of the air in them',
  opened: 'opened or torn in the pot',
} as const;

export type LostBy = keyof typeof LOST_BY;

/** So many pieces are tried by the scatter: a batch on paper is weighed to a piece or two. */
const TRIED = 1200;

/** What may be amiss with a piece on the plate. */
const POOR = ['coldMiddle', 'mushyFace', 'hardEdge'] as const satisfies readonly SignId[];

const massOf = (parts: Plan['dough']['parts']): number => parts.reduce((sum, { g }) => sum + g, 0);

/**
 * Plays a batch out to the plates by the model: what it gives, what is lost on the way, what is left.
 * Rule over laws; the same standing gives the same.
 */
export function comesTo(standing: Standing): CameTo {
  const { meant, share, slips } = standing;
  const made = trulyMade(standing);
  const { rules } = made.basis;
  const batch: Batch = { meant, made, slips };
  const wanted = meant.plan.batch.portions * meant.plan.batch.piecesPerPortion;

  const doughG =
    meant.batch.batch.dough.inG *
    share *
    (massOf(made.plan.dough.parts) / massOf(meant.plan.dough.parts));
  const fillingG =
    meant.batch.batch.filling.inG *
    share *
    (made.filling.composition.massG / meant.filling.composition.massG);
  // What a dough does that is as it should be, it does in every kitchen.
  const spoils = (sign: SignId) =>
    Math.max(0, SIGNS[sign].shows(batch) - SIGNS[sign].shows(asMeant(meant)));
  const ruined =
    rules['paper.ruined'].value * Math.max(spoils('tearsInRoller'), spoils('sticksInRoller'));
  const from = (way: Partial<Plan['batch']>) =>
    planFigures({ ...made.plan, batch: { ...made.plan.batch, ...way } }, made.basis);
  const byDough = from({ wayIn: 'dough', doughInHandG: doughG * (1 - ruined) });
  const byFilling = from({ wayIn: 'filling', fillingInHandG: fillingG });
  const pieces = Math.min(byDough.pieces, byFilling.pieces);

  const lost = lostOf(standing, made, pieces);
  const left = pieces - Object.values(lost).reduce((sum, n) => sum + n, 0);
  const served = Math.min(wanted, left);
  const [poorBy, poorShare] = poorestOf(batch);
  const poor = Math.round(served * poorShare);
  return {
    wanted,
    made: pieces,
    lost,
    plated: served - poor,
    poor,
    poorBy: poor > 0 ? poorBy : null,
    spare: left - served,
    spareG: (left - served) * (made.piece.made.doughG + made.piece.input.doseG),
    leftDoughG: doughG * (1 - ruined) * Math.max(0, 1 - pieces / Math.max(1, byDough.pieces)),
    leftFillingG: fillingG * Math.max(0, 1 - pieces / Math.max(1, byFilling.pieces)),
    ruinedG: doughG * ruined,
  };
}

/** The pieces of a batch that do not reach the plate. */
function lostOf(
  { wholeSheet }: Standing,
  made: PlanModel,
  pieces: number,
): Readonly<Record<LostBy, number>> {
  const { hold } = made;
  const unsafe = hold.safe !== null && hold.plannedMin > hold.safe.minute;
  const dried = wholeSheet ? driedShare(made) : 0;
  const { byCause } = scatter(made, { pieces: TRIED });
  const tray = (byCause.seep ?? 0) + (byCause.lift ?? 0);
  const air = byCause.burst ?? 0;
  const opened = (byCause.lip ?? 0) + (byCause.seal ?? 0) + (byCause.thinning ?? 0);
  const sodden = byCause.face ?? 0;
  let left = pieces;
  // Each takes of what the ones before have left: whole pieces, and never more than there are.
  const takes = (n: number): number => {
    const taken = Math.min(left, Math.round(n));
    left -= taken;
    return taken;
  };
  const driedPieces = takes(pieces * dried);
  const kept = left;
  // What is thrown away goes into no pot.
  return {
    dried: driedPieces,
    unsafe: takes(unsafe ? kept : 0),
    tray: takes(kept * tray),
    air: takes(kept * air),
    opened: takes(kept * (opened + sodden)),
  };
}

/**
 * Share of a sheet’s pieces that are closed on a face too dry to join: those filled after its seal factor has
 * fallen to what joins. Law on the rules of the seal.
 */
function driedShare({ hold, sheet, basis: { rules } }: PlanModel): number {
  const { openMin, fillMin } = sheet.fill;
  if (fillMin <= 0) return 0;
  const lasts = openMin * (1 + Math.log(Math.max(1, hold.sealFactor / rules['seal.holds'].value)));
  return Math.max(0, 1 - lasts / fillMin);
}

/** What is most amiss on the plates for how it was lifted out, and with what share of them. */
function poorestOf(batch: Batch): readonly [SignId, number] {
  const lifted: Batch = { ...batch, slips: { ...batch.slips, potShare: 1 } };
  return POOR.map(
    (sign) => [sign, Math.max(0, SIGNS[sign].shows(batch) - SIGNS[sign].shows(lifted))] as const,
  ).reduce((worst, each) => (each[1] > worst[1] ? each : worst));
}
