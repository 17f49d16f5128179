import { untilMinute, warmSeconds } from '../../hold/phases';
import type { Seep } from '../../hold/seep';
import { faceAfter, profileAfter } from '../../hold/seepCourse';
import { lazily } from '../../working/lazy';
import type { HoldStage } from './hold';
import type { PlanModel } from './model';

/** From closing to the pot. */
export interface HoldResult extends Omit<HoldStage, 'course'> {
  /** The sheet through the hold and somewhat beyond it, evenly in time. */
  readonly moments: readonly HoldMoment[];
}

/** Moisture through the sheet at one moment, wet basis. */
export interface HoldMoment {
  readonly minute: number;
  readonly face: number;
  /** From the filling down. */
  readonly profile: readonly number[];
}

/** The hold as results show it; its moments are worked out when they are asked for. */
export function holdResult(model: PlanModel): HoldResult {
  const { course, ...hold } = model.hold;
  return lazily(hold, { moments: () => momentsOf(hold, course, model) });
}

/** So many looks at the sheet. */
const MOMENTS = 13;

function momentsOf(
  { plannedMin, minutesToTacky, climate }: Omit<HoldStage, 'course'>,
  course: Seep,
  { plan, basis: { rules } }: PlanModel,
): HoldMoment[] {
  const untilMin = Math.max(plannedMin, Math.min(minutesToTacky ?? 0, 2 * plannedMin)) * 1.1;
  return Array.from({ length: MOMENTS }, (_, i) => {
    const minute = (untilMin * i) / (MOMENTS - 1);
    const seconds = warmSeconds(untilMinute(plan.hold.phases, minute), climate, rules);
    return { minute, face: faceAfter(course, seconds), profile: profileAfter(course, seconds) };
  });
}
