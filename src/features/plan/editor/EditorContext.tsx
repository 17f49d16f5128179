'use client';

import {
  createContext,
  useContext,
  useDeferredValue,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { Basis } from '@/core/basis/basis';
import type { Pantry } from '@/core/composition/pantry';
import type { Kitchen } from '@/core/kitchen/kitchen';
import type { Plan } from '@/core/plan/document/schema';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { TestedBatch } from '@/server/repositories/batch';
import type { DocumentEditor, EditorSnapshot } from '@/ui/editor/editorTypes';
import { answering, type Answer } from './answer';

export type PlanEditor = DocumentEditor<Plan>;

/** What a plan is worked on with; the same for as long as the page stands. */
export interface PlanWorld {
  readonly planId: string;
  readonly kitchen: Kitchen;
  readonly pantry: Pantry;
  /** What the plan is worked out on; holds the pantry. */
  readonly basis: Basis;
  /** The batch of this plan that is on the bench, with what it was tested to be; null without one. */
  readonly batch: TestedBatch | null;
}

const EditorOf = createContext<PlanEditor | null>(null);
const WorldOf = createContext<PlanWorld | null>(null);
const AnswerOf = createContext<Answer | null>(null);
const SettlingOf = createContext(false);

function useGiven<T>(context: React.Context<T | null>): T {
  const value = useContext(context);
  if (!value) throw new Error('The plan page’s hooks need an EditorProvider above them');
  return value;
}

/** Gives the plan, what it comes to, and ways to change it to all of the plan page. */
export function EditorProvider({
  editor,
  planId,
  kitchen,
  basis,
  batch,
  children,
}: {
  editor: PlanEditor;
  planId: string;
  kitchen: Kitchen;
  basis: Basis;
  batch: TestedBatch | null;
  children: ReactNode;
}) {
  const world = useMemo(
    () => ({ planId, kitchen, basis, pantry: basis.pantry, batch }),
    [planId, kitchen, basis, batch],
  );
  return (
    <EditorOf value={editor}>
      <WorldOf value={world}>
        <AnswerProvider editor={editor} basis={basis} batch={batch}>
          {children}
        </AnswerProvider>
      </WorldOf>
    </EditorOf>
  );
}

/**
 * Works the plan out after what was typed or dragged is on the screen: fields answer the hand at
 * once, the rest of the page follows in its own time and gives way to the next touch.
 */
function AnswerProvider({
  editor,
  basis,
  batch,
  children,
}: {
  editor: PlanEditor;
  basis: Basis;
  batch: TestedBatch | null;
  children: ReactNode;
}) {
  const [answerTo] = useState(answering);
  const plan = useSyncExternalStore(
    editor.subscribe,
    () => editor.getSnapshot().document,
    () => editor.getSnapshot().document,
  );
  const behind = useDeferredValue(plan);
  const answer = useMemo(() => answerTo(behind, basis, batch), [answerTo, behind, basis, batch]);
  return (
    <SettlingOf value={behind !== plan}>
      <AnswerOf value={answer}>{children}</AnswerOf>
    </SettlingOf>
  );
}

/**
 * A part of the plan as it is now, this very keystroke; redraws when that part changes.
 * @example usePlan((plan) => plan.note)
 */
export function usePlan<T>(select: (plan: Plan) => T): T {
  return useEditorState((state) => select(state.document));
}

/**
 * What is known of saving and undo.
 * @param select must give the same value for the same state: a part of it, not a new object
 */
export function useEditorState<T>(select: (state: EditorSnapshot<Plan>) => T): T {
  const { subscribe, getSnapshot } = useGiven(EditorOf);
  const read = () => select(getSnapshot());
  return useSyncExternalStore(subscribe, read, read);
}

/** The plan with what it comes to, the two always in step. Its name and note may be older. */
export const useShown = (): Answer => useGiven(AnswerOf);

/** A part of what the plan comes to. */
export const useResult = <T,>(select: (result: PlanResult) => T): T => select(useShown().result);

/** Whether what is shown is still behind what was set. */
export const useSettling = (): boolean => useContext(SettlingOf);

/** Ways to change the plan. */
export const useEdit = (): PlanEditor => useGiven(EditorOf);

export const useWorld = (): PlanWorld => useGiven(WorldOf);
