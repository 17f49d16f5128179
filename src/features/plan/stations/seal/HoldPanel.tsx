'use client';

import type { Plan } from '@/core/plan/document/schema';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { FINISH_NAMES } from '@/core/shapes/finish';
import type { WriteFigure } from '@/core/units/format';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';
import { MEDIUM_NAMES } from '../../words';
import { SURFACE_NAMES } from '@/core/hold/surfaces';
import { Balance } from '../../risk/Balance';
import { WhatIf } from '../../risk/WhatIf';
import { Says } from '../Says';
import { HoldBar } from './HoldBar';
import { SheetThrough } from './SheetThrough';

const MEDIUM_SAYS: Record<Plan['hold']['medium'], string> = {
  water: 'Damp the lip with a brush or fingertip. Too much water makes it slide and tack.',
  mist: 'One short breath of mist over the lower sheet, mounds and all, then close at once.',
  dry: 'Only on a sheet so fresh that it clings to itself. No bench flour on the faces.',
  egg: 'Beaten egg holds well but tastes of egg and sets thick. It adds egg to the allergens.',
  eggWhite: 'White let down with water holds well and sets firm. It adds egg to the allergens.',
  tooWet: 'Faces that drip slide and tack, and open in the pot. Blot them before closing.',
};

const AIR_SAYS: Record<Plan['hold']['air'], string> = {
  middle: 'Press from the mound outward all round, the edge last.',
  oneSide: 'Close three sides, chase the air out of the fourth, then close it.',
  pricked: 'Prick a bubble that stays, press it flat, pinch the hole shut.',
  none: 'Air that is not pressed out swells in the pot and splits the piece.',
};

/** What a cook who waits is told: the day, the next, the freezer. */
const LATER = [
  [
    'Same day',
    'Chilled on semolina or a cloth, apart, at 5 °C (41 °F) or below; into the pot within hours.',
  ],
  [
    'Next day',
    'A firm filling may wait a night chilled; egg dough greys and a moist filling comes through. Freezing is surer.',
  ],
  [
    'Frozen',
    'Flat on trays until hard, then bagged, at −18 °C (0 °F). Boil from frozen with a little more time, never thawed.',
  ],
] as const;

/** What the hold comes to, in a line and a half. */
function headline(
  { hold }: PlanResult,
  surface: Plan['hold']['surface'],
  write: WriteFigure,
): { title: string; says: string } {
  const { goodFor, plannedMin } = hold;
  if (!goodFor) {
    return {
      title: 'Keeps for as long as it is frozen',
      says: `You need ${write(plannedMin, 'min')}. Into the pot frozen, never thawed.`,
    };
  }
  const title = `Keeps ${write(goodFor.minute, 'min')} on ${SURFACE_NAMES[surface]}`;
  const early = plannedMin - goodFor.minute;
  const then = {
    tacky: 'the undersides start to stick',
    room: 'it has been too long at room temperature',
    fridge: 'it has been chilled for a day: freeze it instead',
  }[goodFor.by];
  return {
    title,
    says:
      early > 0
        ? `You need ${write(plannedMin, 'min')}: ${write(early, 'min')} before the pot ${then}.`
        : `You need ${write(plannedMin, 'min')}. After ${write(goodFor.minute, 'min')} ${then}.`,
  };
}

export function HoldPanel() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { hold: h, shape } = plan;
  const { title, says } = headline(result, h.surface, text);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6">
      <section aria-label="The hold">
        <h3 className="font-display text-figure leading-tight">
          {result.hold.goodFor ? (
            <Figure working={result.working.goodFor} className="no-underline">
              {title}
            </Figure>
          ) : (
            title
          )}
        </h3>
        <p className="mt-1">
          {says} Drag an end to change how long. Before it, a sheet lies open for{' '}
          {text(result.sheet.fill.fillMin, 'min')} of the {text(result.sheet.fill.openMin, 'min')}{' '}
          that it may.
        </p>
        <HoldBar />
      </section>
      <SheetThrough />
      <Balance />
      <WhatIf />
      <dl className="grid gap-3">
        {LATER.map(([term, line]) => (
          <Says key={term} term={term}>
            {line}
          </Says>
        ))}
        <Says term={MEDIUM_NAMES[h.medium]}>{MEDIUM_SAYS[h.medium]}</Says>
        <Says term="Air">{AIR_SAYS[h.air]}</Says>
        <Says
          term={`Edge ${text(result.edge.pressedMm, 'mm')} after the ${FINISH_NAMES[shape.finish].toLowerCase()}`}
        >
          Press it thin: a double edge stays hard when the face is done. No flour, no fat and no
          filling on the lip.
        </Says>
      </dl>
      <p className="text-small text-ink-dim">
        Estimates: water through rolled dough differs with flour and hand by a third and more. Times
        and temperatures are guidance: local food codes and licensed practice come first.
      </p>
    </div>
  );
}
