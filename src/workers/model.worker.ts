import { basisFrom, type BasisParts } from '../core/basis/basis';
import { expose } from 'comlink';
import { compareShapes, type ShapeOutcome } from '../core/plan/questions/compareShapes';
import { searchHeats, type HeatOption, type HeatSearch } from '../core/plan/questions/heatSearch';
import { bestPartners, splitAmong, type Split } from '../core/plan/questions/splitShapes';
import type { FamilyId } from '../core/shapes/families';
import { balanceMap } from '../core/risk/balanceMap';
import type { MapKind, MarginMap } from '../core/risk/marginMap';
import { sizeMap } from '../core/risk/sizeMap';
import { waterMap } from '../core/risk/waterMap';
import { scatter, type Scatter } from '../core/risk/scatter';
import { toMake } from '../core/batch/toMake';
import { modelOf } from '../core/risk/modelOf';
import type { Plan } from '../core/plan/document/schema';
import { READY } from './ready';

/** Told how far a search is: done, of how many. */
export type OnProgress = (done: number, of: number) => void;

/** What a plan's balance comes to. */
export interface Balance {
  /** Null where the plan has no such map: a mould's size is not the cook's to choose. */
  readonly map: MarginMap | null;
  readonly hands: Scatter;
  /** Whole pieces wanted, and how many to make to have them 95 % of the time, those to taste counted. */
  readonly plated: number;
  readonly make: number;
}

/** What is too heavy to be asked on the page. A further question is one more function. */
const questions = {
  searchHeats(
    plan: Plan,
    on: BasisParts,
    bands: Omit<HeatSearch, 'onProgress'>,
    onProgress: OnProgress,
  ): HeatOption[] {
    return searchHeats(plan, basisFrom(on), {
      ...bands,
      onProgress: nowAndThen(onProgress),
    });
  },
  /** Where a plan holds over thickness and dose, and what becomes of it in hands as they are. */
  balance(plan: Plan, on: BasisParts, kind: MapKind, cuttersMm: readonly number[]): Balance {
    const model = modelOf(plan, basisFrom(on));
    const hands = scatter(model);
    const { plated, tasted } = model.batch.batch.counts;
    return {
      map: {
        thickness: () => balanceMap(model),
        size: () => sizeMap(model, cuttersMm),
        water: () => waterMap(model),
      }[kind](),
      hands,
      plated,
      make: toMake(plated, hands.lost) + tasted,
    };
  },
  bestPartners(plan: Plan, on: BasisParts, onProgress: OnProgress): Split[] {
    return bestPartners(plan, basisFrom(on), nowAndThen(onProgress)).slice(0, 5);
  },
  splitAmong(plan: Plan, on: BasisParts, others: readonly FamilyId[]): Split[] {
    const split = splitAmong(plan, others, basisFrom(on));
    return split ? [split] : [];
  },
  compareShapes(plan: Plan, on: BasisParts, onProgress: OnProgress): ShapeOutcome[] {
    return compareShapes(plan, basisFrom(on), nowAndThen(onProgress));
  },
};

/** Tells of progress no more often than it can be seen. */
function nowAndThen(tell: OnProgress): OnProgress {
  let last = 0;
  return (done, of) => {
    const now = performance.now();
    if (now - last < 50 && done < of) return;
    last = now;
    tell(done, of);
  };
}

export type ModelWorker = typeof questions;

expose(questions);
// What is asked before this listens would be lost: the page waits for it.
postMessage(READY);
