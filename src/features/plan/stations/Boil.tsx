'use client';

import { writeAt } from '@/core/plan/document/patch';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { SAFE_CORE_C } from '@/core/plan/model/safeCore';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { Says } from './Seal';
import { PlanChoice, PlanField } from './PlanField';
import { SelectField } from '@/ui/fields/SelectField';

export function BoilControls() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { text } = useUnits();
  const { boil: b } = plan;
  return (
    <>
      <PlanChoice
        at="boil.style"
        label="Water at"
        options={[
          { value: 'simmer', label: 'Gentle simmer' },
          { value: 'rolling', label: 'Rolling boil' },
        ]}
      />
      {kitchen.pots.length > 0 && (
        <SelectField
          label="Pot"
          value={kitchen.pots.find(({ litres }) => litres * 0.75 === b.waterL)?.name ?? ''}
          options={[
            { value: '', label: 'As typed below' },
            ...kitchen.pots.map(({ name }) => ({
              value: name,
              label: `${name}, three quarters full`,
            })),
          ]}
          onChange={(name) => {
            const pot = kitchen.pots.find((each) => each.name === name);
            // Three quarters full leaves room to boil up.
            if (pot) edit((before) => writeAt(before, 'boil.waterL', pot.litres * 0.75));
          }}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="boil.waterL" />
        <PlanField at="boil.saltGPerL" />
        <PlanField
          at="boil.safeCoreC"
          optional
          placeholder={
            result.safeCore.tempC === null
              ? 'none'
              : text(result.safeCore.tempC, 'C').replace(/ .*/, '')
          }
          hint={
            result.safeCore.because.length
              ? `${text(SAFE_CORE_C, 'C')} unless set, for ${result.safeCore.because.join(', ').toLowerCase()}`
              : 'Nothing in this filling asks for one'
          }
        />
      </div>
    </>
  );
}

export function BoilPanel() {
  const { plan, result } = useShown();
  const { pantry } = useWorld();
  const { text } = useUnits();
  const { working, safeCore, allergens } = result;
  return (
    <div className="grid gap-5">
      <section className="grid gap-x-8 gap-y-3 sm:grid-cols-3">
        <Big label="Edge soft, about">
          <Figure working={working.edgeSoft} />
        </Big>
        <Big label="Face soft, about">
          <Figure working={working.faceSoft} />
        </Big>
        <Big label={`Salt for ${text(plan.boil.waterL, 'litre')}`}>
          <Figure working={working.salt} />
        </Big>
      </section>
      <dl className="grid gap-3">
        <Says term="Floating is not done">
          A piece floats before its middle is hot. Give it another minute or two, then bite the
          thick edge.
        </Says>
        {safeCore.tempC !== null && (
          <Says term={`Middle at ${text(safeCore.tempC, 'C')}`}>
            Check one with a probe before serving
            {safeCore.because.length > 0 && `: ${safeCore.because.join(', ').toLowerCase()}`}. The
            time to get there is not worked out here; from frozen it is longer.
          </Says>
        )}
        <Says term={plan.boil.style === 'simmer' ? 'Gentle simmer' : 'Rolling boil'}>
          Small batches with room to move, stirred once. Lift out with a skimmer, do not pour.
          {plan.boil.style === 'rolling' && ' Hard boiling splits thin or large pieces.'}
        </Says>
      </dl>
      <section>
        <h3>Allergens in the whole piece</h3>
        <p>{allergens.length ? allergens.join(', ') : 'none of the listed ones'}</p>
        <h3 className="mt-3">Cautions</h3>
        <ul className="list-disc pl-5 text-small">
          {cautionsFor(plan, pantry).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Big({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div>
      <p className="text-small text-ink-dim">{label}</p>
      <p className="numeral text-figure">{children}</p>
    </div>
  );
}
