'use client';

import { startingRules } from '@/core/basis/rules';
import { writeAt } from '@/core/plan/document/patch';
import { onRoller } from '@/core/plan/questions/inKitchen';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import type { Plan } from '@/core/plan/document/schema';
import { DUST_KINDS, DUSTS } from '@/core/sheet/dust';
import { PASS_STYLE_NAMES, PASS_STYLES } from '@/core/sheet/passes';
import { onDial, sheetsOf } from '@/core/sheet/setting';
import { familyOf } from '@/core/shapes/families';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { Folded } from '../Folded';
import { IngredientSelect } from '../IngredientSelect';
import { PlanChoice, PlanField } from '../PlanField';
import { PlanRuler } from '../PlanRuler';
import { SelectField } from '@/ui/fields/SelectField';

export function SheetControls() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen, basis } = useWorld();
  const { text, split } = useUnits();
  const { roller } = plan.sheet;
  const family = familyOf(plan.shape.family);
  const rollers = kitchen.rollers.some(({ id }) => id === roller.id)
    ? kitchen.rollers
    : [roller, ...kitchen.rollers];
  const measured = kitchen.rollers.find(({ id }) => id === roller.id);
  const remeasured =
    measured && JSON.stringify(measured.steps) !== JSON.stringify(roller.steps) ? measured : null;
  const { bandMm, setting, between, nearestMm, seen, thicknessMm } = result.sheet;
  // A mark stands where the sheet comes out, spring-back counted.
  const { springBack } = result.dough;
  const shown = sheetsOf(roller, springBack).filter(({ mm }) => mm <= 2.1);
  const solved = result.deadHeat !== null && plan.batch.mayChange.thickness;
  /** Set by hand, a thickness is held in a dead heat. */
  const atThickness = (p: Plan, mm: number): Plan => {
    const next = writeAt(p, 'sheet.thicknessMm', mm);
    return solved ? writeAt(next, 'batch.mayChange.thickness', false) : next;
  };
  return (
    <>
      <SelectField
        label="Rolled on"
        value={roller.id}
        options={rollers.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id) => {
          const next = rollers.find((each) => each.id === id);
          if (next) edit((p) => onRoller(p, next, springBack, basis.rules));
        }}
      />
      {remeasured && (
        <p className="flex flex-wrap items-center gap-2">
          <span>Your kitchen has newer figures for this roller.</span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => onRoller(p, remeasured, springBack, basis.rules))}
          >
            Use them
          </button>
        </p>
      )}
      <PlanRuler
        label="Thickness"
        kind="length"
        range={PLAN_FIELDS['sheet.thicknessMm']}
        view={[0.4, Math.min(2, roller.steps[0]?.mm ?? 2)]}
        value={thicknessMm}
        step={0.1}
        band={bandMm}
        bandName={`${text(bandMm[0], 'mm')} to ${text(bandMm[1], 'mm')} for ${result.shape.name.toLowerCase()}`}
        marks={shown.map(({ label, mm }) => ({ at: mm, label }))}
        snaps={shown.map(({ mm }) => mm)}
        valueText={`${text(thicknessMm, 'mm')}, ${onDial(roller, setting)}`}
        aside={`${between ? 'near ' : ''}${onDial(roller, setting)}`}
        set={atThickness}
        about="thickness"
      />
      <p>
        {seen[0]?.toUpperCase()}
        {seen.slice(1)}. Marks are what the steps of this dial leave.
      </p>
      {Math.abs(nearestMm - thicknessMm) > 0.011 && (
        <p className="flex flex-wrap items-center justify-between gap-2">
          <span>
            Dial {setting} leaves {text(nearestMm, 'mm')}
            {between ? ', and no step comes nearer.' : '.'}
          </span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => atThickness(p, nearestMm))}
          >
            Plan with {text(nearestMm, 'mm')}
          </button>
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-3">
        <PlanField at="sheet.widthMm" />
        <PlanField at="sheet.benchMm" />
      </div>
      <Folded
        title="How it is rolled"
        paths={['sheet.passes', 'sheet.speed', 'sheet.long', 'sheet.endMm']}
      >
        <PlanChoice
          at="sheet.passes"
          label="Passes"
          columns={2}
          options={PASS_STYLES.map((value) => ({ value, label: PASS_STYLE_NAMES[value].name }))}
        />
        <PlanChoice
          at="sheet.speed"
          label="Turned"
          options={[
            { value: 'slow', label: 'Slowly' },
            { value: 'even', label: 'Evenly' },
            { value: 'fast', label: 'Fast' },
          ]}
        />
        <PlanChoice
          at="sheet.long"
          label="A sheet longer than the bench"
          columns={2}
          options={[
            { value: 'bench', label: 'Cut to the bench' },
            { value: 'folds', label: 'In loose floured folds' },
          ]}
        />
        <div className="grid grid-cols-2 items-end gap-3">
          <PlanField at="sheet.endMm" />
          <PlanField at="dough.work.folds" />
        </div>
      </Folded>
      <Folded title="Hands and air" paths={['sheet.people', 'sheet.air']}>
        <div className="grid grid-cols-2 items-end gap-3">
          <PlanField at="sheet.people" />
          <PlanField
            at="sheet.secondsPerPiece"
            optional
            placeholder={`${startingRules[`shape.seconds.${family.id}`].value}, usual`}
          />
          <PlanField at="sheet.rh" />
          <PlanChoice
            at="sheet.air"
            label="Air"
            options={[
              { value: 'still', label: 'Still' },
              { value: 'fan', label: 'A fan' },
            ]}
          />
        </div>
      </Folded>
      <Folded
        title="Dust and trim"
        paths={['sheet.dust.kind', 'batch.rerolls', 'batch.trimTo', 'batch.trimUsable']}
      >
        <div className="grid gap-3">
          <PlanChoice
            at="sheet.dust.kind"
            label="Bench dust"
            columns={2}
            options={DUST_KINDS.map((value) => ({ value, label: DUSTS[value].name }))}
          />
          {plan.sheet.dust.kind !== 'none' && (
            <IngredientSelect
              at="sheet.dust.id"
              label="Which flour it is"
              group="flour"
              usualId={DUSTS[plan.sheet.dust.kind].usualId ?? ''}
              hint="It counts among the allergens."
            />
          )}
          <Choice
            label="Trim rolled again"
            value={String(plan.batch.rerolls)}
            options={[
              { value: '0', label: 'Never' },
              { value: '1', label: 'Once' },
              { value: '2', label: 'Twice' },
            ]}
            onChange={(rerolls) => edit((p) => writeAt(p, 'batch.rerolls', Number(rerolls)))}
          />
          <PlanChoice
            at="batch.trimTo"
            label="Last trim"
            options={[
              { value: 'ribbons', label: 'Ribbons' },
              { value: 'soup', label: 'Soup squares' },
              { value: 'waste', label: 'Thrown out' },
            ]}
          />
          <div className="grid grid-cols-2 items-end gap-3">
            {plan.sheet.dust.kind !== 'none' && <PlanField at="sheet.dust.gPerKg" />}
            <PlanField at="batch.trimUsable" />
            <PlanField
              at="batch.usedShare"
              optional
              placeholder={split(result.layout.share, 'share').text}
            />
          </div>
        </div>
      </Folded>
    </>
  );
}
