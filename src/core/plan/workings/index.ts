import { lazily } from '../../working/lazy';
import type { Taught } from '../../basis/learnt';
import type { Working } from '../../working/working';
import type { PlanFigures } from '../model/figures';
import type { PlanModel } from '../model/model';
import type { NextBatch } from '../nextBatch';
import { learntOfFigure } from '../model/withLearnt';
import type { Asked } from './asked';
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

/** What is to be made of each bowl: batches differ in what they take of it. */
const MADE: Readonly<Partial<Record<string, keyof NextBatch>>> = {
  doughTotal: 'dough',
  fillingTotal: 'filling',
} satisfies Partial<Record<FigureId, keyof NextBatch>>;

/** The working with what was learned of it and, of what is to be made, how far the next batch may be off. */
function taught(
  working: Working,
  id: string,
  { model, figures, next }: Asked & { readonly next: () => NextBatch },
): Working & Taught {
  const learnt = learntOfFigure(model.learnt, id);
  const bowl = working.kind === 'law' ? MADE[id] : undefined;
  if (learnt.length === 0 && !bowl) return working;
  return lazily(working, {
    ...(learnt.length > 0 && { learnt: () => learnt }),
    ...(bowl && {
      range: () => {
        const { leftoverG } = figures.ledger[bowl];
        const [low, high] = next()[bowl];
        return [low + leftoverG, high + leftoverG] as const;
      },
    }),
  });
}

/** Every figure of the plan that can be opened, each made when it is first asked for. */
export const workingsOf = (
  model: PlanModel,
  figures: PlanFigures,
  next: () => NextBatch,
): Workings =>
  lazily<object, { [K in FigureId]: Working & Taught }>(
    {},
    Object.fromEntries(
      Object.entries(FIGURES).map(([id, make]) => [
        id,
        () => taught(make({ model, figures }), id, { model, figures, next }),
      ]),
    ) as { [K in FigureId]: () => Working & Taught },
  );
