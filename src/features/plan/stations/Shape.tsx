'use client';

import { changeFamily } from '@/core/plan/changeFamily';
import { PLAN_FIELDS } from '@/core/plan/planFields';
import { writeAt } from '@/core/plan/at';
import type { Plan } from '@/core/plan/schema';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { FINISHES } from '@/core/shapes/finish';
import { FamilyGlyph } from '@/ui/drawings/FamilyGlyph';
import { PieceAbove } from '@/ui/drawings/PieceAbove';
import { Choice } from '@/ui/fields/Choice';
import { Ruler } from '@/ui/fields/Ruler';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';
import { PlanChoice } from './PlanField';
import { StripPanel } from './StripPanel';

/** Set by hand, a dose or a size stays as it is in a dead heat. */
const held = (plan: Plan, key: 'dose' | 'size'): Plan =>
  plan.batch.wayIn === 'both' ? writeAt(plan, `batch.mayChange.${key}`, false) : plan;

export function ShapeControls() {
  const { plan, edit } = useEditor();
  const family = familyOf(plan.shape.family);
  return (
    <>
      <Choice
        label="Family"
        columns={2}
        value={plan.shape.family}
        options={FAMILY_IDS.map((id) => ({
          value: id,
          label: (
            <span className="flex flex-col items-center gap-1 px-1 py-2">
              <FamilyGlyph family={id} colour={plan.colour} />
              {familyOf(id).name}
            </span>
          ),
        }))}
        onChange={(id) => edit((p) => changeFamily(p, id))}
      />
      <SizeRulers />
      <DoseRuler />
      {family.usesLaid && (
        <PlanChoice
          at="shape.laid"
          label="Filling laid"
          options={[
            { value: 'ball', label: 'Rolled ball' },
            { value: 'piped', label: 'Piped' },
            { value: 'spooned', label: 'Spooned' },
          ]}
        />
      )}
      <PlanChoice
        at="shape.finish"
        label="Edge"
        options={family.finishes.map((value) => ({ value, label: FINISHES[value].name }))}
      />
    </>
  );
}

function SizeRulers() {
  const { plan, result, kitchen, edit } = useEditor();
  const { text } = useUnits();
  const family = familyOf(plan.shape.family);
  return family.dimensions.map(({ key, label, minMm, maxMm }) => {
    const value = result.shape[key];
    const isSize = key === 'sizeMm';
    const cutters =
      isSize && family.dimensions.length === 1
        ? kitchen.cutters.filter(({ form }) => form === 'square')
        : [];
    const smallest = isSize ? result.shape.smallestSizeMm : null;
    return (
      <Ruler
        key={key}
        label={label}
        kind="length"
        range={{ ...PLAN_FIELDS[`shape.${key}`], min: minMm, max: maxMm }}
        view={[minMm, Math.min(maxMm, minMm + 65)]}
        value={value}
        step={1}
        band={smallest === null ? null : [smallest, maxMm]}
        bandName={smallest === null ? '' : `holds from ${text(smallest, 'mm')}`}
        marks={
          cutters.length
            ? cutters.map(({ mm }, i) => ({
                at: mm,
                label: `${text(mm, 'mm')}${i === cutters.length - 1 ? ' cutters' : ''}`,
              }))
            : [minMm, minMm + 30, minMm + 60].map((at) => ({ at, label: text(at, 'mm') }))
        }
        snaps={cutters.map(({ mm }) => mm)}
        valueText={text(value, 'mm')}
        onChange={(mm) =>
          edit(
            (p) =>
              isSize
                ? held(writeAt(p, `shape.${key}`, mm), 'size')
                : writeAt(p, `shape.${key}`, mm),
            key,
          )
        }
      />
    );
  });
}

function DoseRuler() {
  const { plan, result, kitchen, edit } = useEditor();
  const { text, spoons } = useUnits();
  const [low, high] = familyOf(plan.shape.family).usualDoseG;
  const { doseBandG, doseG } = result.shape;
  const perMl = result.filling.densityGPerMl;
  const marks = kitchen.spoons.map(({ name, ml }) => ({ at: ml * perMl, label: name }));
  return (
    <Ruler
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
      onChange={(g) => edit((p) => held(writeAt(p, 'shape.doseG', g), 'dose'), 'dose')}
    />
  );
}

export function ShapePanel() {
  const { plan, result } = useEditor();
  const family = familyOf(plan.shape.family);
  return (
    <div className="grid gap-6">
      <StripPanel />
      <section aria-label="Folding" className="grid items-center gap-5 sm:grid-cols-[180px_1fr]">
        <figure className="max-sm:mx-auto max-sm:w-[180px]">
          <PieceAbove result={result} colour={plan.colour} size={180} />
          <figcaption className="text-center text-small text-ink-dim">
            From above; thick line, the lip
          </figcaption>
        </figure>
        <ol className="grid list-decimal gap-1.5 pl-5">
          {family.folding.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </section>
    </div>
  );
}
