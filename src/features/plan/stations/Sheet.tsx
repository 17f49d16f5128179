'use client';

import type { Plan } from '@/core/plan/schema';
import { PLAN_FIELDS } from '@/core/plan/planFields';
import type { Roller } from '@/core/sheet/roller';
import { SheetStrip } from '@/ui/drawings/SheetStrip';
import { Choice } from '@/ui/fields/Choice';
import { Ruler } from '@/ui/fields/Ruler';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../editor/EditorContext';
import { PlanField } from './PlanField';

const sheet = (plan: Plan, change: Partial<Plan['sheet']>): Plan => ({
  ...plan,
  sheet: { ...plan.sheet, ...change },
});

const batch = (plan: Plan, change: Partial<Plan['batch']>): Plan => ({
  ...plan,
  batch: { ...plan.batch, ...change },
});

export function SheetControls() {
  const { plan, result, kitchen, edit } = useEditor();
  const { text } = useUnits();
  const { roller } = plan.sheet;
  const rollers = kitchen.rollers.some(({ id }) => id === roller.id)
    ? kitchen.rollers
    : [roller, ...kitchen.rollers];
  const measured = kitchen.rollers.find(({ id }) => id === roller.id);
  const remeasured =
    measured && JSON.stringify(measured) !== JSON.stringify(roller) ? measured : null;
  const { bandMm, setting, between, seen, thicknessMm } = result.sheet;
  const shown = roller.steps.filter(({ mm }) => mm <= 2.1);
  const solved = result.deadHeat !== null && plan.batch.mayChange.thickness;
  return (
    <>
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Rolled on</span>
        <select
          className="field"
          value={roller.id}
          onChange={(event) => {
            const next = rollers.find(({ id }) => id === event.target.value);
            if (next) edit((p) => onRoller(p, next));
          }}
        >
          {rollers.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {remeasured && (
        <p className="flex flex-wrap items-center gap-2">
          <span>Your kitchen has newer figures for this roller.</span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => onRoller(p, remeasured))}
          >
            Use them
          </button>
        </p>
      )}
      <Ruler
        label="Thickness"
        kind="length"
        range={PLAN_FIELDS.thicknessMm}
        view={[0.4, Math.min(2, roller.steps[0]?.mm ?? 2)]}
        value={thicknessMm}
        step={0.1}
        band={bandMm}
        bandName={`${text(bandMm[0], 'mm')} to ${text(bandMm[1], 'mm')} for ${result.shape.name.toLowerCase()}`}
        marks={shown.map(({ label, mm }) => ({ at: mm, label }))}
        snaps={shown.map(({ mm }) => mm)}
        valueText={`${text(thicknessMm, 'mm')}, dial ${setting}`}
        aside={`${between ? 'near ' : ''}dial ${setting}`}
        onChange={(mm) =>
          edit((p) => {
            const next = sheet(p, { thicknessMm: mm });
            return solved
              ? batch(next, { mayChange: { ...p.batch.mayChange, thickness: false } })
              : next;
          }, 'thickness')
        }
      />
      <p>
        {seen[0]?.toUpperCase()}
        {seen.slice(1)}.{' '}
        {between &&
          `Dial ${setting} leaves ${text(result.sheet.nearestMm, 'mm')}: this is between two steps. `}
        Marks are the steps of this dial.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <PlanField
          field="sheetWidthMm"
          kind="length"
          value={plan.sheet.widthMm}
          step={5}
          set={(p, widthMm) => sheet(p, { widthMm })}
        />
        <PlanField
          field="benchMm"
          kind="length"
          value={plan.sheet.benchMm}
          step={50}
          set={(p, benchMm) => sheet(p, { benchMm })}
        />
        <PlanField
          field="usedShare"
          label="Sheet used"
          kind="share"
          value={plan.batch.usedShare}
          step={0.01}
          set={(p, usedShare) => batch(p, { usedShare })}
        />
        <PlanField
          field="trimUsable"
          kind="share"
          value={plan.batch.trimUsable}
          step={0.05}
          set={(p, trimUsable) => batch(p, { trimUsable })}
        />
      </div>
      <Choice
        label="Trim rolled again"
        value={String(plan.batch.rerolls)}
        options={[
          { value: '0', label: 'Never' },
          { value: '1', label: 'Once' },
          { value: '2', label: 'Twice' },
        ]}
        onChange={(rerolls) => edit((p) => batch(p, { rerolls: Number(rerolls) }))}
      />
    </>
  );
}

