'use client';

import { startingRules } from '@/core/basis/rules';
import { COOLED_ON, COOLING_LIMITS } from '@/core/filling/cooling';
import { COOLED_ON_NAMES, coolingAdvice } from '@/core/filling/coolingText';
import { containsText } from '@/core/plan/contentsText';
import { EGG_GOES_IN_C } from '@/core/filling/eggBinder';
import { Figure } from '@/ui/figure/Figure';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useResult, useShown } from '../../editor/EditorContext';
import { CheckField } from '@/ui/fields/CheckField';
import { writeAt } from '@/core/plan/document/patch';
import { DIET_NAMES } from '../../contentsWords';
import { capital } from '../../words';
import { PlanChoice, PlanField } from '../PlanField';
import { plural } from '../sheetWords';
import { DataTable } from '@/ui/lists/DataTable';

/** Core temperature, cooling, egg, allergens and diet. */
export default function FillingSafety() {
  const filling = useResult((result) => result.filling);
  return (
    <div className="grid gap-6">
      <Core />
      {filling.cooling.hot && <Cooling />}
      <Egg />
      <ContentsTable />
      <p className="text-small text-ink-dim">
        Chilled, 5 °C (41 °F) or below; no more than 2 hours in all at room temperature; frozen at
        −18 °C (0 °F). Times and temperatures are guidance: local food codes and licensed practice
        come first.
      </p>
    </div>
  );
}

function Core() {
  const { result } = useShown();
  const { text } = useUnits();
  const { safeCore } = result;
  return (
    <section aria-label="Safe core" className="grid gap-2">
      <h3>In the middle, when it is cooked</h3>
      <p>
        {safeCore.tempC === null ? (
          'Nothing in it asks for a safe core; hot through is enough.'
        ) : (
          <>
            <b>{text(safeCore.tempC, 'C')}</b>
            {safeCore.because.length > 0 &&
              `, because of ${safeCore.because.join(', ').toLowerCase()}`}
            {safeCore.setByCook && '; set by you'}. Use a probe.
          </>
        )}
      </p>
      <div className="w-44">
        <PlanField at="boil.safeCoreC" optional placeholder="as it needs" />
      </div>
    </section>
  );
}

function Cooling() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { cooling } = result.filling;
  const [first, then] = COOLING_LIMITS;
  return (
    <section aria-label="Cooling" className="grid gap-2">
      <h3>Cool it before egg goes in, and before it meets dough</h3>
      <div className="grid max-w-[22rem] grid-cols-2 gap-3">
        <PlanField at="filling.cooling.fromC" />
        <PlanField at="filling.cooling.depthMm" />
      </div>
      <div className="grid max-w-[26rem] gap-2">
        <PlanChoice
          at="filling.cooling.on"
          label="Cools on"
          columns={3}
          options={COOLED_ON.map((value) => ({
            value,
            label: capital(COOLED_ON_NAMES[value].replace(/^an? /, '')),
          }))}
        />
        <CheckField
          label="Covered while it cools"
          checked={plan.filling.cooling.covered}
          onChange={(covered) => edit((p) => writeAt(p, 'filling.cooling.covered', covered))}
        />
      </div>
      <p role="status">
        <StateMark state={cooling.late ? 'fails' : 'holds'} /> Down to {text(first.toC, 'C')} in
        about{' '}
        <b>
          <Figure working={result.working.cooling}>{text(cooling.firstMin, 'min')}</Figure>
        </b>
        , to {text(then.toC, 'C')} {text(cooling.thenMin, 'min')} later.{' '}
        {cooling.late
          ? coolingAdvice(cooling, text)
          : `${text(plan.filling.cooling.depthMm, 'mm')} deep it fills ${plural(cooling.trays, 'tray')}.`}
      </p>
    </section>
  );
}

function Egg() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { filling: f, working: w } = result;
  const least = text(startingRules['filling.egg.least'].value * f.totalG, 'g');
  const most = text(startingRules['filling.egg.most'].value * f.totalG, 'g');
  // Egg is offered to nobody who may not have it.
  const noEgg = plan.guests.diet === 'plant' || plan.guests.without.includes('egg');
  const says = {
    none: noEgg
      ? 'None in it, as these guests need. Crumbs, potato or starch bind it instead.'
      : `None in it. To bind it, ${least} to ${most} would do in this batch.`,
    little: noEgg
      ? 'These guests may not have it. Crumbs, potato or starch bind it instead.'
      : `It binds little: ${least} to ${most} would do in this batch.`,
    binds: 'Enough to bind it.',
    much: `More than it needs: over ${most} it loosens the filling and tastes of egg.`,
  }[f.eggBinding];
  return (
    <section aria-label="Egg">
      <h3>Egg to bind</h3>
      <p>
        <Figure working={w.fillingEgg}>{text(f.eggShare, 'share')}</Figure> of the filling. {says}{' '}
        {f.eggBinding !== 'none' &&
          `Taste and season first; egg goes in below ${text(EGG_GOES_IN_C, 'C')}, and is not tasted raw.`}
      </p>
    </section>
  );
}

function ContentsTable() {
  const contents = useResult((result) => result.contents);
  const { dough, filling, touching, piece } = contents;
  return (
    <section aria-label="Allergens and diet">
      <h3>Allergens and diet</h3>
      <DataTable
        headUnseen
        rows={[
          { name: 'Dough', of: dough },
          { name: 'Filling', of: filling },
          { name: 'Dusting, tray, seal, pan', of: touching },
          { name: 'Whole piece', of: piece },
        ]}
        keyOf={({ name }) => name}
        rowClassName={({ of }) => (of === piece ? 'font-semibold' : '')}
        columns={[
          {
            id: 'part',
            head: 'Part',
            names: true,
            className: 'py-1.5 pr-3',
            cell: ({ name, of }) => (of === piece ? <b>{name}</b> : name),
          },
          {
            id: 'allergens',
            head: 'Allergens',
            className: 'pr-3',
            cell: ({ of }) => (of.allergens.length ? of.allergens.join(', ') : 'none listed'),
          },
          { id: 'diet', head: 'Diet', right: true, cell: ({ of }) => DIET_NAMES[of.diet] },
        ]}
      />
      <p className="text-small text-ink-dim">{containsText(contents)} Read off the pantry.</p>
    </section>
  );
}
