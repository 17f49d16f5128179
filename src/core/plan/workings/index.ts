import { lazily } from '../../working/lazy';
import type { Taught } from '../../basis/learnt';
import type { Working } from '../../working/working';
import type { PlanFigures } from '../model/figures';
import type { PlanModel } from '../model/model';
import { learntOfFigure } from '../model/withLearnt';
import { countFigures } from './count';
import { doughFigures } from './dough';
import { fillingFigures } from './filling';
import { boilFigures } from './boil';
import { holdFigures } from './hold';
import { ledgerFigures } from './ledger';
import { shapeFigures } from './shape';
import { sheetFigures } from './sheet';

/** Every figure that can be opened. A further one is one more entry of its subject's list. */
const FIGURES = {
  ...countFigures,
  ...ledgerFigures,
  ...doughFigures,
  ...fillingFigures,
  ...sheetFigures,
  ...shapeFigures,
  ...holdFigures,
  ...boilFigures,
};

/** Id of a figure that can be opened. */
export type FigureId = keyof typeof FIGURES;

/** The working of every figure, by the figure's id. */
export type Workings = Readonly<Record<FigureId, Working & Taught>>;

function taught(working: Working, model: PlanModel, id: string): Working & Taught {
  const learnt = learntOfFigure(model.learnt, id);
  return learnt.length > 0 ? lazily(working, { learnt: () => learnt }) : working;
}

/** Every figure of the plan that can be opened, each made when it is first asked for. */
export const workingsOf = (model: PlanModel, figures: PlanFigures): Workings =>
  lazily<object, { [K in FigureId]: Working & Taught }>(
    {},
    Object.fromEntries(
      Object.entries(FIGURES).map(([id, make]) => [
        id,
        () => taught(make({ model, figures }), model, id),
      ]),
    ) as { [K in FigureId]: () => Working & Taught },
  );
