'use client';

import * as z from 'zod';
import { drillAnswerSchema, type DrillAnswer } from '@/core/drills/skill';
import { drawerIn } from '@/ui/browser/drawer';

/** Older ones are let go. */
const MOST = 2000;

const drawer = () => drawerIn(() => localStorage, 'mortar-practice');

/** What was answered on this device, the oldest first; what cannot be read any more is left out. */
export function keptAnswers(): DrillAnswer[] {
  try {
    const read = z.array(z.unknown()).safeParse(JSON.parse(drawer().read() ?? '[]'));
    return (read.data ?? []).flatMap((each) => drillAnswerSchema.safeParse(each).data ?? []);
  } catch {
    return [];
  }
}

/** Keeps one more answer. Nothing of it leaves this device. */
export function keepAnswer(answer: DrillAnswer): DrillAnswer[] {
  const all = [...keptAnswers(), answer].slice(-MOST);
  drawer().write(JSON.stringify(all));
  return all;
}
