import type { Plan } from '../plan/document/schema';
import { benchTime } from '../plan/model/benchTime';
import { suitsGuests } from '../plan/model/contents';
import type { PlanModel } from '../plan/model/model';
import { FieldError } from '../range';
import { modelAgain } from './modelOf';
import { dose } from './remedies/dose';
import { dry } from './remedies/dry';
import { finish } from './remedies/finish';
import { freeze, shorter, surface } from './remedies/hold';
import { laid } from './remedies/laid';
import { bench, people } from './remedies/open';
import { air, faces, medium, simmer } from './remedies/seal';
import { size } from './remedies/size';
import { thickness } from './remedies/thickness';
import type { Change, ChangeKind, Quoted, Remedy } from './remedy';
import { marginsOf, weakestLink, type MarginId } from './margins';

/** Every remedy there is. A further one is one more entry. */
const REMEDIES: { readonly [K in ChangeKind]: Remedy<K> } = {
  size,
  dose,
  thickness,
  finish,
  laid,
  dry,
  people,
  bench,
  medium,
  faces,
  air,
  surface,
  freeze,
  shorter,
  simmer,
};

/** A gain smaller than this is none. */
const LEAST_GAIN = 0.005;

/** The plan with one change made. */
export const applyChange = (plan: Plan, change: Change): Plan =>
  (REMEDIES[change.kind] as Remedy).apply(plan, change as never);

/** Every change worth trying on a plan that can lift one of some margins. */
export const changesFor = (model: PlanModel, lifted: readonly MarginId[]): Change[] =>
  Object.values(REMEDIES as Readonly<Record<string, Remedy>>)
    .filter(({ lifts }) => lifts.some((id) => lifted.includes(id)))
    .flatMap((remedy) => remedy.propose(model));

/**
 * Remedies for a plan's weakest link, each quoted by working the changed plan out again: the lowest
 * margin it then has, and what that costs. Only those that help and that can be cut are given, the
 * strongest first.
 */
export function remediesOf(model: PlanModel): Quoted[] {
  const { name, margin } = weakestLink(marginsOf(model), model.basis.rules);
  return changesFor(model, [name])
    .flatMap((change) => offered(() => quote(model, change)))
    .filter((quoted) => quoted.margin > margin + LEAST_GAIN)
    .sort((a, b) => b.margin - a.margin);
}

/**
 * Changes of some kinds that can lift some margins, each quoted by what its own margin then is; those
 * that gain nothing, or cannot be cut, are left out.
 */
export function quotesOf(
  model: PlanModel,
  { kinds, lifts }: { kinds: readonly ChangeKind[]; lifts: readonly MarginId[] },
): Quoted[] {
  const before = marginsOf(model);
  return changesFor(model, lifts)
    .filter(({ kind }) => kinds.includes(kind))
    .flatMap((change) =>
      offered(() => {
        const after = marginsOf(modelAgain(model, applyChange(model.plan, change)));
        const gains = lifts.some((id) => (after[id] ?? 0) > (before[id] ?? 0) + LEAST_GAIN);
        return gains ? quote(model, change) : [];
      }),
    )
    .sort((a, b) => b.margin - a.margin);
}

/** A change that leads where nothing can be worked out is not offered. */
function offered(work: () => Quoted[]): Quoted[] {
  try {
    return work();
  } catch (error) {
    if (error instanceof FieldError) return [];
    throw error;
  }
}

/** What a change gives and costs; nothing when it leaves nothing to cut. */
function quote(before: PlanModel, change: Change): Quoted[] {
  const plan = applyChange(before.plan, change);
  // Nothing is offered that guests may not be given.
  if (!suitsGuests(before.plan, plan, before.basis.pantry)) return [];
  const after = modelAgain(before, plan);
  if (after.laying.doesNotFit && !before.laying.doesNotFit) return [];
  const left = weakestLink(marginsOf(after), after.basis.rules);
  const [was, is] = [before.batch.batch, after.batch.batch];
  return [
    {
      ...change,
      margin: left.margin,
      weakest: left.name,
      cost: {
        pieces: is.counts.made - was.counts.made,
        doughG: is.dough.inG - was.dough.inG,
        fillingG: is.filling.inG - was.filling.inG,
        minutes: benchTime(after).totalMin - benchTime(before).totalMin,
        boilMin: after.boil.potMin - before.boil.potMin,
      },
    },
  ];
}
