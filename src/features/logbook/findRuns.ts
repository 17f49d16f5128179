import { familyOf } from '@/core/shapes/families';
import type { RunRow } from '@/server/repositories/runs';

/** What a reader looks for in the logbook. */
export interface RunQuery {
  readonly q: string;
  readonly cook: string;
  readonly plan: string;
  readonly shape: string;
  readonly roller: string;
  /** As 2026-11. */
  readonly month: string;
}

/** What can be chosen from, of the runs there are. */
export interface RunChoices {
  readonly cooks: readonly string[];
  readonly plans: readonly (readonly [id: string, name: string])[];
  readonly shapes: readonly (readonly [id: string, name: string])[];
  readonly rollers: readonly string[];
  readonly months: readonly string[];
}

/** Runs that answer to what is looked for. */
export function findRuns(rows: readonly RunRow[], query: RunQuery): readonly RunRow[] {
  const words = query.q.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.filter(({ planId, madeOn, summary }) => {
    const { planned, cooks, note } = summary;
    if (query.cook && !cooks.includes(query.cook)) return false;
    if (query.plan && planId !== query.plan) return false;
    if (query.shape && planned.family !== query.shape) return false;
    if (query.roller && planned.roller !== query.roller) return false;
    if (query.month && !madeOn.startsWith(query.month)) return false;
    if (words.length === 0) return true;
    const all = `${planned.name} ${cooks.join(' ')} ${note} ${planned.roller}`.toLowerCase();
    return words.every((word) => all.includes(word));
  });
}

/** What there is to choose from. */
export function choicesOf(rows: readonly RunRow[]): RunChoices {
  const sorted = (values: Iterable<string>) => [...new Set(values)].sort();
  return {
    cooks: sorted(rows.flatMap(({ summary }) => summary.cooks)),
    plans: [...new Map(rows.map(({ planId, summary }) => [planId, summary.planned.name]))].sort(
      (a, b) => a[1].localeCompare(b[1]),
    ),
    shapes: sorted(rows.map(({ summary }) => summary.planned.family)).map(
      (id) => [id, familyOf(id as RunRow['summary']['planned']['family']).name] as const,
    ),
    rollers: sorted(rows.map(({ summary }) => summary.planned.roller)),
    months: sorted(rows.map(({ madeOn }) => madeOn.slice(0, 7))).reverse(),
  };
}
