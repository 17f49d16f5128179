import type { Basis } from '../basis/basis';
import type { Plan } from '../plan/document/schema';
import { causeOf } from './causes';
import { diagnose } from './diagnose';
import { knownOf } from './known';
import { SIGNS, SIGN_IDS, type SignId } from './signs';
import { STAGES, STAGE_NAMES } from './stages';

/** One sign on the back of a card: its likeliest causes in this plan, and what to do now. */
export interface BackLine {
  readonly sign: SignId;
  readonly name: string;
  readonly mostly: readonly string[];
  readonly now: string;
}

/** Signs of one part of the work. */
export interface BackPart {
  readonly title: string;
  readonly lines: readonly BackLine[];
}

/** Causes named for a sign. */
const NAMED = 2;

/**
 * The signs of a plan’s own shape, dough and hold, with the likeliest causes and what to do: for the back of its
 * bench card. Rule, as every diagnosis.
 * @example cardBack(plan, basis)[0].title // 'Mixing and resting'
 */
export function cardBack(plan: Plan, basis: Basis): BackPart[] {
  const known = knownOf({ plan, basis });
  const lineOf = (sign: SignId): BackLine => {
    const causes = diagnose({ signs: [sign], answers: {} }, known)
      .causes.map(({ id }) => causeOf(id))
      .filter(({ signs }) => signs[sign] !== undefined)
      .slice(0, NAMED);
    return {
      sign,
      name: SIGNS[sign].name,
      mostly: causes.map(({ name }) => name),
      now: causes[0]?.now ?? '',
    };
  };
  return STAGES.flatMap((stage) => {
    const lines = SIGN_IDS.filter((sign) => SIGNS[sign].stage === stage).map(lineOf);
    return lines.length > 0 ? [{ title: STAGE_NAMES[stage], lines }] : [];
  });
}
