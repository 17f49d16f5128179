'use client';

import { writeAt } from '@/core/plan/at';
import { SheetStrip } from '@/ui/drawings/SheetStrip';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';

/** One sheet with its cut pattern, and what that pattern uses against what the plan counts on. */
export function StripPanel() {
  const { plan, result, edit } = useEditor();
  const { text } = useUnits();
  const { grid, gridShare: drawn, lengthMm, widthMm, count } = result.sheet;
  if (count === 0) return <p>No dough, no sheet: give more in How many.</p>;
  const apart = Math.abs(drawn - plan.batch.usedShare) > 0.03;
  const settable = Math.min(1, Math.max(0.2, Math.round(drawn * 100) / 100));
  return (
    <section aria-label="One sheet">
      <h3>
        One sheet{' '}
        <span className="font-normal text-ink-dim">
          <Figure working={result.working.sheetLength}>{text(lengthMm, 'mm')}</Figure> ×{' '}
          {text(widthMm, 'mm')}, one of {count}
        </span>
      </h3>
      <div className="mt-2 max-md:hidden">
        <SheetStrip result={result} colour={plan.colour} width={620} />
      </div>
      <div className="mt-2 md:hidden">
        <SheetStrip result={result} colour={plan.colour} width={350} />
      </div>
      <p className="mt-2">
        <b>{grid.count} pieces a sheet</b> on a straight grid, {grid.along} along and {grid.across}{' '}
        across: <Figure working={result.working.sheetDrawn}>{text(drawn, 'share')}</Figure> of it
        used, before the trim is rolled again.
      </p>
      {apart && drawn >= 0.2 && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <span>The plan counts on {text(plan.batch.usedShare, 'share')}.</span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => writeAt(p, 'batch.usedShare', settable))}
          >
            Count on {text(settable, 'share')}
          </button>
        </p>
      )}
    </section>
  );
}
