/** The command that goes from signs to causes. */
import type { Basis } from '../core/basis/basis';
import { faultFileSchema } from '../core/faults/faultFile';
import { knownOf } from '../core/faults/known';
import { faultReport, type FaultReport } from '../core/faults/report';
import { readRunFile } from '../core/formats/runFile';
import { firstIssue, parsePlan } from '../core/plan/document/parsePlan';
import { PlanError } from '../core/plan/document/planError';
import { runEventSchema } from '../core/run/events';
import { foldRun } from '../core/run/fold';

/** How files named in another are read. */
export interface Beside {
  readonly basis: Basis;
  jsonOf(name: string): unknown;
  textOf(name: string): string;
}

/**
 * Ranked causes, the next question and what can be saved, for a file of signs and answers.
 * @throws PlanError by the field that is not as it must be
 */
export function faultsOf(file: unknown, { basis, jsonOf, textOf }: Beside): FaultReport {
  const read = faultFileSchema.safeParse(file);
  if (!read.success) {
    const { path, message } = firstIssue(read.error);
    throw new PlanError(path ? `${path}: ${message}` : message, path);
  }
  const { plan, run, signs, answers, stage, found } = read.data;
  const ofFile = typeof run === 'string' ? readRunFile(textOf(run), basis.pantry) : null;
  const document =
    plan === undefined
      ? ofFile?.plan
      : parsePlan(typeof plan === 'string' ? jsonOf(plan) : plan, basis.pantry);
  const events = Array.isArray(run)
    ? run.map((event, i) => {
        const each = runEventSchema.safeParse(event);
        if (!each.success) {
          const { path, message } = firstIssue(each.error);
          const at = `run.${i}${path ? `.${path}` : ''}`;
          throw new PlanError(`${at}: ${message}`, at);
        }
        return each.data;
      })
    : (ofFile?.events ?? null);
  const known = knownOf({
    plan: document ?? undefined,
    run: events && foldRun(events),
    found,
    basis,
  });
  return faultReport({ signs, answers, ...(stage ? { stage } : {}) }, known);
}
