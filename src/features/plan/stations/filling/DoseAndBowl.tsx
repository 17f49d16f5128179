'use client';

import { useState } from 'react';
import { writeAt } from '@/core/plan/document/patch';
import { pipedDose, spoonDose } from '@/core/filling/doses';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import { cupsText } from '@/core/units/volume';
import { QuantityField } from '@/ui/fields/QuantityField';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { PlanField } from '../PlanField';
import { TakeButton } from '@/ui/buttons/TakeButton';

const rounded = (g: number): number => {
  const { min, max } = PLAN_FIELDS['shape.doseG'];
  return Math.min(max, Math.max(min, Math.round(g * 10) / 10));
};

/** A dose set by hand stays as it is in a dead heat. */
const dosed = (plan: Plan, g: number): Plan => {
  const next = writeAt(plan, 'shape.doseG', rounded(g));
  return plan.batch.wayIn === 'both' ? writeAt(next, 'batch.mayChange.dose', false) : next;
};

/** How much filling there is, in bowls and bags, and a dose by spoon, by tip or by scale. */
export default function DoseAndBowl() {
  const { result } = useShown();
  const { kitchen } = useWorld();
  const { text, units } = useUnits();
  const { filling: f, working: w, leftover } = result;
  const bags = f.totalMl / kitchen.bagMl;
  const cups = cupsText(f.totalMl, units);
  return (
    <div className="grid gap-6">
      <section aria-label="The bowl">
        <h3>The bowl</h3>
        <p>
          <span className="numeral text-figure">
            <Figure working={w.fillingTotal} />
          </span>
          , <Figure working={w.fillingVolume}>{text(f.totalMl, 'ml')}</Figure>
          {cups && `, ${cups}`}, {bags < 1 ? 'not a full bag' : `${Math.ceil(bags * 10) / 10} bags`}{' '}
          of {text(kitchen.bagMl, 'ml')}.
        </p>
        <p>
          {f.leftFills >= 1
            ? `${text(leftover.fillingG, 'g')} is left: it would fill ${f.leftFills} more ${f.leftFills === 1 ? 'piece' : 'pieces'}, with ${text(f.leftFills * result.dough.perPieceG, 'g')} of dough in them.`
            : 'Nothing is left beyond what the bowl keeps.'}
        </p>
      </section>
      <SpoonDoses />
      <PipedDose />
    </div>
  );
}

function SpoonDoses() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen, basis } = useWorld();
  const { text } = useUnits();
  const { densityGPerMl } = result.filling;
  const band = result.shape.doseBandG;
  const rows = kitchen.spoons.flatMap(({ name, ml }) =>
    [false, true].map((heaped) => ({
      name: `${heaped ? 'heaped' : 'level'} ${name}`,
      g: spoonDose({ ml, densityGPerMl, heaped }, basis.rules),
      heaped,
    })),
  );
  return (
    <section aria-label="Dose by spoon">
      <h3>Dose by spoon, now {text(result.shape.doseG, 'g')}</h3>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {rows.map(({ name, g, heaped }) => {
          const fits = band !== null && g <= band[1] && g >= PLAN_FIELDS['shape.doseG'].min;
          const now = Math.abs(plan.shape.doseG - rounded(g)) < 0.05;
          return (
            <li
              key={name}
              className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-2 border-b border-board-line py-1"
            >
              <span>
                {name}
                <span className="block text-small text-ink-dim">
                  {[heaped && 'an estimate', !fits && 'more than the lip holds']
                    .filter(Boolean)
                    .join(', ')}
                </span>
              </span>
              <span className="numeral">{text(g, 'g')}</span>
              <TakeButton
                what={name}
                used={now}
                resting={g > PLAN_FIELDS['shape.doseG'].max}
                onTake={() => edit((p) => dosed(p, g))}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function PipedDose() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { text } = useUnits();
  const { filling: f, working: w } = result;
  // What the plan pipes, until another length is typed.
  const [typedMm, setTyped] = useState<number | null>(null);
  const lengthMm = typedMm ?? Math.round(f.pipedMm);
  const g = pipedDose({ lengthMm, densityGPerMl: f.densityGPerMl, tipMm: plan.filling.tipMm });
  return (
    <section aria-label="Dose by piping" className="grid gap-2">
      <h3>Dose by piping</h3>
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
        <PlanField at="filling.tipMm" />
        <QuantityField
          label="Piped length"
          kind="length"
          range={{ min: 1, max: 500, unit: 'mm' }}
          value={lengthMm}
          step={1}
          onChange={setTyped}
        />
        <button type="button" className="btn" onClick={() => edit((p) => dosed(p, g))}>
          Dose {text(rounded(g), 'g')}
        </button>
      </div>
      {kitchen.tips.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {kitchen.tips.map(({ name, mm }) => (
            <button
              key={name}
              type="button"
              className="btn"
              aria-pressed={plan.filling.tipMm === mm}
              onClick={() => edit((p) => writeAt(p, 'filling.tipMm', mm))}
            >
              {name}
            </button>
          ))}
        </div>
      )}
      <p>
        The dose of {text(result.shape.doseG, 'g')} is{' '}
        <b>
          <Figure working={w.pipedLength}>{text(f.pipedMm, 'mm')}</Figure>
        </b>{' '}
        of this tip.{' '}
        {f.piping !== 'pipes' &&
          {
            'lumps block it': `Lumps of ${text(f.lumpMm, 'mm')} block it: chop finer, or a tip of ${text(3 * f.lumpMm, 'mm')}.`,
            'runs from it': 'It is so loose that it runs by itself.',
            'too stiff for it': 'It is too stiff to squeeze: spoon it, or loosen it.',
          }[f.piping]}
      </p>
    </section>
  );
}
