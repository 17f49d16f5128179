'use client';

import { Plus } from 'lucide-react';
import { writeAt } from '@/core/plan/at';
import type { Plan } from '@/core/plan/schema';
import { Choice } from '@/ui/fields/Choice';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';
import { BandScale } from './BandScale';
import { BatchTable } from './BatchTable';
import { IngredientPicker } from './IngredientPicker';
import { PartRow } from './PartRow';
import { PlanChoice, PlanField, withoutPath } from './PlanField';

type Parts = Plan['dough']['parts'];

const withParts = (plan: Plan, parts: Parts): Plan => ({
  ...plan,
  dough: { ...plan.dough, parts },
});

const withPart = (parts: Parts, index: number, change: Partial<Parts[number]>): Parts =>
  parts.map((part, i) => (i === index ? { ...part, ...change } : part));

export function DoughControls() {
  const { plan, edit, tryEdit } = useEditor();
  const { parts, rh } = plan.dough;
  return (
    <>
      <section aria-label="Your dough recipe">
        <h3>Your recipe</h3>
        <p className="text-small text-ink-dim">As you know it; the batch is scaled from it.</p>
        <ul className="mt-2">
          {parts.map((part, index) => (
            <PartRow
              key={`${part.id}${index}`}
              use="dough"
              id={part.id}
              g={part.g}
              removable={parts.length > 1}
              onPick={({ id }) => edit((p) => withParts(p, withPart(p.dough.parts, index, { id })))}
              onAmount={(g) =>
                withoutPath(
                  tryEdit(
                    (p) => withParts(p, withPart(p.dough.parts, index, { g })),
                    `dough ${index}`,
                  ),
                )
              }
              onRemove={() =>
                edit((p) =>
                  withParts(
                    p,
                    p.dough.parts.filter((_, i) => i !== index),
                  ),
                )
              }
            />
          ))}
        </ul>
        <IngredientPicker
          use="dough"
          className="btn mt-2 w-full"
          onPick={({ id }) => edit((p) => withParts(p, [...p.dough.parts, { id, g: 10 }]))}
        >
          <Plus size={18} aria-hidden /> Add to the dough
        </IngredientPicker>
      </section>
      <PlanChoice
        at="dough.style"
        label="How it is worked"
        options={[
          { value: 'plain', label: 'As usual' },
          { value: 'benchFlourFree', label: 'No bench flour' },
          { value: 'rolledByPin', label: 'By pin' },
        ]}
      />
      <Choice
        label="Flour kept"
        value={rh === undefined ? 'sealed' : 'open'}
        options={[
          { value: 'sealed', label: 'Sealed' },
          { value: 'open', label: 'Open to the air' },
        ]}
        onChange={(kept) => edit((p) => writeAt(p, 'dough.rh', kept === 'open' ? 0.6 : undefined))}
      />
      {rh !== undefined && <PlanField at="dough.rh" />}
    </>
  );
}

export function DoughPanel() {
  const { result } = useEditor();
  const { text } = useUnits();
  const { dough: d, stations, working } = result;
  const off = d.hydration - d.target;
  const verdict =
    stations.dough.state === 'holds'
      ? 'in its band'
      : off < 0
        ? `dry: add ${text(d.addWaterG, 'g')} water`
        : `wet: add ${text(d.addFlourG, 'g')} flour`;
  return (
    <div className="grid gap-6">
      <BandScale
        working={working.hydration}
        says={verdict}
        unit="share"
        zones={[
          { from: d.target - 0.1, to: d.low, name: 'dry', fill: 'transparent' },
          {
            from: d.low,
            to: d.high,
            name: `${text(d.low, 'share')} to ${text(d.high, 'share')}`,
            fill: 'var(--band)',
          },
          { from: d.high, to: d.target + 0.1, name: 'wet', fill: 'transparent' },
        ]}
      />
      <p>
        Target{' '}
        <b>
          <Figure working={working.hydrationTarget}>{text(d.target, 'share')}</Figure>
        </b>
        , an estimate. Exactly on it:{' '}
        <Figure working={working.addWater}>{correction(d.addWaterG, 'water', text)}</Figure>, or{' '}
        <Figure working={working.addFlour}>{correction(d.addFlourG, 'flour', text)}</Figure>. Go in
        small steps: a correction only goes one way.
      </p>
      <BatchTable
        title="Weigh for this batch"
        scale={working.doughScale}
        rows={d.parts}
        total={working.doughTotal}
      />
    </div>
  );
}

const correction = (g: number, what: string, text: (v: number, u: 'g') => string): string =>
  Math.abs(g) < 0.5
    ? `no more ${what}`
    : g > 0
      ? `${text(g, 'g')} more ${what}`
      : `${text(-g, 'g')} less ${what}`;
