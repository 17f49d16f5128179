'use client';

import type { Basis } from '@/core/basis/basis';
import { createContext, useContext } from 'react';
import type { Pantry } from '@/core/composition/pantry';
import type { Kitchen } from '@/core/kitchen/kitchen';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';

/** What every part of the plan page shares. */
export interface EditorValue {
  readonly plan: Plan;
  readonly result: PlanResult;
  readonly kitchen: Kitchen;
  readonly pantry: Pantry;
  /** What the plan is worked out on; holds the pantry. */
  readonly basis: Basis;
  edit(change: (plan: Plan) => Plan, key?: string): void;
  /** For a field that shows a refusal itself: the reason, or null when the change was taken. */
  tryEdit(change: (plan: Plan) => Plan, key?: string): string | null;
  /** Sends everything that is not stored yet. */
  settle(): Promise<void>;
}

const Context = createContext<EditorValue | null>(null);

export const EditorProvider = Context.Provider;

/** The plan being worked on. Only inside the plan page. */
export function useEditor(): EditorValue {
  const value = useContext(Context);
  if (!value) throw new Error('useEditor needs an EditorProvider above it');
  return value;
}
