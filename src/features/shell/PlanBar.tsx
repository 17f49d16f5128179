'use client';

import { Link } from '@/ui/layout/Link';
import { useRouter } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import { useCommands, type Command } from '@/ui/commands/commands';
import { BenchBar } from '@/ui/layout/BenchBar';
import { LinkPending } from '@/ui/layout/LinkPending';

const PAGES = [
  ['card', 'Bench card', 'c'],
  ['log', 'Log', 'l'],
  ['revisions', 'Revisions', 'r'],
] as const;

/** The bar of a plan's other pages: back to the plan, and between them. */
export function PlanBar({
  id,
  name,
  here,
  actions,
}: {
  id: string;
  name: string;
  here: (typeof PAGES)[number][0];
  actions?: ReactNode;
}) {
  const router = useRouter();
  const commands = useMemo<Command[]>(
    () => [
      {
        id: 'plan',
        label: 'Back to the plan',
        group: 'This plan',
        keys: 'p',
        run: () => router.push(`/plans/${id}`),
      },
      ...PAGES.filter(([page]) => page !== here).map(([page, label, keys]) => ({
        id: page,
        label,
        group: 'This plan',
        keys,
        run: () => router.push(`/plans/${id}/${page}`),
      })),
    ],
    [here, id, router],
  );
  useCommands(commands);
  return (
    <BenchBar actions={actions}>
      <nav aria-label="This plan" className="flex min-w-0 flex-wrap items-center">
        <Link href={`/plans/${id}`} className="btn-slate min-w-0 underline underline-offset-4">
          <span className="max-w-[min(20rem,60vw)] truncate">{name}</span>
        </Link>
        {PAGES.map(([page, label]) => (
          <Link
            key={page}
            href={`/plans/${id}/${page}`}
            aria-current={page === here ? 'page' : undefined}
            className={`btn-slate ${page === here ? 'font-semibold decoration-[var(--dough)] decoration-2 underline underline-offset-8' : 'text-chalk-dim'}`}
          >
            {label}
            <LinkPending />
          </Link>
        ))}
      </nav>
    </BenchBar>
  );
}
