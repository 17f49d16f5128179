'use client';

import type { Basis } from '@/core/basis/basis';
import { useEffect, useState } from 'react';
import type { Pantry } from '@/core/composition/pantry';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { asPlanCheck } from '@/core/plan/document/planError';
import type { Plan } from '@/core/plan/document/schema';
import { drawerIn } from '@/ui/browser/drawer';
import { steadily } from '@/ui/layout/steadily';
import { whenIdle } from '@/ui/layout/whenIdle';
import { createPlanEditor, type EditorWorld, type PlanEditor, type SaveAnswer } from './planEditor';

const NO_ANSWER = 'no answer from the server';

async function send(
  id: string,
  save: { plan: Plan; baseEdition: number; sitting: string },
): Promise<SaveAnswer> {
  try {
    const response = await fetch(`/api/plans/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(save),
    });
    const body = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    if (response.ok) {
      return { kind: 'saved', edition: Number(body.edition), revision: Number(body.revision) };
    }
    if (response.status === 409) {
      return { kind: 'conflict', theirs: body.plan as Plan, edition: Number(body.edition) };
    }
    return {
      kind: 'failed',
      why: typeof body.error === 'string' ? body.error : NO_ANSWER,
      again: response.status >= 500,
    };
  } catch {
    return { kind: 'failed', why: NO_ANSWER, again: true };
  }
}

const loadReader = async (pantry: Pantry, plan: Plan): Promise<(document: unknown) => Plan> => {
  const { parsePlan } = await steadily(() => import('@/core/plan/document/parsePlan'));
  const reader = (document: unknown) => parsePlan(document, pantry);
  // The first reading builds what reads: better while nothing is asked than under the hand.
  whenIdle(() => reader(plan));
  return reader;
};

function browserWorld(id: string, basis: Basis, plan: Plan): EditorWorld {
  const sitting = Math.random().toString(36).slice(2);
  return {
    send: (save) => send(id, save),
    drawer: drawerIn(() => localStorage, `mortar-draft-${id}`),
    memory: drawerIn(() => sessionStorage, `mortar-undo-${id}`),
    now: () => performance.now(),
    later(run, ms) {
      const timer = setTimeout(run, ms);
      return () => clearTimeout(timer);
    },
    sitting,
    check: (plan) =>
      asPlanCheck(() => {
        evaluatePlan(plan, basis);
        return plan;
      }),
    loadReader: () => loadReader(basis.pantry, plan),
  };
}

/** One editor for the life of the page. */
export function usePlanEditor(
  id: string,
  stored: { plan: Plan; edition: number; revision: number },
  basis: Basis,
): PlanEditor {
  const [editor] = useState<PlanEditor>(() =>
    createPlanEditor(browserWorld(id, basis, stored.plan), stored),
  );
  useEffect(() => {
    void editor.restore();
    const tryAgain = () => void editor.flush();
    const leave = () => {
      editor.remember();
      const save = editor.unsaved();
      if (!save) return;
      void fetch(`/api/plans/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(save),
        keepalive: true,
      }).catch(() => {});
    };
    window.addEventListener('online', tryAgain);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('online', tryAgain);
      window.removeEventListener('pagehide', leave);
      // Leaving for another page of the product: send what waits, keep what can be undone.
      editor.remember();
      void editor.flush();
    };
  }, [editor, id]);
  return editor;
}
