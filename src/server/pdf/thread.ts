import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { BasisParts } from '@/core/basis/basis';
import type { Plan } from '@/core/plan/document/schema';
import type { TEMPLATES } from '@/core/plan/questions/templatesOfPlan';
import type { PaperId } from '@/core/templates/page';
import type { Day } from '@/core/schedule/document/day';
import type { UnitPreferences } from '@/core/units/preferences';
import type { DaySheet } from '@/core/schedule/paper';

/** What is to be drawn: sent whole to another thread. */
export type PdfJob =
  | {
      readonly kind: 'card';
      readonly plan: Plan;
      readonly basis: BasisParts;
      readonly paper: PaperId;
      readonly units: UnitPreferences;
      readonly kitchenName: string;
      readonly revision: number;
      /** With what goes wrong, on its back. */
      readonly back?: boolean;
    }
  | {
      readonly kind: 'template';
      readonly plan: Plan;
      readonly basis: BasisParts;
      readonly paper: PaperId;
      readonly template: (typeof TEMPLATES)[number];
      readonly name: string;
    }
  | DayJob;

/** A day that is to be solved first: on paper, or as a calendar. */
export interface DayJob {
  readonly kind: 'day';
  readonly day: Day;
  readonly plans: readonly (readonly [string, Plan])[];
  readonly basis: BasisParts;
  readonly units: UnitPreferences;
  readonly what:
    | { readonly as: 'pdf'; readonly sheet: DaySheet; readonly paper: PaperId }
    | {
        readonly as: 'calendar';
        readonly id: string;
        readonly stamp: string;
        readonly only?: string;
      };
}

/** What the thread answers. */
export type PdfAnswer =
  | { readonly id: number; readonly pdf: Uint8Array }
  | { readonly id: number; readonly error: string };

/** The thread's own file, bundled by scripts/worker.mjs. */
const FILE = join(process.cwd(), 'build', 'pdf-thread.mjs');

/** So many may wait; more are turned away rather than kept for long. */
const MOST_WAITING = 100;

interface Thread {
  readonly worker: Worker;
  readonly waiting: Map<number, { resolve(pdf: Buffer): void; reject(error: Error): void }>;
}

const held = globalThis as { mortarPdfThread?: Thread | undefined };
let last = 0;

/** The one thread that draws, begun at the first asking and again after it fell over. */
function thread(): Thread {
  if (held.mortarPdfThread) return held.mortarPdfThread;
  const worker = new Worker(FILE);
  const waiting: Thread['waiting'] = new Map();
  const end = (error: Error) => {
    held.mortarPdfThread = undefined;
    for (const { reject } of waiting.values()) reject(error);
    waiting.clear();
  };
  worker.on('message', (answer: PdfAnswer) => {
    const asked = waiting.get(answer.id);
    waiting.delete(answer.id);
    if ('pdf' in answer) asked?.resolve(Buffer.from(answer.pdf));
    else asked?.reject(new Error(answer.error));
    if (waiting.size === 0) worker.unref();
  });
  worker.on('error', end);
  worker.on('exit', () => end(new Error('The thread that draws PDFs has ended')));
  worker.unref();
  held.mortarPdfThread = { worker, waiting };
  return held.mortarPdfThread;
}

/**
 * Draws a PDF beside the server's own work: pages are answered meanwhile. One after the other, its fonts kept.
 * @throws Error when it cannot be drawn, or too many wait
 */
export function drawPdf(job: PdfJob): Promise<Buffer> {
  const { worker, waiting } = thread();
  if (waiting.size >= MOST_WAITING) throw new Error('Too many PDFs wait to be drawn');
  const id = ++last;
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject });
    worker.ref();
    worker.postMessage({ id, job });
  });
}
