import type { Metadata } from 'next';
import { comparePlans } from '@/core/plan/document/comparePlans';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { fieldName } from '@/features/plan/fieldNames';
import { UnreadableNotice } from '@/features/keeping/UnreadableNotice';
import { RevisionsPage, type ComparedFigure } from '@/features/revisions/RevisionsPage';
import { database } from '@/server/database';
import { orNotFound } from '@/server/orNotFound';
import { listLog } from '@/server/repositories/log';
import { getBasis } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';
import { listRevisions } from '@/server/repositories/revisions';

export const metadata: Metadata = { title: 'Revisions' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ before?: string | string[]; after?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const asked = await searchParams;
  const db = database();
  const { plan, revision: newest } = orNotFound(() => getPlan(db, id));
  const log = listLog(db, id);
  const basis = getBasis(db);
  const { revisions, unreadable } = listRevisions(db, id);
  const find = (number: unknown): Plan | undefined =>
    revisions.find((each) => String(each.number) === number)?.plan;
  const [before, after] = [find(asked.before), find(asked.after)];
  return (
    <RevisionsPage
      id={id}
      name={plan.name}
      newest={newest}
      notice={<UnreadableNotice documents={unreadable} />}
      revisions={revisions.map(({ number, name, plan: each, updatedAt }) => {
        const { pieces, weakestLink, verdict } = evaluatePlan(each, basis);
        return {
          number,
          name: name ?? '',
          savedAt: updatedAt,
          pieces,
          margin: weakestLink.margin,
          weakest: weakestLink.name,
          state: verdict.state,
          logged: log.filter((entry) => entry.revision === number).length,
        };
      })}
      compared={
        before && after
          ? {
              before: Number(asked.before),
              after: Number(asked.after),
              figures: figures(evaluatePlan(before, basis), evaluatePlan(after, basis)),
              differences: comparePlans(before, after).map((each) => ({
                ...each,
                label: fieldName(each.path, basis.pantry),
              })),
            }
          : null
      }
    />
  );
}

const figures = (a: PlanResult, b: PlanResult): ComparedFigure[] => [
  { label: 'Pieces', unit: 'count', before: a.pieces, after: b.pieces },
  { label: 'Dough', unit: 'g', before: a.dough.totalG, after: b.dough.totalG },
  { label: 'Filling', unit: 'g', before: a.filling.totalG, after: b.filling.totalG },
  { label: 'Dough in a piece', unit: 'g', before: a.dough.perPieceG, after: b.dough.perPieceG },
  {
    label: 'Filling in a piece',
    unit: 'g',
    before: a.filling.perPieceG,
    after: b.filling.perPieceG,
  },
  { label: 'Lip', unit: 'mm', before: a.shape.lipMm, after: b.shape.lipMm },
  { label: 'Lip against need', unit: 'ratio', before: a.margins.lip, after: b.margins.lip },
  {
    label: 'Over the top against tearing',
    unit: 'ratio',
    before: a.margins.thinning,
    after: b.margins.thinning,
  },
];
