'use client';

import { GUEST_DIETS, type GuestDiet } from '@/core/composition/diet';
import { writeAt } from '@/core/plan/document/patch';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { shareOut } from '@/core/plan/questions/shareOut';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import type { FieldRange } from '@/core/range';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, usePlan, useShown } from '../../editor/EditorContext';
import { SERVING_NAMES } from '../../words';
import { AllergenChecks } from '@/features/pantry/AllergenChecks';
import { Folded } from '../Folded';
import { PlanChoice, PlanField } from '../PlanField';
import { CheckField } from '@/ui/fields/CheckField';

export function CountControls() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text, split } = useUnits();
  const { batch: b } = plan;
  const { breakageShare, breakageReckoned } = result;
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
        onChange={(wayIn) => edit((before) => startFrom(before, wayIn, result))}
      />
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="batch.portions" />
        {(b.wayIn === 'dough' || b.wayIn === 'both') && <PlanField at="batch.doughInHandG" />}
        {(b.wayIn === 'filling' || b.wayIn === 'both') && <PlanField at="batch.fillingInHandG" />}
        {b.wayIn === 'portions' && <PlanField at="batch.piecesPerPortion" />}
      </div>
      {b.wayIn !== 'portions' && <ShareOut />}
      {b.wayIn === 'both' && <DeadHeatControls />}
      <PlanChoice
        at="serving"
        label="Served as"
        options={(['firstCourse', 'main', 'broth'] as const).map((value) => ({
          value,
          label: SERVING_NAMES[value],
        }))}
      />
      <Guests />
      <Note />
      <Folded
        title="Losses and spares"
        says={`allows for ${text(breakageShare, 'share')} losses${breakageReckoned ? '' : ', as you set it'}`}
        paths={[
          'batch.tasted',
          'batch.fillingLoss.kind',
          'batch.fillingLoss.share',
          'batch.stuckShare',
          'batch.endTrimG',
        ]}
      >
        <div className="grid grid-cols-2 gap-3">
          <PlanField at="batch.tasted" />
          <PlanField
            at="batch.breakageShare"
            optional
            {...(breakageReckoned && { placeholder: split(breakageShare, 'share').text })}
          />
          {b.fillingLoss.kind === 'bowl' ? (
            <PlanField at="batch.fillingLoss.share" />
          ) : (
            <PlanField at="batch.fillingLoss.g" />
          )}
          <Choice
            label="Filling from"
            value={b.fillingLoss.kind}
            options={[
              { value: 'bowl', label: 'Bowl' },
              { value: 'bag', label: 'Bag' },
            ]}
            onChange={(kind) =>
              edit((before) =>
                writeAt(
                  before,
                  'batch.fillingLoss',
                  kind === 'bowl' ? { kind, share: 0.03 } : { kind, g: 15 },
                ),
              )
            }
          />
          <PlanField at="batch.stuckShare" />
          <PlanField at="batch.endTrimG" />
        </div>
      </Folded>
    </>
  );
}

/** What those who eat may not be given: checked against all that touches a piece, and all that is offered. */
function Guests() {
  const guests = usePlan((plan) => plan.guests);
  const { edit } = useEdit();
  const needs = [
    ...(guests.diet === 'any' ? [] : [GUEST_DIET_NAMES[guests.diet].toLowerCase()]),
    ...guests.without.map((each) => `no ${each}`),
  ];
  return (
    <Folded title="Guests who can’t eat everything" says={needs.join(', ')}>
      <PlanChoice
        at="guests.diet"
        label="Diet"
        columns={3}
        options={GUEST_DIETS.map((value) => ({ value, label: GUEST_DIET_NAMES[value] }))}
      />
      <AllergenChecks
        legend="Nobody may be given"
        chosen={guests.without}
        onChange={(without) => edit((plan) => writeAt(plan, 'guests.without', without))}
      />
    </Folded>
  );
}

const GUEST_DIET_NAMES: Record<GuestDiet, string> = {
  any: 'Anything',
  vegetarian: 'Vegetarian',
  plant: 'Vegan',
};

/** Words on the bench card. They stand outside what is worked out: a letter redraws nothing else. */
function Note() {
  const note = usePlan((plan) => plan.note);
  const { edit } = useEdit();
  return (
    <label className="block">
      <span className="mb-1 block text-small text-ink-dim">Note, printed on the bench card</span>
      <textarea
        rows={2}
        maxLength={4000}
        className="field py-2"
        data-undo="plan"
        value={note}
        onChange={(event) => edit((before) => ({ ...before, note: event.target.value }), 'note')}
      />
    </label>
  );
}

/** Another way in. What portions would need is the first guess at what is in hand. */
function startFrom(
  plan: Plan,
  wayIn: Plan['batch']['wayIn'],
  { dough, filling }: PlanResult,
): Plan {
  const guess =
    plan.batch.wayIn === 'portions'
      ? {
          doughInHandG: clamp(Math.round(dough.totalG), PLAN_FIELDS['batch.doughInHandG']),
          fillingInHandG: clamp(Math.round(filling.totalG), PLAN_FIELDS['batch.fillingInHandG']),
        }
      : {};
  return { ...plan, batch: { ...plan.batch, ...guess, wayIn } };
}

const clamp = (value: number, { min, max }: FieldRange): number =>
  Math.min(max, Math.max(min, value));

/** How what is in hand falls to the people there are. */
function ShareOut() {
  const { plan, result } = useShown();
  const { people, each, over } = shareOut(plan, result);
  return (
    <p>
      <b className="numeral text-lead">{each} each</b> for {people}
      {over > 0 && `, ${over} over`}
      {plan.batch.piecesPerPortion > each && (
        <span className="block font-semibold text-[var(--ochre)]">
          <span aria-hidden>▲</span> Usually {plan.batch.piecesPerPortion}:{' '}
          {people * plan.batch.piecesPerPortion - (people * each + over)} pieces short.
        </span>
      )}
    </p>
  );
}

/** What using both up may turn, and what it came to. */
function DeadHeatControls() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const heat = result.deadHeat;
  const may = plan.batch.mayChange;
  const names = { dose: 'Dose', thickness: 'Thickness', size: 'Blank' } as const;
  return (
    <fieldset>
      <legend className="mb-1 text-small text-ink-dim">May change, in this order</legend>
      <div className="flex flex-wrap justify-between rounded-md border-[1.5px] border-board-rule bg-board-raised">
        {(['dose', 'thickness', 'size'] as const).map((key) => (
          <CheckField
            key={key}
            label={names[key]}
            checked={may[key]}
            onChange={(checked) =>
              edit((before) => writeAt(before, `batch.mayChange.${key}`, checked))
            }
            className="px-2 hover:bg-band"
          />
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
