import * as z from 'zod';
import { learntSchema } from '../calibrate/learntSchema';
import type { Learnt } from '../basis/learnt';
import { firstIssue, parsePlan } from '../plan/document/parsePlan';
import { PlanError } from '../plan/document/planError';
import type { Plan } from '../plan/document/schema';
import type { Pantry } from '../composition/pantry';
import { runEventSchema, type RunEvent } from '../run/events';

/** Name of the format, in the first line of every run file. */
export const RUN_FORMAT = 'mortar-sheet/run';

const headSchema = z.object({
  format: z.literal(RUN_FORMAT, { error: `format must be "${RUN_FORMAT}"` }),
  version: z.literal(1, { error: 'version must be 1' }),
  id: z.string().max(80).optional(),
  plan: z.unknown().optional(),
  learnt: z.array(learntSchema).default([]),
});

/** A run as a file holds it. */
export interface RunFile {
  readonly id: string | null;
  /** The plan it was made from; null where the file does not say. */
  readonly plan: Plan | null;
  readonly learnt: readonly Learnt[];
  readonly events: readonly RunEvent[];
  /** Lines that could not be read, and why. */
  readonly bad: readonly { readonly line: number; readonly error: string }[];
}

/** A run of more lines than this is none. */
const MOST_LINES = 50_000;

/**
 * Reads a run file: JSON lines, the first a head with the plan, each other one event. A line that cannot be
 * read is named and left aside.
 * @throws PlanError when it is no run file, or its plan is none
 */
export function readRunFile(text: string, pantry: Pantry): RunFile {
  const lines = text.split(/\r?\n/);
  if (lines.length > MOST_LINES) throw new PlanError(`lines: must be at most ${MOST_LINES}`, '');
  const events: RunEvent[] = [];
  const bad: { line: number; error: string }[] = [];
  let head: z.infer<typeof headSchema> | null = null;
  lines.forEach((line, index) => {
    if (line.trim() === '') return;
    let value: unknown;
    try {
      value = JSON.parse(line);
    } catch {
      bad.push({ line: index + 1, error: 'is not JSON' });
      return;
    }
    if (head === null && typeof value === 'object' && value !== null && 'format' in value) {
      const read = headSchema.safeParse(value);
      if (!read.success) {
        const { path, message } = firstIssue(read.error);
        throw new PlanError(`line ${index + 1}: ${message}`, path);
      }
      head = read.data;
      return;
    }
    const read = runEventSchema.safeParse(value);
    if (read.success) events.push(read.data);
    else bad.push({ line: index + 1, error: firstIssue(read.error).message });
  });
  const found = head as z.infer<typeof headSchema> | null;
  if (!found && events.length === 0) {
    throw new PlanError(
      `line 1: must be a run's head or an event${bad[0] ? `; ${bad[0].error}` : ''}`,
      '',
    );
  }
  return {
    id: found?.id ?? null,
    plan: found?.plan === undefined ? null : parsePlan(found.plan, pantry),
    learnt: found?.learnt ?? [],
    events,
    bad,
  };
}

/** Writes a run as a file: its head with the plan, then every event on a line of its own. */
export function writeRunFile({
  id,
  plan,
  learnt,
  events,
}: {
  id: string;
  plan: Plan;
  learnt: readonly Learnt[];
  events: readonly RunEvent[];
}): string {
  const head = { format: RUN_FORMAT, version: 1, id, plan, learnt };
  return [head, ...events].map((line) => `${JSON.stringify(line)}\n`).join('');
}
