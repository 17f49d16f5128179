import type { Working } from '../../working/working';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { countWorkings } from './count';
import { doughWorkings } from './dough';
import { fillingWorkings } from './filling';
import { ledgerWorkings } from './ledger';
import { sheetWorkings, shapeWorkings } from './sheetAndShape';

/** Every figure of the plan that can be opened, with its working. */
export function workingsOf(model: PlanModel, figures: PlanFigures) {
  return {
    ...countWorkings(model, figures),
    ...ledgerWorkings(model, figures),
    ...doughWorkings(model, figures),
    ...fillingWorkings(model, figures),
    ...sheetWorkings(model, figures),
    ...shapeWorkings(model, figures),
  } satisfies Record<string, Working>;
}

/** The working of every figure, by the figure's id. */
export type Workings = ReturnType<typeof workingsOf>;
