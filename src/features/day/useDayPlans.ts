'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Plan } from '@/core/plan/document/schema';
import type { Day } from '@/core/schedule/document/day';

/** Plans on the day: those that came with the page, and those put on since, fetched once. */
export function useDayPlans(
  given: readonly (readonly [string, Plan])[],
  { services }: Day,
  choices: readonly { readonly id: string }[],
): ReadonlyMap<string, Plan> {
  const [fetched, setFetched] = useState<ReadonlyMap<string, Plan>>(new Map());
  const known = useMemo(() => new Map([...given, ...fetched]), [given, fetched]);
  const missing = [...new Set(services.map(({ planId }) => planId))]
    // One that was deleted is not among them: it is not there any more.
    .filter((planId) => !known.has(planId) && choices.some(({ id }) => id === planId))
    .join(' ');
  useEffect(() => {
    if (!missing) return;
    let mine = true;
    for (const planId of missing.split(' ')) {
      void fetch(`/api/plans/${encodeURIComponent(planId)}`)
        .then((response) => (response.ok ? (response.json() as Promise<Plan>) : null))
        .then((plan) => {
          if (mine && plan) setFetched((had) => new Map([...had, [planId, plan]]));
        })
        .catch(() => {});
    }
    return () => {
      mine = false;
    };
  }, [missing]);
  return known;
}

/** A plan's own colour for what is made for it alone; dough is dough. */
export function useColours({ services }: Day, plans: ReadonlyMap<string, Plan>) {
  return useMemo(() => {
    const colours = new Map(
      services.map(({ id, planId }) => [id, plans.get(planId)?.colour ?? '#cfc4a4']),
    );
    return (of: readonly string[], kind?: string): string =>
      kind === 'mix' || kind === 'knead' || kind === 'ribbons'
        ? '#f0dca4'
        : `color-mix(in srgb, ${colours.get(of[0] ?? '') ?? '#cfc4a4'} 62%, #fbf6ea)`;
  }, [services, plans]);
}
