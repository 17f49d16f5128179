import { doughIn, fillingIn } from '../run/bowls';
import type { CorrectionKind } from '../dough/feel';
import type { StepId } from '../run/events';
import type { Made } from './cause';

const MINUTE_MS = 60_000;

/** Whether the hand corrected the dough so. */
export const did = ({ run }: Made, kind: CorrectionKind): boolean =>
  run.corrections.some((each) => each.did === kind && each.amount > 0);

/** Eggs as weighed in, against what they should weigh; 1 where nobody weighed them. */
export function eggsOver({ run, result, pantry }: Made): number {
  let [meantG, wasG] = [0, 0];
  for (const [item, g] of run.ingredients) {
    const line = result.dough.parts.find(({ id }) => item.includes(id));
    if (!line || pantry.ingredients.get(line.id)?.group !== 'egg' || line.g <= 0) continue;
    meantG += line.g;
    wasG += g;
  }
  return meantG > 0 ? wasG / meantG : 1;
}

/** Minutes from a step's beginning to its being done; null where the bench does not know both. */
function minutesOf({ run }: Made, step: StepId): number | null {
  const begun = run.events.find((each) => each.kind === 'stepBegun' && each.step === step);
  const done = run.events.find((each) => each.kind === 'stepDone' && each.step === step);
  return begun && done ? (Date.parse(done.at) - Date.parse(begun.at)) / MINUTE_MS : null;
}

/** Steps by which a step cut short speaks: 2 under half its time, 1 under three quarters, against when whole. */
export function shortOf(made: Made, step: StepId, plannedMin: number): number {
  const minutes = minutesOf(made, step);
  if (minutes === null || plannedMin <= 0) return 0;
  const share = minutes / plannedMin;
  return share < 0.5 ? 2 : share < 0.75 ? 1 : share >= 1 ? -1 : 0;
}

/** The slowest sheet against the open time. */
export function slowSheets({ run, result }: Made): number {
  const slowest = Math.max(0, ...run.sheets.map(({ seconds }) => seconds ?? 0));
  if (slowest === 0) return 0;
  const used = slowest / 60 / result.sheet.fill.openMin;
  return used > 1.3 ? 2 : used > 1 ? 1 : -1;
}

/** Strips as measured against what the plan counts on; 1 where none was. */
export const thickness = ({ run, result }: Made): number =>
  run.thickness.length === 0
    ? 1
    : run.thickness.reduce((sum, mm) => sum + mm, 0) /
      run.thickness.length /
      result.comesOut.thicknessMm;

/** What a towel took up against what the sums expected. */
export function towel({ run, result }: Made): number {
  const wetG = run.measured.towelG;
  if (wetG === undefined) return 0;
  // A level spoonful of about 15 g; what it gives up beyond what the sums call free.
  return wetG / 15 > result.filling.freeWaterShare + 0.04 ? 2 : -1;
}

/** Doses as weighed against what the plan counts on; 1 where none was. */
export const dosed = ({ run, result }: Made): number =>
  run.doses ? run.doses.g / result.comesOut.doseG : 1;

/** How far the first pieces stood longer than planned before the first round. */
export function stoodOver({ run, result }: Made): number {
  const first = run.sheets[0];
  const round = run.events.find(({ kind }) => kind === 'roundDone');
  if (!first || !round) return 0;
  const minutes = (Date.parse(round.at) - Date.parse(first.at)) / MINUTE_MS;
  const planned = result.hold.plannedMin + result.sheet.fill.fillMin * run.sheets.length;
  return minutes > 2 * planned + 15 ? 2 : minutes > 1.3 * planned + 10 ? 1 : -1;
}

/** Minutes of the rounds against the plan's; 1 where nobody timed them. */
export function boiled({ run, result }: Made): number {
  const timed = run.rounds.flatMap(({ minutes }) => minutes ?? []);
  if (timed.length === 0) return 1;
  return timed.reduce((sum, each) => sum + each, 0) / timed.length / result.boil.potMin;
}

/** Whether a round held more than the pot takes. */
export const crowded = ({ run, result }: Made): number =>
  run.rounds.some(({ pieces }) => pieces > 1.3 * result.boil.rounds.pieces) ? 2 : 0;

/** Trim weighed at the end against what the plan leaves. */
export function trimOver({ run, result }: Made): number {
  const { trimG } = run.left;
  if (trimG === null) return 0;
  return trimG > 1.5 * result.trim.g + 50 ? 2 : -1;
}

/** The bowls as weighed against the plan: filling against dough; 1 where nobody weighed them. */
export function bowlOver({ run, result }: Made): number {
  if (run.fillingG === null) return 1;
  const planned = result.filling.totalG / result.dough.totalG;
  return fillingIn(result, run) / doughIn(result, run) / planned;
}
