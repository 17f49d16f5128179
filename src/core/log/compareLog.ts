import type { FigureUnit } from '../working/working';
import type { PlanResult } from '../plan/evaluatePlan';
import type { LogEntry } from './logEntry';

/** One line of planned against actual. */
export interface Comparison {
  readonly key: string;
  readonly label: string;
  readonly unit: FigureUnit;
  readonly planned: number;
  readonly actual: number;
  /** Whether more than planned is good, bad or neither. */
  readonly more: 'good' | 'bad' | 'either';
}

/**
 * Sets what came out beside what was planned. Dough and filling per piece follow from what was
 * left (mass balance), so they cover trim, sticking and bowl as well. Measured values only when taken.
 * @example compareLog(result, entry).find((row) => row.key === 'burst')?.actual // 0.04
 */
export function compareLog(plan: PlanResult, entry: LogEntry): Comparison[] {
  const rows: Comparison[] = [
    {
      key: 'pieces',
      label: 'Pieces',
      unit: 'count',
      planned: plan.pieces,
      actual: entry.pieces,
      more: 'good',
    },
    {
      key: 'burst',
      label: 'Burst',
      unit: 'share',
      planned: plan.breakageShare,
      actual: entry.pieces > 0 ? entry.burst / entry.pieces : 0,
      more: 'bad',
    },
    {
      key: 'doughLeft',
      label: 'Dough left',
      unit: 'g',
      planned: plan.leftover.doughG,
      actual: entry.doughLeftG,
      more: 'bad',
    },
    {
      key: 'fillingLeft',
      label: 'Filling left',
      unit: 'g',
      planned: plan.leftover.fillingG,
      actual: entry.fillingLeftG,
      more: 'bad',
    },
  ];
  if (entry.pieces > 0 && plan.pieces > 0) {
    rows.push(
      {
        key: 'doughPerPiece',
        label: 'Dough used a piece',
        unit: 'g',
        planned: (plan.dough.totalG - plan.leftover.doughG) / plan.pieces,
        actual: (plan.dough.totalG - entry.doughLeftG) / entry.pieces,
        more: 'either',
      },
      {
        key: 'fillingPerPiece',
        label: 'Filling used a piece',
        unit: 'g',
        planned: (plan.filling.totalG - plan.leftover.fillingG) / plan.pieces,
        actual: (plan.filling.totalG - entry.fillingLeftG) / entry.pieces,
        more: 'either',
      },
    );
  }
  if (entry.thicknessMm !== undefined) {
    rows.push({
      key: 'thickness',
      label: 'Thickness',
      unit: 'mm',
      planned: plan.sheet.thicknessMm,
      actual: entry.thicknessMm,
      more: 'either',
    });
  }
  if (entry.doseG !== undefined) {
    rows.push({
      key: 'dose',
      label: 'Dose',
      unit: 'g',
      planned: plan.filling.perPieceG,
      actual: entry.doseG,
      more: 'either',
    });
  }
  return rows;
}
