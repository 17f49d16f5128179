'use client';

import { Link } from '@/ui/layout/Link';
import type { RunSummary } from '@/core/run/summary';
import { WAY_IDS, WAYS } from '@/core/run/ways';
import type { FigureUnit } from '@/core/working/working';
import { FINISH_NAMES } from '@/core/shapes/finish';
import type { RunRow } from '@/server/repositories/runs';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';

type Line = readonly [name: string, of: (summary: RunSummary) => number | null, unit: FigureUnit];

const LINES: readonly Line[] = [
  ['Pieces', ({ pieces }) => pieces, 'count'],
  ['Lost', ({ pieces, lost }) => (pieces > 0 ? lost / pieces : null), 'share'],
  ['Dose planned', ({ planned }) => planned.doseG, 'g'],
  ['Dose as it came', ({ doseG }) => doseG, 'g'],
  ['Sheet planned', ({ planned }) => planned.thicknessMm, 'mm'],
  ['Sheet as it came', ({ thicknessMm }) => thicknessMm, 'mm'],
  ['Dough made', ({ planned }) => planned.doughG, 'g'],
  ['Dough left', ({ doughLeftG }) => doughLeftG, 'g'],
  ['Filling made', ({ planned }) => planned.fillingG, 'g'],
  ['Filling left', ({ fillingLeftG }) => fillingLeftG, 'g'],
  ['Time a piece', ({ minutesAPiece }) => minutesAPiece, 'min'],
];

/** Two batches beside each other; what differs is marked. */
export function BesideView({ a, b }: { a: RunRow; b: RunRow }) {
  const { text } = useUnits();
  const words = (value: number | null, unit: FigureUnit) =>
    value === null ? 'not taken' : text(value, unit);
  const rows: readonly (readonly [string, string, string])[] = [
    ...LINES.map(
      ([name, of, unit]) => [name, words(of(a.summary), unit), words(of(b.summary), unit)] as const,
    ),
    ['Edge', FINISH_NAMES[a.summary.planned.finish], FINISH_NAMES[b.summary.planned.finish]],
    ...WAY_IDS.filter((way) => a.summary.burst[way] + b.summary.burst[way] > 0).map(
      (way) =>
        [WAYS[way].name, String(a.summary.burst[way]), String(b.summary.burst[way])] as const,
    ),
    ['Note', a.summary.note || '–', b.summary.note || '–'],
  ];
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Side by side">
      <table className="mt-5 w-full">
        <thead>
          <tr className="text-left">
            <th scope="col">
              <span className="sr-only">Figure</span>
            </th>
            {[a, b].map(({ id, madeOn, summary }) => (
              <th key={id} scope="col" className="min-w-[9rem] py-2 pr-4 align-bottom">
                <Link className="link" href={`/logbook/${id}`}>
                  {summary.planned.name}
                </Link>
                <span className="block text-small font-normal text-ink-dim">
                  <Moment at={madeOn} />
                  {summary.cooks.length > 0 && `, ${summary.cooks.join(' and ')}`}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, one, other]) => {
            const differ = one !== other;
            return (
              <tr key={name} className="border-t border-board-line align-top">
                <th scope="row" className="py-1.5 pr-4 text-left font-normal text-ink-dim">
                  {differ && <span aria-hidden>≠ </span>}
                  {differ && <span className="sr-only">differs: </span>}
                  {name}
                </th>
                {[one, other].map((value, i) => (
                  <td key={i} className={`py-1.5 pr-4 ${differ ? 'font-semibold' : ''}`}>
                    {value}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
