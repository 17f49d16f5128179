'use client';

import { lengthForPieces } from '@/core/layout/laying';
import { writeAt } from '@/core/plan/document/patch';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';
import { plural } from '../sheetWords';

/** How long a sheet stays open, against how long it takes to fill. */
export function FillInTime() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { layout, sheet, working: w } = result;
  const { openMin, fillMin, piecesAtATime, margin } = sheet.fill;
  if (layout.pieces === 0) return <p>Nothing is cut from this sheet yet.</p>;
  const most = Math.max(openMin, fillMin) * 1.1;
  const late = margin !== null && margin < 1;
  const shorter = lengthForPieces(layout.laying, piecesAtATime);
  const longest = shorter === null ? null : Math.ceil(shorter);
  const { min } = PLAN_FIELDS['sheet.benchMm'];
  return (
    <section aria-label="Fill in time" className="grid gap-3">
      <p className="text-lead">
        {late ? (
          <b>
            <span aria-hidden className="text-[var(--ochre)]">
              ▲{' '}
            </span>
            It dries before it is filled
          </b>
        ) : (
          <b>Time enough</b>
        )}
        : open for <Figure working={w.openTime}>{text(openMin, 'min')}</Figure>,{' '}
        <Figure working={w.fillTime}>{text(fillMin, 'min')}</Figure> to fill {layout.pieces}.
      </p>
      <div className="grid gap-2">
        <TimeBar label="Open, uncovered" minutes={openMin} most={most} fill="var(--dough)" />
        <TimeBar
          label={`Filled and closed, ${plan.sheet.people === 1 ? 'one pair of hands' : `${plan.sheet.people} pairs`}`}
          minutes={fillMin}
          most={most}
          fill={late ? 'var(--ochre)' : plan.colour}
        />
      </div>
      <p>
        {late
          ? `Fill ${plural(piecesAtATime, 'piece')} at a time, the rest of the sheet covered; or roll shorter sheets; or share the work.`
          : `Up to ${plural(piecesAtATime, 'piece')} can be filled before a sheet no longer seals. Roll one sheet, fill it, seal it, then roll the next.`}
      </p>
      {late && (
        <div className="flex flex-wrap gap-2">
          {longest !== null && longest >= min && (
            <button
              type="button"
              className="btn"
              onClick={() => edit((p) => writeAt(p, 'sheet.benchMm', longest))}
            >
              Sheets of at most {text(longest, 'mm')}
            </button>
          )}
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => writeAt(p, 'sheet.people', p.sheet.people + 1))}
          >
            {plan.sheet.people + 1} pairs of hands
          </button>
        </div>
      )}
    </section>
  );
}

function TimeBar({
  label,
  minutes,
  most,
  fill,
}: {
  label: string;
  minutes: number;
  most: number;
  fill: string;
}) {
  const { text } = useUnits();
  return (
    <div>
      <p className="flex justify-between text-small">
        <span>{label}</span>
        <span className="numeral">{text(minutes, 'min')}</span>
      </p>
      <div className="h-5 border border-board-rule bg-board-raised">
        <div
          className="h-full border-r-2 border-ink"
          style={{ width: `${(100 * minutes) / most}%`, background: fill }}
        />
      </div>
    </div>
  );
}
