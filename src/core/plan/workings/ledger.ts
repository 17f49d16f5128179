import { input, type Working, type WorkingInput } from '../../working/working';
import type { PlanModel } from '../model/model';
import type { PlanFigures } from '../model/figures';
import { BALANCE } from './sources';

/** Workings of where the dough and the filling go, gram by gram. */
export function ledgerWorkings(
  { batch: { terms } }: PlanModel,
  { ledger, counts, dough, filling, pieces }: PlanFigures,
) {
  const part = (
    label: string,
    value: number,
    formula: string,
    inputs: readonly WorkingInput[],
  ): Working => ({
    label,
    value,
    unit: 'g',
    kind: 'law',
    formula,
    inputs,
    source: BALANCE,
  });
  const eachDough = input('dough per piece', dough.perPieceG, 'g');
  const eachDose = input('dose', filling.perPieceG, 'g');
  const of = (what: string, count: number, each: WorkingInput) => [
    input(what, count, 'count'),
    each,
  ];
  return {
    platedDough: part(
      'Dough plated',
      ledger.dough.platedG,
      'plated pieces × dough per piece',
      of('plated', counts.plated, eachDough),
    ),
    spareDough: part(
      'Dough in spares',
      ledger.dough.spareG,
      'spare pieces × dough per piece',
      of('spare', counts.spare, eachDough),
    ),
    tastedDough: part(
      'Dough tasted',
      ledger.dough.tastedG,
      'tasted pieces × dough per piece',
      of('tasted', counts.tasted, eachDough),
    ),
    trimDough: part(
      'Trim not rolled again',
      ledger.dough.trimG + ledger.dough.endTrimG,
      'dough used − stuck − pieces × dough per piece',
      [
        input('dough used', ledger.dough.inG - ledger.dough.leftoverG, 'g'),
        input('stuck', ledger.dough.stuckG, 'g'),
        input('pieces', pieces, 'count'),
        eachDough,
      ],
    ),
    stuckDough: part(
      'Dough left sticking',
      ledger.dough.stuckG,
      '(dough used − end trim) × share left sticking',
      [
        input('dough used', ledger.dough.inG - ledger.dough.leftoverG, 'g'),
        input('end trim', ledger.dough.endTrimG, 'g'),
        input('share', terms.stuckShare, 'share'),
      ],
    ),
    platedFilling: part(
      'Filling plated',
      ledger.filling.platedG,
      'plated pieces × dose',
      of('plated', counts.plated, eachDose),
    ),
    spareFilling: part(
      'Filling in spares',
      ledger.filling.spareG,
      'spare pieces × dose',
      of('spare', counts.spare, eachDose),
    ),
    tastedFilling: part(
      'Filling tasted',
      ledger.filling.tastedG,
      'tasted pieces × dose',
      of('tasted', counts.tasted, eachDose),
    ),
    inBowl: part(
      'Filling that stays in bowl or bag',
      ledger.filling.inBowlG,
      'filling used − pieces × dose',
      [
        input('filling used', ledger.filling.inG - ledger.filling.leftoverG, 'g'),
        input('pieces', pieces, 'count'),
        eachDose,
      ],
    ),
  } satisfies Record<string, Working>;
}
