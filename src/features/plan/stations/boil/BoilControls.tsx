'use client';

import { waterIn } from '@/core/boil/rounds';
import { writeAt } from '@/core/plan/document/patch';
import { SAFE_CORE_C } from '@/core/plan/model/safeCore';
import { SelectField } from '@/ui/fields/SelectField';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { Folded } from '../Folded';
import { PlanChoice, PlanField } from '../PlanField';

export function BoilControls() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen, basis } = useWorld();
  const water = (litres: number) => waterIn(litres, basis.rules);
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
          value={
            kitchen.pots.find(({ litres }) => Math.abs(water(litres) - b.waterL) < 0.01)?.name ?? ''
          }
          options={[
            { value: '', label: 'As typed below' },
            ...kitchen.pots.map(({ name }) => ({
              value: name,
              label: `${name}, four fifths full`,
            })),
          ]}
          onChange={(name) => {
            const pot = kitchen.pots.find((each) => each.name === name);
            if (pot) edit((before) => writeAt(before, 'boil.waterL', water(pot.litres)));
          }}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        <PlanField at="boil.waterL" />
        <PlanField
          at="boil.atOnce"
          optional
          placeholder={`${result.boil.rounds.pieces}, by the pot`}
        />
        <PlanField at="boil.saltGPerL" />
        <PlanField at="boil.sauceMin" />
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
      <Folded title="Burner and altitude" paths={['boil.powerW', 'boil.altitudeM']}>
        <PlanField at="boil.powerW" hint="A strong home ring gives about 2500" />
        <PlanField at="boil.altitudeM" hint="Metres; water boils cooler higher up" />
      </Folded>
    </>
  );
}
