'use client';

import { Link } from '@/ui/layout/Link';
import type { RunRow } from '@/server/repositories/runs';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { LinkPending } from '@/ui/layout/LinkPending';
import { Moment } from '@/ui/text/Moment';
import { useUnits } from '@/ui/units/UnitsContext';

const STATUS = { open: 'at the bench', finished: '', abandoned: 'given up' } as const;

/** Runs, the latest first: what came out of each, and what it said of itself. */
export function RunList({ rows }: { rows: readonly RunRow[] }) {
  const { text } = useUnits();
  return (
    <ul className="mt-4">
      {rows.map(({ id, madeOn, summary }) => {
        const { planned, pieces, lost, cooks, status, note, leftOut } = summary;
        const open = status === 'open';
        return (
          <li key={id} className="border-b border-board-line">
            <Link
              href={open ? `/runs/${id}` : `/logbook/${id}`}
              className="grid grid-cols-[44px_minmax(0,1fr)_auto] items-center gap-x-4 py-3 hover:bg-board-raised"
            >
              <FamilyGlyph family={planned.family} colour={planned.colour} />
              <span className="min-w-0">
                <b className="[overflow-wrap:anywhere]">{planned.name}</b> <LinkPending />
                <span className="block text-small text-ink-dim">
                  <Moment at={madeOn} />
                  {cooks.length > 0 && `, ${cooks.join(' and ')}`}
                  {STATUS[status] && `, ${STATUS[status]}`}
                  {leftOut && ', not learned from'}
                </span>
                {note && <span className="block truncate">{note}</span>}
              </span>
              <span className="text-right">
                <span className="numeral text-figure">{open ? pieces : pieces - lost}</span>
                <span className="block text-small text-ink-dim">
                  {open
                    ? `of ${planned.pieces} so far`
                    : `whole of ${pieces}${lost > 0 && pieces > 0 ? `, ${text(lost / pieces, 'share')} lost` : ''}`}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
