'use client';

import { changeFamily } from '@/core/plan/questions/changeFamily';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { writeAt } from '@/core/plan/document/patch';
import type { Plan } from '@/core/plan/document/schema';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { SHEET_WAY_NAMES } from '@/core/layout/sheetWay';
import { Choice } from '@/ui/fields/Choice';
import { ShapeLeaves } from './ShapeLeaves';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, usePlan, useShown, useWorld } from '../../editor/EditorContext';
import { cuttersFor } from '@/core/kitchen/cuttersFor';
import { isMould, withMould } from './tools';
import { Folded } from '../Folded';
import { PlanChoice, PlanField } from '../PlanField';
import { PlanRuler } from '../PlanRuler';
import { StripPanel } from '../StripPanel';
import { SelectField } from '@/ui/fields/SelectField';

/** Set by hand, a dose or a size stays as it is in a dead heat. */
const held = (plan: Plan, key: 'dose' | 'size'): Plan =>
  plan.batch.wayIn === 'both' ? writeAt(plan, `batch.mayChange.${key}`, false) : plan;

export function ShapeControls() {
  const { basis } = useWorld();
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const family = familyOf(plan.shape.family);
  return (
    <>
      <Choice
        label="Family"
        columns={4}
        value={plan.shape.family}
        options={FAMILY_IDS.map((id) => ({
          value: id,
          label: (
            <span className="flex flex-col items-center gap-0.5 py-1.5 text-small">
              <FamilyGlyph family={id} colour={plan.colour} className="h-9 w-11" />
              <span className="whitespace-nowrap">{familyOf(id).shortName}</span>
            </span>
          ),
        }))}
        onChange={(id) => edit((p) => changeFamily(p, id, result.dough.springBack, basis.rules))}
      />
      {plan.shape.family === 'mouldedRavioli' && <MouldPicker />}
      <SizeRulers />
      <DoseRuler />
      {family.usesLaid && (
        <PlanChoice
          at="shape.laid"
          label="Filling laid"
          options={[
            { value: 'spooned', label: 'Spooned' },
            { value: 'piped', label: 'Piped' },
            { value: 'ring', label: 'Gathered with a ring' },
            { value: 'ball', label: 'Rolled ball' },
          ]}
        />
      )}
      {family.usesBlank && (
        <PlanChoice
          at="shape.blank"
          label="Cut as"
          options={[
            { value: 'square', label: 'Squares' },
            { value: 'disc', label: 'Discs' },
          ]}
        />
      )}
      {family.finishes.length > 1 && (
        <PlanChoice
          at="shape.finish"
          label="Edge"
          options={family.finishes.map((value) => ({ value, label: FINISH_NAMES[value] }))}
        />
      )}
      <Folded
        title="Line, sheets and gaps"
        says={
          family.sheetWays.length > 1 ? SHEET_WAY_NAMES[result.layout.way].name.toLowerCase() : ''
        }
        paths={['shape.edge', 'shape.gapMm']}
      >
        {family.usesEdge && (
          <PlanChoice
            at="shape.edge"
            label="Edge line"
            options={[
              { value: 'plain', label: 'Plain' },
              { value: 'fluted', label: 'Fluted' },
            ]}
          />
        )}
        {family.sheetWays.length > 1 && (
          <Choice
            label="Sheets"
            columns={2}
            value={result.layout.way}
            options={family.sheetWays.map((value) => ({
              value,
              label: SHEET_WAY_NAMES[value].name,
            }))}
            onChange={(way) => edit((p) => writeAt(p, 'shape.sheets', way))}
          />
        )}
        <PlanField at="shape.gapMm" />
      </Folded>
    </>
  );
}

