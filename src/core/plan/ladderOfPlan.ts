import { ladder } from '../sheet/ladder';
import { portions } from '../sheet/portions';
import type { PlanFigures } from './figures';
import type { Plan } from './schema';

/** The portions a plan's dough is cut in, and the passes of one. */
export function ladderOfPlan(plan: Plan, figures: PlanFigures) {
  const { sheet, batch } = plan;
  const { dough, layout } = figures;
  const { laying } = layout;
  const divided = portions({
    doughG: dough.totalG,
    sheetG: figures.sheet.massG / (1 - batch.stuckShare),
    together: laying.sheets,
  });
  const portionG = divided.count > 0 ? divided.eachG : divided.lastG;
  return {
    portions: divided,
    ...ladder({
      roller: sheet.roller,
      thicknessMm: figures.sheet.thicknessMm,
      widthMm: figures.sheet.widthMm,
      // What sticks is lost by and by; the strips are reckoned without it.
      portionG: portionG * (1 - batch.stuckShare),
      sheets: divided.sheetsEach,
      longestMm: sheet.benchMm,
      folds: dough.work.folds,
      style: sheet.passes,
      speed: sheet.speed,
      dusted: sheet.dust.kind !== 'none',
      dough: {
        glutenRatio: dough.makeup.glutenRatio,
        development: dough.ready.development,
        relaxationLeft: dough.ready.relaxationLeft,
        stretch: dough.stretch,
      },
    }),
  };
}
