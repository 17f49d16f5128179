'use client';

import { AIR_WAYS, FACES, MEDIA } from '@/core/hold/seal';
import { PHASE_PLACES, type Phase, type PhasePlace } from '@/core/hold/phases';
import { SURFACE_NAMES, SURFACES } from '@/core/hold/surfaces';
import { strewnId } from '@/core/plan/document/onPiece';
import { writeAt } from '@/core/plan/document/patch';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { Button } from '@/ui/buttons/Button';
import { QuantityField } from '@/ui/fields/QuantityField';
import { SelectField } from '@/ui/fields/SelectField';
import { EditableList } from '@/ui/lists/EditableList';
import { useEdit, usePlan } from '../../editor/EditorContext';
import { AIR_NAMES, capital, FACE_NAMES, MEDIUM_NAMES, PLACE_NAMES } from '../../words';
import { Folded } from '../Folded';
import { IngredientSelect } from '../IngredientSelect';
import { PlanChoice, PlanField } from '../PlanField';

export function SealControls() {
  return (
    <>
      <PlanChoice
        at="hold.medium"
        label="Seal with"
        columns={3}
        options={MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }))}
      />
      <PlanChoice
        at="hold.air"
        label="Air pressed out"
        columns={2}
        options={AIR_WAYS.map((value) => ({ value, label: capital(AIR_NAMES[value]) }))}
      />
      <Phases />
      <PlanChoice
        at="hold.surface"
        label="Kept on"
        columns={3}
        options={SURFACES.map((value) => ({
          value,
          label: capital(SURFACE_NAMES[value].replace(/^a /, '')),
        }))}
      />
      <Strewn />
      <Folded title="Warm or busy kitchen" paths={['hold.faces', 'filling.meetsC']}>
        <PlanField at="filling.meetsC" hint="Warm filling steams and softens the sheet" />
        <PlanChoice
          at="hold.faces"
          label="Faces"
          options={FACES.map((value) => ({ value, label: capital(FACE_NAMES[value]) }))}
        />
      </Folded>
    </>
  );
}

/** What the tray is strewn with, where it is. */
function Strewn() {
  const usualId = usePlan((plan) =>
    strewnId({ ...plan, hold: { ...plan.hold, strewn: undefined } }),
  );
  return usualId === null ? null : (
    <IngredientSelect
      at="hold.strewn"
      label="On the tray"
      group="flour"
      usualId={usualId}
      hint="It counts among the allergens."
    />
  );
}

/** Where they wait, one place after the other. */
function Phases() {
  const phases = usePlan((plan) => plan.hold.phases);
  const { edit } = useEdit();
  const set = (rows: Phase[]) => edit((plan) => writeAt(plan, 'hold.phases', rows), 'hold.phases');
  const { kind, step, label: _label, ...range } = PLAN_FIELDS['hold.phases.minutes'];
  return (
    <div role="group" aria-label="Until the pot">
      <p className="mb-1 text-small text-ink-dim">Until the pot</p>
      <EditableList<Phase>
        rows={phases}
        nameOf={({ place }) => `the time in the ${PLACE_NAMES[place]}`}
        onChange={set}
        empty={<p className="text-small">Straight into the pot.</p>}
        rowClassName="flex items-center gap-1.5 py-0.5"
        add={(insert) =>
          phases.length < 8 && (
            <Button onClick={() => insert({ place: nextPlace(phases), minutes: 60 })}>
              Add a stage
            </Button>
          )
        }
      >
        {({ place, minutes }, { index, replace, remove }) => (
          <>
            <SelectField
              label={`Stretch ${index + 1}, where`}
              hideLabel
              className="grow"
              value={place}
              options={PHASE_PLACES.map((value) => ({ value, label: capital(PLACE_NAMES[value]) }))}
              onChange={(value: PhasePlace) => replace({ place: value })}
            />
            <span className="w-[7.5rem] shrink-0">
              <QuantityField
                label={`Stretch ${index + 1}, ${PLACE_NAMES[place]}, for how long`}
                hideLabel
                kind={kind}
                range={range}
                value={minutes}
                step={step}
                onChange={(value) => replace({ minutes: value })}
              />
            </span>
            {remove}
          </>
        )}
      </EditableList>
    </div>
  );
}

const nextPlace = (phases: readonly Phase[]): PhasePlace =>
  phases.at(-1)?.place === 'fridge' ? 'freezer' : 'fridge';
