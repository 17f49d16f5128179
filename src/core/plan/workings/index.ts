import type { Working } from '../../working/working';
import type { PlanContext } from '../context';
import type { PlanFigures } from '../figures';
import { countWorkings } from './count';
import { doughWorkings } from './dough';
import { fillingWorkings } from './filling';
import { ledgerWorkings } from './ledger';
import { sheetWorkings, shapeWorkings } from './sheetAndShape';

/** Every figure of the plan that can be opened, with its working. */
export function workingsOf(context: PlanContext, figures: PlanFigures) {
  return {
    ...countWorkings(context, figures),
    ...ledgerWorkings(context, figures),
    ...doughWorkings(context, figures),
    ...fillingWorkings(context, figures),
    ...sheetWorkings(context, figures),
    ...shapeWorkings(context, figures),
  } satisfies Record<string, Working>;
}
