import type { Plan } from '../plan/document/schema';
import type { PlanModel } from '../plan/model/model';
import type { Finish } from '../shapes/finish';
import type { Laid } from '../shapes/mound';
import type { DryingRemedy } from './drying';
import type { Phase } from '../hold/phases';
import type { AirWay, Faces, Medium } from '../hold/seal';
import type { Surface } from '../hold/surfaces';
import type { MarginId } from './margins';

/** A single change that a remedy may make to a plan. */
export type Change =
  | { readonly kind: 'size'; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'dose'; readonly fromG: number; readonly toG: number }
  | {
      readonly kind: 'thickness';
      readonly fromMm: number;
      readonly toMm: number;
      readonly setting: string;
    }
  | { readonly kind: 'finish'; readonly from: Finish; readonly to: Finish }
  | { readonly kind: 'laid'; readonly from: Laid; readonly to: Laid }
  | { readonly kind: 'dry'; readonly step: DryingRemedy }
  | { readonly kind: 'people'; readonly from: number; readonly to: number }
  | { readonly kind: 'bench'; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'medium'; readonly from: Medium; readonly to: Medium }
  | { readonly kind: 'faces'; readonly from: Faces }
  | { readonly kind: 'air'; readonly from: AirWay; readonly to: AirWay }
  | { readonly kind: 'surface'; readonly from: Surface; readonly to: Surface }
  | { readonly kind: 'freeze'; readonly phases: readonly Phase[] }
  | { readonly kind: 'shorter'; readonly phases: readonly Phase[]; readonly byMin: number }
  | { readonly kind: 'simmer' };

export type ChangeKind = Change['kind'];

/** One way of mending a plan. */
export interface Remedy<K extends ChangeKind = ChangeKind> {
  readonly kind: K;
  /** The margins it can lift. */
  readonly lifts: readonly MarginId[];
  /** Changes worth trying on this plan; only such as its sheet, tool and kitchen allow. */
  propose(model: PlanModel): readonly Extract<Change, { kind: K }>[];
  /** The plan with one of them made. */
  apply(plan: Plan, change: Extract<Change, { kind: K }>): Plan;
}

/** What a change costs: more of it, or less where it is below 0. */
export interface Cost {
  readonly pieces: number;
  readonly doughG: number;
  readonly fillingG: number;
  /** At the bench, minutes. */
  readonly minutes: number;
  /** In the pot, minutes a round. */
  readonly boilMin: number;
}

/** A change with what working the changed plan out gave. */
export type Quoted = Change & {
  /** The lowest margin that is left, and whose it is. */
  readonly margin: number;
  readonly weakest: MarginId;
  readonly cost: Cost;
};

/** In a dead heat, what was changed is then held. */
export const hold = (
  { batch }: Plan,
  key: keyof Plan['batch']['mayChange'],
): Pick<Plan, 'batch'> => ({
  batch: { ...batch, mayChange: { ...batch.mayChange, [key]: false } },
});
