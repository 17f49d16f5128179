'use client';

import { useEffect, useRef } from 'react';
import type { Basis } from '@/core/basis/basis';
import { pantryWith, type Pantry, type PantryRows } from '@/core/composition/pantry';
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
  { basis, whole }: { basis: Basis; whole: Promise<PantryRows> },
): DocumentEditor<Plan> {
  // What is put in may be of rows that came after the page.
  const newest = useRef(basis);
  useEffect(() => {
    newest.current = basis;
  }, [basis]);
  return useDocumentEditor(
    {
      key: id,
      url: `/api/plans/${id}`,
      name: 'plan',
      check: (changed: Plan) =>
        asPlanCheck(() => {
          evaluatePlan(changed, newest.current);
          return changed;
        }),
      loadReader: async () => loadReader(pantryWith(await whole), plan),
    },
    { document: plan, ...at },
  );
}