/** A mould of the kitchen, taken with all its measures. */
function MouldPicker() {
  const plan = usePlan((all) => all);
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { shape } = plan;
  const own = kitchen.moulds.find((mould) => isMould(shape, mould));
  return (
    <div>
      <SelectField
        label="Mould"
        value={own?.name ?? ''}
        options={[
          {
            value: '',
            label: kitchen.moulds.length
              ? `Your own: ${shape.rows} × ${shape.columns}`
              : 'None in the kitchen yet',
            rests: true,
          },
          ...kitchen.moulds.map(({ name, rows, columns }) => ({
            value: name,
            label: `${name}, ${rows} × ${columns}`,
          })),
        ]}
        onChange={(name) => {
          const mould = kitchen.moulds.find((each) => each.name === name);
          if (mould) edit((p) => withMould(p, mould));
        }}
      />
      <div className="mt-2 grid grid-cols-2 gap-3">
        <PlanField at="shape.rows" />
        <PlanField at="shape.columns" />
      </div>
    </div>
  );
}

function SizeRulers() {
  const { plan, result } = useShown();
  const { kitchen } = useWorld();
  const { text } = useUnits();
  const family = familyOf(plan.shape.family);
  return family.dimensions.map(({ key, label, minMm, maxMm, usualMm }) => {
    const value = result.shape[key];
    // Smaller than usual is told too: the scale then begins where it stands.
    const from = Math.min(usualMm, Math.floor(value));
    const isSize = key === 'sizeMm';
    const cutters = isSize ? cuttersFor(plan, kitchen.cutters) : [];
    const smallest = isSize ? result.shape.smallestSizeMm : null;
    return (
      <PlanRuler
        key={key}
        label={label}
        kind="length"
        range={{ ...PLAN_FIELDS[`shape.${key}`], min: minMm, max: maxMm }}
        view={[from, Math.min(maxMm, from + 65)]}
        value={value}
        step={1}
        band={smallest === null ? null : [smallest, maxMm]}
        bandName={smallest === null ? '' : `holds from ${text(smallest, 'mm')}`}
        marks={
          cutters.length
            ? cutters.map(({ mm }) => ({ at: mm, label: text(mm, 'mm') }))
            : [from, from + 30, from + 60].map((at) => ({ at, label: text(at, 'mm') }))
        }
        snaps={cutters.map(({ mm }) => mm)}
        aside={cutters.length > 0 && 'your cutters marked'}
        valueText={text(value, 'mm')}
        set={(p, mm) => {
          const next = writeAt(p, `shape.${key}`, mm);
          return isSize ? held(next, 'size') : next;
        }}
        about={key}
      />
    );
  });
}

function DoseRuler() {
  const { plan, result } = useShown();
  const { kitchen } = useWorld();
  const { text, spoons } = useUnits();
  const [low, high] = familyOf(plan.shape.family).usualDoseG;
  const { doseBandG, doseG } = result.shape;
  const perMl = result.filling.densityGPerMl;
  const marks = kitchen.spoons.map(({ name, ml }) => ({ at: ml * perMl, label: name }));
  return (
    <PlanRuler
      label="Dose"
      kind="mass"
      range={PLAN_FIELDS['shape.doseG']}
      view={[Math.max(0, low - 1), high]}
      value={doseG}
      step={high > 9 ? 0.5 : 0.1}
      band={doseBandG}
      bandName={doseBandG ? `holds up to ${text(doseBandG[1], 'g')}` : ''}
      marks={marks}
      snaps={marks.map(({ at }) => Number(at.toFixed(1)))}
      valueText={text(doseG, 'g')}
      aside={spoons(result.filling.doseMl)}
      extraUnits={Object.fromEntries([
        ['tsp', 5 * perMl],
        ['tbsp', 15 * perMl],
        ['ml', perMl],
      ])}
      set={(p, g) => held(writeAt(p, 'shape.doseG', g), 'dose')}
      about="dose"
    />
  );
}

/** The sheet with its pattern, always in sight; under it how to fold, with what, and what else could be made. */
export function ShapePanel() {
  return (
    <div className="grid gap-6">
      <StripPanel />
      <ShapeLeaves />
    </div>
  );
}
