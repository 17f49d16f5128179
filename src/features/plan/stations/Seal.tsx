'use client';

import type { Plan } from '@/core/plan/document/schema';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../editor/EditorContext';
import { MEDIUM_NAMES } from '../words';
import { PlanChoice, PlanField } from './PlanField';

export function SealControls() {
  return (
    <>
      <PlanChoice
        at="hold.medium"
        label="Seal with"
        columns={3}
        options={(['water', 'mist', 'dry', 'egg', 'eggWhite'] as const).map((value) => ({
          value,
          label: MEDIUM_NAMES[value],
        }))}
      />
      <PlanChoice
        at="hold.air"
        label="Air pressed out"
        options={[
          { value: 'middle', label: 'From the middle' },
          { value: 'oneSide', label: 'From one side' },
          { value: 'pricked', label: 'Pricked' },
        ]}
      />
      <PlanChoice
        at="hold.place"
        label="Kept until boiling"
        options={[
          { value: 'bench', label: 'On the bench' },
          { value: 'chilled', label: 'Chilled' },
          { value: 'frozen', label: 'Frozen' },
        ]}
      />
      <PlanField at="hold.minutes" hint="Minutes, or 3 h, or 2 days" />
    </>
  );
}

const MEDIUM_SAYS: Record<Plan['hold']['medium'], string> = {
  water: 'Damp the lip with a brush or fingertip. Too much water makes it slide and tack.',
  mist: 'One short breath of mist over the lower sheet, mounds and all, then close at once.',
  dry: 'Only on a sheet so fresh that it clings to itself. No bench flour on the faces.',
  egg: 'Beaten egg holds well but tastes of egg and sets thick. It adds egg to the allergens.',
  eggWhite: 'White let down with water holds well and sets firm. It adds egg to the allergens.',
};

const AIR_SAYS: Record<Plan['hold']['air'], string> = {
  middle: 'Press from the mound outward all round, the edge last.',
  oneSide: 'Close three sides, chase the air out of the fourth, then close it.',
  pricked: 'Prick a bubble that stays, press it flat, pinch the hole shut.',
};

const PLACE_SAYS: Record<Plan['hold']['place'], string> = {
  bench:
    'On semolina or a cloth, apart, never a smooth bare surface. No more than 2 hours in all at room temperature.',
  chilled:
    'On semolina or a cloth, apart, at 5 °C (41 °F) or below. Boil within hours: filling comes through in time.',
  frozen:
    'Flat on trays until hard, then bagged, at −18 °C (0 °F). Boil from frozen with a little more time, never thawed.',
};

export function SealPanel() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { hold: h, shape } = plan;
  return (
    <div className="grid gap-5">
      <section>
        <h3>
          Edge{' '}
          <span className="numeral text-figure">
            <Figure working={result.working.edge} />
          </span>{' '}
          <span className="font-normal text-ink-dim">
            after the {FINISH_NAMES[shape.finish].toLowerCase()}, two layers of{' '}
            {text(result.sheet.thicknessMm, 'mm')}
          </span>
        </h3>
        <p className="mt-1">Press it thin: a double edge stays hard when the face is done.</p>
      </section>
      <dl className="grid gap-3">
        <Says term={MEDIUM_NAMES[h.medium]}>{MEDIUM_SAYS[h.medium]}</Says>
        <Says term="Air">
          {AIR_SAYS[h.air]} Air left in swells in the pot and bursts the piece.
        </Says>
        <Says
          term={`Kept ${h.place === 'bench' ? 'on the bench' : h.place}, ${text(h.minutes, 'min')}`}
        >
          {PLACE_SAYS[h.place]}
        </Says>
        <Says term="Clean faces">No flour, no fat and no filling on the lip.</Says>
      </dl>
      <p className="text-small text-ink-dim">
        Times and temperatures are guidance: local food codes and licensed practice come first.
      </p>
    </div>
  );
}

export function Says({ term, children }: { term: string; children: React.ReactNode }) {
  return (
    <div className="border-l-4 border-dough-edge pl-3">
      <dt className="font-semibold">{term}</dt>
      <dd>{children}</dd>
    </div>
  );
}
