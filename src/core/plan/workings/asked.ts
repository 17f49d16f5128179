import type { Working } from '../../working/working';
import type { PlanFigures } from '../model/figures';
import type { PlanModel } from '../model/model';

/** What figures are made from. */
export interface Asked {
  readonly model: PlanModel;
  readonly figures: PlanFigures;
}

/** Figures by their ids, each made when it is asked for. */
export type FigureList = Readonly<Record<string, (asked: Asked) => Working>>;

/** Where a law comes from, as a working says it. */
export const GEOMETRY = 'geometry';
export const BALANCE = 'mass balance';
