import { ladder, type Ladder } from '../../sheet/ladder';
import { portions, type Portions } from '../../sheet/portions';
import { longestSheet } from './laying';
import type { PlanModel } from './model';

/** The portions a dough is cut in, and the passes of one. */
export interface PlanLadder extends Ladder {
  readonly portions: Portions;
}

/** How a plan's dough is cut and rolled, rung by rung. */
export function ladderOf({ plan, basis, piece, batch, shown, dough }: PlanModel): PlanLadder {
  const { sheet } = plan;
  const { stuckShare } = plan.batch;
  const { rules } = basis;
  const { inG, leftoverG, endTrimG } = batch.batch.dough;
  const [first] = batch.run.rollings;
  const divided = portions(
    {
      doughG: inG - leftoverG - endTrimG,
      sheets: first ? (first.full + (first.short ? 1 : 0)) * shown.sheets : 1,
      sheetG: shown.massG / shown.sheets / (1 - stuckShare),
      together: shown.sheets,
    },
    rules,
  );
  const portionG = divided.count > 0 ? divided.eachG : divided.lastG;
  return {
    portions: divided,
    ...ladder(
      {
        roller: sheet.roller,
        thicknessMm: piece.input.thicknessMm,
        widthMm: shown.widthMm,
        // What sticks is lost by and by; the strips are reckoned without it.
        portionG: portionG * (1 - stuckShare),
        sheets: divided.sheetsEach,
        longestMm: longestSheet(plan, rules),
        folds: plan.dough.work.folds,
        style: sheet.passes,
        speed: sheet.speed,
        dusted: sheet.dust.kind !== 'none',
        dough: {
          glutenRatio: dough.makeup.glutenRatio,
          development: dough.ready.development,
          relaxationLeft: dough.ready.relaxationLeft,
          stretch: dough.stretch,
        },
      },
      rules,
    ),
  };
}
