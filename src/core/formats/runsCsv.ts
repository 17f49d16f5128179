import Papa from 'papaparse';
import type { RunSummary } from '../run/summary';
import { WAY_IDS } from '../run/ways';
import { FORMULA } from './csvFormula';

/** A run as a line of a table. */
export interface RunLine {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly madeOn: string;
  readonly summary: RunSummary;
}

/** Every run as a table, a line each, planned beside actual. Units are in the names of its columns. */
export const runsCsv = (runs: readonly RunLine[]): string =>
  Papa.unparse(
    runs.map(({ id, planId, revision, madeOn, summary }) => {
      const { planned, burst } = summary;
      return {
        run: id,
        plan_id: planId,
        plan: planned.name,
        revision,
        made_on: madeOn,
        status: summary.status,
        cooks: summary.cooks.join('; '),
        shape: planned.family,
        roller: planned.roller,
        pieces_planned: planned.pieces,
        pieces: summary.pieces,
        lost: summary.lost,
        ...Object.fromEntries(WAY_IDS.map((way) => [`burst_${way}`, burst[way]])),
        dough_planned_g: planned.doughG,
        dough_left_g: summary.doughLeftG,
        filling_planned_g: planned.fillingG,
        filling_left_g: summary.fillingLeftG,
        dose_planned_g: planned.doseG,
        dose_g: summary.doseG,
        thickness_planned_mm: planned.thicknessMm,
        thickness_mm: summary.thicknessMm,
        minutes_a_piece: summary.minutesAPiece,
        edge: summary.edge,
        note: summary.note,
      };
    }),
    { newline: '\n', escapeFormulae: FORMULA },
  ) + '\n';
