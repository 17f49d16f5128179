'use client';

import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { fitDial, gapFromStrip, withFit } from '@/core/calibrate/fitDial';
import type { Roller, StripTest } from '@/core/sheet/roller';
import { StripTestDrawing } from '@/ui/drawings/TestDrawings';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { DialChart } from './DialChart';
import { LightTest } from './LightTest';
import { IconButton } from '@/ui/buttons/IconButton';
import { SelectField } from '@/ui/fields/SelectField';
import { Button } from '@/ui/buttons/Button';

/** Strips that spring back so far, by how the dough lay before. Rule. */
const RESTED = [
  { share: 0.035, name: 'rested, twice through' },
  { share: 0.07, name: 'rested, once through' },
  { share: 0.12, name: 'a little lively' },
  { share: 0.2, name: 'unrested, drawing back' },
] as const;

/** A dial measured by weighed strips: a few of them fit all of it. */
export function Calibration({
  roller,
  onChange,
}: {
  roller: Roller;
  onChange(roller: Roller): void;
}) {
  const { text } = useUnits();
  const fit = useMemo(() => fitDial(roller, roller.strips), [roller]);
  const differs = fit.steps.some(({ mm }, i) => Math.abs(mm - (roller.steps[i]?.mm ?? 0)) > 0.004);
  const measured = roller.strips.length > 0;
  const wasTypical = roller.steps.every(({ typicalMm }) => typicalMm === undefined);
  return (
    <div className="mt-2 grid gap-5 rounded-lg border-[1.5px] border-board-rule p-4">
      <section aria-label="Strip test" className="grid gap-4 md:grid-cols-[250px_minmax(0,1fr)]">
        <StripTestDrawing />
        <div className="grid content-start gap-3">
          <h4 className="font-semibold">Strip test: what a setting truly leaves</h4>
          <ol className="grid list-decimal gap-1 pl-5">
            <li>Roll a rested strip through one setting, twice.</li>
            <li>Lay it flat without pulling, cut both ends straight.</li>
            <li>Measure its length and its width, then weigh it.</li>
          </ol>
          <p className="text-small text-ink-dim">
            Two or three settings, one of them near where you stop, fit the whole dial.
          </p>
          <StripForm
            roller={roller}
            onAdd={(strip) => onChange({ ...roller, strips: [...roller.strips, strip] })}
          />
        </div>
      </section>
      {measured && (
        <section aria-label="The fit" className="grid gap-3">
          <DialChart fit={fit} />
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {fit.residuals.map((each) => (
              <li
                key={each.index}
                className="flex items-center justify-between gap-2 border-b border-board-line"
              >
                <span>
                  <b>Dial {each.label}</b>: strip {text(each.stripMm, 'mm')}, gap{' '}
                  {text(each.gapMm, 'mm')}; {offText(each.share)}
                </span>
                <IconButton
                  label={`Remove the strip of dial ${each.label}`}
                  onClick={() =>
                    onChange({
                      ...roller,
                      strips: roller.strips.filter((_, at) => at !== each.index),
                    })
                  }
                >
                  <X size={18} aria-hidden />
                </IconButton>
              </li>
            ))}
          </ul>
          <p>
            {fit.residuals.length === 1
              ? 'One strip moves the whole dial; a second at another setting tells its tilt.'
              : `Strips lie within ${text(fit.rmsShare, 'share')} of the fit.`}{' '}
            {fit.rmsShare > 0.08 && 'That is far: weigh and measure again, one of them is off.'}
          </p>
          <div className="flex flex-wrap gap-2">
            {differs ? (
              <button
                type="button"
                className="btn btn-strong"
                onClick={() => onChange(withFit(roller, fit))}
              >
                Use this dial
              </button>
            ) : (
              <p className="self-center">
                <span aria-hidden className="text-verdigris">
                  ✓
                </span>{' '}
                This is the dial your plans see.
              </p>
            )}
          </div>
        </section>
      )}
      {!wasTypical && (
        <div>
          <button
            type="button"
            className="btn"
            onClick={() =>
              onChange({
                ...roller,
                steps: roller.steps.map(({ label, mm, typicalMm }) => ({
                  label,
                  mm: typicalMm ?? mm,
                })),
              })
            }
          >
            Back to the typical dial
          </button>
        </div>
      )}
      <LightTest roller={roller} />
    </div>
  );
}

const offText = (share: number): string =>
  Math.abs(share) < 0.005
    ? 'on the fit'
    : `${Math.abs(share * 100).toFixed(1)} % ${share > 0 ? 'over' : 'under'} the fit`;

function StripForm({ roller, onAdd }: { roller: Roller; onAdd(strip: StripTest): void }) {
  const { text } = useUnits();
  const usual = roller.steps[Math.max(0, roller.steps.length - 2)]?.label ?? '';
  const [label, setLabel] = useState(usual);
  const [massG, setMass] = useState(100);
  const [widthMm, setWidth] = useState(Math.min(roller.widthMm, 140));
  const [lengthMm, setLength] = useState<number | undefined>(undefined);
  const [springBack, setBack] = useState<number>(RESTED[0].share);
  const strip = lengthMm === undefined ? null : { label, massG, widthMm, lengthMm, springBack };
  const gap = strip && gapFromStrip(strip);
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
        <SelectField
          label="Setting"
          value={label}
          options={roller.steps.map((step) => ({ value: step.label, label: step.label }))}
          onChange={setLabel}
        />
        <QuantityField
          label="Strip weighs"
          kind="mass"
          range={{ min: 1, max: 5000, unit: 'g' }}
          value={massG}
          step={1}
          onChange={setMass}
        />
        <QuantityField
          label="Strip width"
          kind="length"
          range={{ min: 10, max: 1000, unit: 'mm' }}
          value={widthMm}
          step={1}
          onChange={setWidth}
        />
        <QuantityField
          label="Strip length"
          kind="length"
          range={{ min: 10, max: 10_000, unit: 'mm' }}
          value={lengthMm}
          step={5}
          onChange={setLength}
          onClear={() => setLength(undefined)}
          placeholder="measure"
        />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="The dough was"
          value={String(springBack)}
          options={RESTED.map(({ share, name }) => ({
            value: String(share),
            label: `${name}: springs back ${text(share, 'share')}`,
          }))}
          onChange={(share) => setBack(Number(share))}
        />
        <Button
          strong
          resting={!strip}
          onClick={() => {
            if (!strip) return;
            onAdd(strip);
            setLength(undefined);
          }}
        >
          Add this strip
        </Button>
      </div>
      {gap !== null && (
        <p role="status">
          That strip is <b>{text(gap * (1 + springBack), 'mm')}</b> thick, so dial {label} is open{' '}
          {text(gap, 'mm')}.
        </p>
      )}
    </div>
  );
}
