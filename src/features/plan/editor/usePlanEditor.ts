'use client';

import type { Basis } from '@/core/basis/basis';
import type { Pantry } from '@/core/composition/pantry';
import { asPlanCheck } from '@/core/plan/document/planError';
import type { Plan } from '@/core/plan/document/schema';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { DocumentEditor } from '@/ui/editor/editorTypes';
import { useDocumentEditor } from '@/ui/editor/useDocumentEditor';
import { steadily } from '@/ui/layout/steadily';
import { whenIdle } from '@/ui/layout/whenIdle';

const loadReader = async (pantry: Pantry, plan: Plan): Promise<(document: unknown) => Plan> => {
  const { parsePlan } = await steadily(() => import('@/core/plan/document/parsePlan'));
  const reader = (document: unknown) => parsePlan(document, pantry);
  // The first reading builds what reads: better while nothing is asked than under the hand.
  whenIdle(() => reader(plan));
  return reader;
};

/** One editor of a plan for the life of the page. */
export function usePlanEditor(
  id: string,
  { plan, ...at }: { plan: Plan; edition: number; revision: number },
  basis: Basis,
): DocumentEditor<Plan> {
  return useDocumentEditor(
    {
      key: id,
      url: `/api/plans/${id}`,
      name: 'plan',
      check: (changed: Plan) =>
        asPlanCheck(() => {
          evaluatePlan(changed, basis);
          return changed;
        }),
      loadReader: () => loadReader(basis.pantry, plan),
    },
    { document: plan, ...at },
  );
}
