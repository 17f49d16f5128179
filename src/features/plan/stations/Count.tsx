'use client';

import type { Plan } from '@/core/plan/schema';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';
import { SERVING_NAMES } from '../words';
import { LedgerBar } from './LedgerBar';
import { PlanField } from './PlanField';

const batch = (plan: Plan, change: Partial<Plan['batch']>): Plan => ({
  ...plan,
  batch: { ...plan.batch, ...change },
});

export function CountControls() {
  const { plan, result, edit } = useEditor();
  const { batch: b } = plan;
  return (
    <>
      <Choice
        label="Start from"
        columns={2}
        value={b.wayIn}
        options={[
          { value: 'portions', label: 'Portions' },
          { value: 'dough', label: 'Dough I have' },
          { value: 'filling', label: 'Filling I have' },
          { value: 'both', label: 'Use both up' },
        ]}
        onChange={(wayIn) =>
          edit((before) =>
            // What would be made now is the first guess at what is in hand.
            batch(before, {
              wayIn,
              doughInHandG: inHand(
                before.batch.wayIn === 'portions',
                result.dough.totalG,
                b.doughInHandG,
              ),
              fillingInHandG: inHand(
                before.batch.wayIn === 'portions',
                result.filling.totalG,
                b.fillingInHandG,
              ),
            }),
          )
        }
      />
      <div className="grid grid-cols-2 gap-3">
        {b.wayIn === 'portions' && (
          <PlanField
            field="portions"
            kind="count"
            value={b.portions}
            step={1}
            set={(p, portions) => batch(p, { portions })}
          />
        )}
        {(b.wayIn === 'dough' || b.wayIn === 'both') && (
          <PlanField
            field="doughInHandG"
            kind="mass"
            value={b.doughInHandG}
            step={10}
            set={(p, doughInHandG) => batch(p, { doughInHandG })}
          />
        )}
        {(b.wayIn === 'filling' || b.wayIn === 'both') && (
          <PlanField
            field="fillingInHandG"
            kind="mass"
            value={b.fillingInHandG}
            step={10}
            set={(p, fillingInHandG) => batch(p, { fillingInHandG })}
          />
        )}
        <PlanField
          field="piecesPerPortion"
          kind="count"
          value={b.piecesPerPortion}
          step={1}
          set={(p, piecesPerPortion) => batch(p, { piecesPerPortion })}
        />
      </div>
      {b.wayIn === 'both' && <DeadHeatControls />}
      <Choice
        label="Served as"
        value={plan.serving}
        options={(['firstCourse', 'main', 'broth'] as const).map((value) => ({
          value,
          label: SERVING_NAMES[value],
        }))}
        onChange={(serving) => edit((before) => ({ ...before, serving }))}
      />
      <details open>
        <summary className="min-h-[44px] py-2 font-semibold">Losses and spares</summary>
        <div className="grid grid-cols-2 gap-3">
          <PlanField
            field="tasted"
            kind="count"
            value={b.tasted}
            step={1}
            set={(p, tasted) => batch(p, { tasted })}
          />
          <PlanField
            field="breakageShare"
            kind="share"
            value={b.breakageShare}
            step={0.01}
            set={(p, breakageShare) => batch(p, { breakageShare })}
          />
          {b.fillingLoss.kind === 'bowl' ? (
            <PlanField
              field="bowlShare"
              label="Left in the bowl"
              kind="share"
              value={b.fillingLoss.share}
              step={0.01}
              set={(p, share) => batch(p, { fillingLoss: { kind: 'bowl', share } })}
            />
          ) : (
            <PlanField
              field="bagG"
              kind="mass"
              value={b.fillingLoss.g}
              step={1}
              set={(p, g) => batch(p, { fillingLoss: { kind: 'bag', g } })}
            />
          )}
          <Choice
            label="Filling from"
            value={b.fillingLoss.kind}
            options={[
              { value: 'bowl', label: 'Bowl' },
              { value: 'bag', label: 'Bag' },
            ]}
            onChange={(kind) =>
              edit((p) =>
                batch(p, {
                  fillingLoss: kind === 'bowl' ? { kind, share: 0.03 } : { kind, g: 15 },
                }),
              )
            }
          />
          <PlanField
            field="stuckShare"
            label="Dough left sticking"
            kind="share"
            value={b.stuckShare}
            step={0.01}
            set={(p, stuckShare) => batch(p, { stuckShare })}
          />
          <PlanField
            field="endTrimG"
            kind="mass"
            value={b.endTrimG}
            step={5}
            set={(p, endTrimG) => batch(p, { endTrimG })}
          />
        </div>
      </details>
    </>
  );
}

