import type { PlanModel } from '../plan/model/model';

/** What goes otherwise at a bench and stands in no plan. */
export interface Slips {
  readonly eggs: 'lighter' | 'asSaid' | 'heavier';
  /** Worked past smooth: tight, however long it rests. */
  readonly overworked: boolean;
  /** Ball or strip dried on its face. */
  readonly crust: boolean;
  /** Where a pass was forced. */
  readonly pass: 'even' | 'foldedNarrow' | 'skipped';
  /** Mounds beside their mark, mm. */
  readonly offMm: number;
  /** Edge thickness against a well pressed one. */
  readonly edgeLeft: number;
  /** Lumps left in the filling, mm; 0 for none beyond its texture. */
  readonly lumpMm: number;
  readonly apart: boolean;
  /** Frozen pieces that thawed before the pot. */
  readonly thawed: boolean;
  readonly crowded: boolean;
  /** Minutes in the pot, of those it takes. */
  readonly potShare: number;
  /** What became of the trim. */
  readonly trim: 'rolled' | 'setAside';
  /** Dough and filling made to measure, or by eye: filling against dough, of what the plan says. */
  readonly fillingShare: number;
  /** Hours that the dough lay before it was rolled. */
  readonly doughH: number;
}

/** A batch in which nothing slipped. */
export const NO_SLIPS: Slips = {
  eggs: 'asSaid',
  overworked: false,
  crust: false,
  pass: 'even',
  offMm: 0,
  edgeLeft: 1,
  lumpMm: 0,
  apart: true,
  thawed: false,
  crowded: false,
  potShare: 1,
  trim: 'rolled',
  fillingShare: 1,
  doughH: 1,
};

/** A batch as it truly was, beside what it was meant to be. Only a simulated one is known like this. */
export interface Batch {
  readonly meant: PlanModel;
  /** The plan as hands and kitchen made it, worked out. */
  readonly made: PlanModel;
  readonly slips: Slips;
}

/** A batch made as it was meant. */
export const asMeant = (meant: PlanModel): Batch => ({ meant, made: meant, slips: NO_SLIPS });
