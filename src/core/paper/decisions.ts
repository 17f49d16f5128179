import type { Decision, DecisionId } from './decision';
import { boil } from './decisions/boil';
import { buy } from './decisions/buy';
import { close } from './decisions/close';
import { dose } from './decisions/dose';
import { filling } from './decisions/filling';
import { hold } from './decisions/hold';
import { mix } from './decisions/mix';
import { rest } from './decisions/rest';
import { roll } from './decisions/roll';

/** Every decision of a batch on paper. */
export const DECISIONS: Readonly<Record<DecisionId, Decision>> = {
  buy,
  mix,
  rest,
  filling,
  roll,
  dose,
  close,
  hold,
  boil,
};
