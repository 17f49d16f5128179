'use client';

import type { Basis } from '@/core/basis/basis';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Pantry } from '@/core/composition/pantry';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { asPlanCheck } from '@/core/plan/document/planError';
import type { Plan } from '@/core/plan/document/schema';
import { steadily } from '@/ui/layout/steadily';
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

const loadReader = async (pantry: Pantry): Promise<(document: unknown) => Plan> => {
  const { parsePlan } = await steadily(() => import('@/core/plan/document/parsePlan'));
  return (document) => parsePlan(document, pantry);
};

function browserWorld(id: string, basis: Basis): EditorWorld {
  const key = `mortar-draft-${id}`;
  const sitting = Math.random().toString(36).slice(2);
  // Storage may be full or forbidden; saving to the server then still works.
  const quietly = <T>(run: () => T, otherwise: T): T => {
    try {
      return run();
    } catch {
      return otherwise;
    }
  };
  return {
    send: (save) => send(id, save),
    drawer: {
      read: () => quietly(() => localStorage.getItem(key), null),
      write: (text) => quietly(() => localStorage.setItem(key, text), undefined),
      clear: () => quietly(() => localStorage.removeItem(key), undefined),
    },
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
    loadReader: () => loadReader(basis.pantry),
  };
}

/** One editor for the life of the page, and its present state. */
export function usePlanEditor(
  id: string,
  stored: { plan: Plan; edition: number; revision: number },
  basis: Basis,
) {
  const [editor] = useState<PlanEditor>(() => createPlanEditor(browserWorld(id, basis), stored));
  const state = useSyncExternalStore(editor.subscribe, editor.getSnapshot, editor.getSnapshot);
  useEffect(() => {
    void editor.restore();
    const tryAgain = () => void editor.flush();
    const leave = () => {
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
      // Leaving for another page of the product: send what waits.
      void editor.flush();
    };
  }, [editor, id]);
  return { editor, state };
}