/** Another roller: the thickness moves to its nearest step, the sheet stays no wider than it. */
function onRoller(plan: Plan, roller: Roller): Plan {
  const nearest = roller.steps.reduce((best, step) =>
    Math.abs(step.mm - plan.sheet.thicknessMm) < Math.abs(best.mm - plan.sheet.thicknessMm)
      ? step
      : best,
  );
  const close = Math.abs(nearest.mm - plan.sheet.thicknessMm) <= 0.11;
  return sheet(plan, {
    roller,
    thicknessMm: close ? nearest.mm : plan.sheet.thicknessMm,
    widthMm: Math.min(plan.sheet.widthMm, roller.widthMm),
  });
}

export function SheetPanel() {
  return (
    <div className="grid gap-6">
      <StripPanel />
      <DialPanel />
    </div>
  );
}

/** One sheet with its cut pattern, and what that pattern uses against what the plan counts on. */
export function StripPanel() {
  const { plan, result, edit } = useEditor();
  const { text } = useUnits();
  const { grid, blank, lengthMm, widthMm, count } = result.sheet;
  if (count === 0) return <p>No dough, no sheet: give more in How many.</p>;
  const drawn = (grid.count * blank.alongMm * blank.acrossMm * blank.layers) / (lengthMm * widthMm);
  const apart = Math.abs(drawn - plan.batch.usedShare) > 0.03;
  const settable = Math.min(1, Math.max(0.2, Math.round(drawn * 100) / 100));
  return (
    <section aria-label="One sheet">
      <h3>
        One sheet{' '}
        <span className="font-normal text-ink-dim">
          <Figure working={result.working.sheetLength}>{text(lengthMm, 'mm')}</Figure> ×{' '}
          {text(widthMm, 'mm')}, one of {count}
        </span>
      </h3>
      <div className="mt-2 max-md:hidden">
        <SheetStrip result={result} colour={plan.colour} width={620} />
      </div>
      <div className="mt-2 md:hidden">
        <SheetStrip result={result} colour={plan.colour} width={350} />
      </div>
      <p className="mt-2">
        <b>{grid.count} pieces a sheet</b> on a straight grid, {grid.along} along and {grid.across}{' '}
        across: {text(drawn, 'share')} of it used, before the trim is rolled again.
      </p>
      {apart && drawn >= 0.2 && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <span>The plan counts on {text(plan.batch.usedShare, 'share')}.</span>
          <button
            type="button"
            className="btn"
            onClick={() => edit((p) => batch(p, { usedShare: settable }))}
          >
            Count on {text(settable, 'share')}
          </button>
        </p>
      )}
    </section>
  );
}

/** The dial as a stair: what every step leaves, to scale, and where to stop. */
function DialPanel() {
  const { plan, result } = useEditor();
  const { text } = useUnits();
  const { steps } = plan.sheet.roller;
  const widest = steps[0]?.mm ?? 1;
  const W = 620;
  const each = W / steps.length;
  const every = Math.ceil(steps.length / 13);
  return (
    <section aria-label="The dial">
      <h3>
        The dial{' '}
        <span className="font-normal text-ink-dim">
          what each step leaves; stop at {result.sheet.setting}
        </span>
      </h3>
      <svg
        viewBox={`0 0 ${W} 118`}
        role="img"
        aria-label={`Steps of ${plan.sheet.roller.name}: stop at dial ${result.sheet.setting}, ${text(result.sheet.nearestMm, 'mm')}`}
        className="mt-2 block w-full"
      >
        {steps.map(({ label, mm }, index) => {
          const h = Math.max(2, (mm / widest) * 72);
          const stop = label === result.sheet.setting;
          const x = index * each;
          return (
            <g key={label}>
              <rect
                x={x}
                y={76 - h}
                width={each}
                height={h}
                fill={stop ? 'var(--dough-edge)' : 'var(--dough)'}
                stroke="var(--draw)"
                strokeWidth={stop ? 2.4 : 1}
              />
              {(index % every === 0 || stop) && (
                <text
                  x={x + each / 2}
                  y={94}
                  textAnchor="middle"
                  fontSize={14}
                  fontWeight={stop ? 700 : 400}
                  fill="var(--ink)"
                >
                  {stop ? '▼ ' : ''}
                  {label.length > 7 ? label.slice(0, 6) : label}
                </text>
              )}
              {(index % every === 0 || stop) && (
                <text
                  x={x + each / 2}
                  y={112}
                  textAnchor="middle"
                  fontSize={12.5}
                  fill="var(--ink-dim)"
                >
                  {text(mm, 'mm').replace(/ .*/, '')}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <p className="mt-1 text-small text-ink-dim">
        Letter folds only at the widest step, then every step in turn. These thicknesses are as set
        in your kitchen: weigh a strip to measure your own.
      </p>
    </section>
  );
}