const inHand = (fromPortions: boolean, made: number, typed: number): number =>
  fromPortions ? Math.min(100_000, Math.max(10, Math.round(made))) : typed;

/** What using both up may turn, and what it came to. */
function DeadHeatControls() {
  const { plan, result, edit } = useEditor();
  const { text } = useUnits();
  const heat = result.deadHeat;
  const may = plan.batch.mayChange;
  const names = { dose: 'Dose', thickness: 'Thickness', size: 'Blank' } as const;
  return (
    <fieldset>
      <legend className="mb-1 text-small text-ink-dim">May change, in this order</legend>
      <div className="flex flex-wrap justify-between rounded-md border-[1.5px] border-board-rule bg-board-raised">
        {(['dose', 'thickness', 'size'] as const).map((key) => (
          <label key={key} className="flex min-h-[44px] items-center gap-2 px-2 hover:bg-band">
            <input
              type="checkbox"
              className="h-5 w-5 shrink-0 accent-[var(--ink)]"
              checked={may[key]}
              onChange={(event) =>
                edit((p) =>
                  batch(p, { mayChange: { ...p.batch.mayChange, [key]: event.target.checked } }),
                )
              }
            />
            {names[key]}
          </label>
        ))}
      </div>
      {heat && (
        <p className="mt-2" role="status">
          {heat.usedUp ? 'Both used up: ' : 'As near as it comes: '}
          <b>
            {result.pieces} pieces of {text(heat.doseG, 'g')}
          </b>
          , {text(heat.sizeMm, 'mm')}{' '}
          {result.shape.family === 'agnolottiPinched' ? 'strip' : 'blank'}, sheet{' '}
          {text(heat.thicknessMm, 'mm')}.
        </p>
      )}
    </fieldset>
  );
}

export function CountPanel() {
  const { result, plan } = useEditor();
  const { dough, filling } = result.ledger;
  return (
    <div className="grid gap-6">
      <LedgerBar
        title="Where the dough goes"
        totalG={dough.inG}
        parts={[
          { name: 'plated', g: dough.platedG, fill: 'var(--dough)' },
          { name: 'spare', g: dough.spareG, fill: 'var(--dough-edge)' },
          { name: 'tasted', g: dough.tastedG, fill: 'var(--board-rule)' },
          { name: 'trim', g: dough.trimG + dough.endTrimG, fill: 'var(--dim-line)' },
          { name: 'stuck', g: dough.stuckG, fill: 'var(--ink-dim)' },
          { name: 'left over', g: dough.leftoverG, fill: 'var(--ochre)' },
        ]}
      />
      <LedgerBar
        title="Where the filling goes"
        totalG={filling.inG}
        parts={[
          { name: 'plated', g: filling.platedG, fill: plan.colour },
          {
            name: 'spare',
            g: filling.spareG,
            fill: `color-mix(in srgb, ${plan.colour} 65%, var(--ink))`,
          },
          { name: 'tasted', g: filling.tastedG, fill: 'var(--board-rule)' },
          {
            name: `in the ${plan.batch.fillingLoss.kind}`,
            g: filling.inBowlG,
            fill: 'var(--ink-dim)',
          },
          { name: 'left over', g: filling.leftoverG, fill: 'var(--ochre)' },
        ]}
      />
    </div>
  );
}
