'use client';

import { Maximize2, Minus, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { ARRANGEMENT_NAMES } from '@/core/layout/arrangements';
import { placesOf, type Place } from '@/core/layout/places';
import { SHEET_WAY_NAMES } from '@/core/layout/sheetWay';
import { writeAt } from '@/core/plan/document/patch';
import { IconButton } from '@/ui/buttons/IconButton';
import { LayoutDrawing } from '@/ui/drawings/LayoutDrawing';
import { Figure } from '@/ui/figure/Figure';
import { useView } from '@/ui/layout/ViewContext';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../editor/EditorContext';
import { doesNotFitText } from '../words';
import { patternText, plural, rollingsText, trimText } from './sheetWords';

const ZOOMS = [1, 1.6, 2.5, 4] as const;

/** One sheet with its cut pattern, what comes out of all of them, and what becomes of the trim. */
export function StripPanel() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const view = useView();
  const [zoom, setZoom] = useState(0);
  const [at, setPicked] = useState<Pick<Place, 'along' | 'across'> | null>(null);
  const { layout, sheet, trim, working: w } = result;
  const places = useMemo(() => placesOf(layout.laying), [layout.laying]);
  // By its count, so that it stays the same blank while the pattern moves under it.
  const picked =
    (at && places.find(({ along, across }) => along === at.along && across === at.across)) ?? null;
  if (sheet.count === 0) return <p>No dough, no sheet: give more in How many.</p>;
  if (layout.doesNotFit) {
    return (
      <section aria-label="One sheet">
        <h3>Nothing can be cut from this sheet</h3>
        <p className="mt-1 font-semibold text-brick">
          <span aria-hidden>✕</span> {doesNotFitText(layout.doesNotFit, text)}
        </p>
      </section>
    );
  }
  const { laying } = layout;
  return (
    <section aria-label="One sheet">
      <div className="flex flex-wrap items-end justify-between gap-x-4">
        <h3>
          One sheet{' '}
          <span className="font-normal text-ink-dim">
            <Figure working={w.sheetLength}>{text(sheet.lengthMm, 'mm')}</Figure> ×{' '}
            {text(sheet.widthMm, 'mm')}
          </span>
        </h3>
        <div className="flex gap-1">
          <IconButton label="Smaller" resting={zoom === 0} onClick={() => setZoom(zoom - 1)}>
            <Minus size={18} aria-hidden />
          </IconButton>
          <IconButton
            label="Larger"
            resting={zoom === ZOOMS.length - 1}
            onClick={() => setZoom(zoom + 1)}
          >
            <Plus size={18} aria-hidden />
          </IconButton>
          <IconButton label="The whole sheet" resting={zoom === 0} onClick={() => setZoom(0)}>
            <Maximize2 size={16} aria-hidden />
          </IconButton>
        </div>
      </div>
      <div
        className="mt-1 overflow-x-auto"
        tabIndex={0}
        role="group"
        aria-label="Blanks: arrow keys go from one to the next"
        onKeyDown={(event) => {
          const next = stepped(places, picked, event.key);
          if (!next) return;
          event.preventDefault();
          setPicked(next);
        }}
      >
        <div style={{ width: `${100 * (ZOOMS[zoom] ?? 1)}%` }}>
          <LayoutDrawing
            result={result}
            colour={plan.colour}
            width={view === 'phone' ? 290 : 560}
            dimensions
            picked={picked}
            onPick={setPicked}
          />
        </div>
      </div>
      <p className="text-small text-ink-dim" role="status">
        {picked
          ? `Blank ${picked.along} along, ${picked.across} across: its mound ${text(picked.x, 'mm')} from the left end, ${text(picked.y, 'mm')} from the near edge.`
          : `${patternText(places, text)} Point at a blank, or tap it, for its place.`}
      </p>
      <p className="mt-2">
        {SHEET_WAY_NAMES[laying.way].name}: {SHEET_WAY_NAMES[laying.way].says}.{' '}
        <b>
          {plural(layout.pieces, 'piece')} a {laying.sheets === 2 ? 'pair of sheets' : 'sheet'}
        </b>{' '}
        {laying.arrangement && ARRANGEMENT_NAMES[laying.arrangement.id]}:{' '}
        <Figure working={w.layoutShare}>{text(layout.share, 'share')}</Figure> of it used.{' '}
        {rollingsText(layout.rollings, layout.laying.sheets)}{' '}
        <Figure working={w.trim}>{text(trim.g, 'g')}</Figure>{' '}
        {trim.use === 'waste' ? 'of trim is thrown out.' : `of trim is left: ${trimText(trim)}.`}
      </p>
      {plan.batch.usedShare !== undefined && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <span>
            The batch uses {text(plan.batch.usedShare, 'share')}, your own figure, not on this
            pattern.
          </span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => writeAt(p, 'batch.usedShare', undefined))}
          >
            Count by the pattern
          </button>
        </p>
      )}
    </section>
  );
}

/** The blank an arrow key goes to from the one picked; null for any other key. */
function stepped(places: readonly Place[], from: Place | null, key: string): Place | null {
  const steps: Readonly<Record<string, readonly [along: number, across: number]>> = {
    ArrowRight: [1, 0],
    ArrowLeft: [-1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };
  const step = steps[key];
  if (!step) return null;
  if (!from) return places[0] ?? null;
  const [along, across] = step;
  return (
    places.find(
      (each) => each.along === from.along + along && each.across === from.across + across,
    ) ?? from
  );
}
