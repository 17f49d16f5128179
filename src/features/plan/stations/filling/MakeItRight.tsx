'use client';

import { useState } from 'react';
import { panDryingTime } from '@/core/filling/panDrying';
import { freeWaterGrade } from '@/core/filling/freeWaterGrade';
import { suitsGuests } from '@/core/plan/model/contents';
import { asPlanned } from '@/core/run/batchTests';
import { applyDrying, combineDrying, dryingRemedies, type DryingRemedy } from '@/core/risk/drying';
import type { FillingRecipe } from '@/core/plan/document/recipe';
import { QuantityField } from '@/ui/fields/QuantityField';
import { StateMark } from '@/ui/figure/StateMark';
import { say } from '@/ui/layout/say';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useResult, useShown, useWorld } from '../../editor/EditorContext';
import { stiffnessWords } from '../../plainWords';
import { dryingText } from '../bowlWords';

/** Remedies for a wet filling, side by side; one is done at a tap, two can be combined. */
export default function MakeItRight() {
  const { tested, result } = useShown();
  const { edit } = useEdit();
  const { pantry, basis } = useWorld();
  const { text } = useUnits();
  const { filling } = tested;
  const { freeWaterShare, scale } = result.filling;
  const [target, setTarget] = useState(() =>
    freeWaterShare >= basis.rules['filling.free.workable'].value
      ? 0.04
      : basis.rules['filling.free.firm'].value,
  );
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const remedies = dryingRemedies(filling, target, basis).filter((remedy) =>
    suitsGuests(tested, { ...tested, filling: applyDrying(filling, remedy) }, pantry),
  );
  const picked = chosen.filter((key) => remedies.some((remedy) => remedy.key === key));
  const [a, b] = picked;
  const both =
    a !== undefined && b !== undefined ? combineDrying(filling, [a, b], target, basis) : null;
  const take = (next: FillingRecipe, what: string) => {
    edit((p) => ({ ...p, filling: asPlanned(next, p.filling) }));
    setChosen([]);
    void say(`${what}. Undo takes it back.`);
  };
  const words = (remedy: DryingRemedy) => dryingText(remedy, pantry, text, scale);
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div className="w-44">
          <QuantityField
            label="Free water wanted"
            kind="share"
            range={{ min: 0, max: 0.3 }}
            value={target}
            step={0.01}
            onChange={setTarget}
          />
        </div>
        <p className="pb-2.5">
          now <span className="numeral text-lead">{text(freeWaterShare, 'share')}</span>, wanted{' '}
          {freeWaterGrade(target, basis.rules)}
        </p>
      </div>
      {remedies.length === 0 ? (
        <p role="status">
          <StateMark state="holds" /> Dry enough already: nothing to mend.
        </p>
      ) : (
        <ul aria-label="Remedies" className="grid">
          {remedies.map((remedy) => (
            <RemedyRow
              key={remedy.key}
              remedy={remedy}
              chosen={picked.includes(remedy.key)}
              canChoose={picked.length < 2 || picked.includes(remedy.key)}
              onChoose={(on) =>
                setChosen(on ? [...picked, remedy.key] : picked.filter((k) => k !== remedy.key))
              }
              onTake={() => take(applyDrying(filling, remedy), words(remedy))}
            />
          ))}
        </ul>
      )}
      {picked.length === 1 && (
        <p className="text-small text-ink-dim">Tick another to share the work between the two.</p>
      )}
      {picked.length === 2 &&
        (both ? (
          <div className="flex flex-wrap items-center justify-between gap-3 rounded-md border-[1.5px] border-ink bg-board-raised px-4 py-2">
            <p>
              {both.steps.map(words).join(', and ')}{' '}
              <span className="numeral">
                → {text(both.steps.at(-1)?.freeWaterShare ?? 0, 'share')}
              </span>
            </p>
            <button
              type="button"
              className="btn btn-strong"
              onClick={() => take(both.filling, both.steps.map(words).join(' and '))}
            >
              Do both
            </button>
          </div>
        ) : (
          <p className="text-small text-ink-dim">These two do not go together.</p>
        ))}
      <p className="text-small text-ink-dim">
        Amounts are for this batch as it stands in the bowl. Binders stop at what the taste allows.
        Dry it before egg goes in.
      </p>
    </div>
  );
}

function RemedyRow({
  remedy,
  chosen,
  canChoose,
  onChoose,
  onTake,
}: {
  remedy: DryingRemedy;
  chosen: boolean;
  canChoose: boolean;
  onChoose(on: boolean): void;
  onTake(): void;
}) {
  const filling = useResult((result) => result.filling);
  const { pantry, basis } = useWorld();
  const { text } = useUnits();
  const { scale } = filling;
  const words = dryingText(remedy, pantry, text, scale);
  const grams = remedy.massChangeG * scale;
  return (
    <li className="grid grid-cols-[44px_minmax(0,1fr)_auto_auto] items-center gap-x-2 border-b border-board-line py-1">
      <label className="flex h-[44px] w-[44px] items-center justify-center">
        <input
          type="checkbox"
          aria-label={`Combine: ${words}`}
          className="h-5 w-5 accent-[var(--ink)]"
          checked={chosen}
          disabled={!canChoose || remedy.kind === 'texture'}
          onChange={(event) => onChoose(event.target.checked)}
        />
      </label>
      <div>
        <p className="font-semibold">{words}</p>
        <p className="text-small text-ink-dim">
          {remedy.kind === 'texture'
            ? `the water stays; the filling is then ${stiffnessWords(remedy.yieldStressPa)}`
            : [
                remedy.kind === 'cookOff' &&
                  `about ${text(panDryingTime({ waterG: remedy.waterG * scale }, basis.rules), 'min')} in a wide pan`,
                remedy.tasteShare > 0 && `then ${text(remedy.tasteShare, 'share')} of it`,
                Math.abs(grams) >= 0.5 &&
                  `${text(Math.abs(grams), 'g')} ${grams > 0 ? 'more' : 'less'}`,
                'capped' in remedy && remedy.capped && 'all that it can do',
              ]
                .filter(Boolean)
                .join(', ')}
        </p>
      </div>
      <span className="numeral whitespace-nowrap">
        {remedy.kind !== 'texture' && (
          <>
            <StateMark state={remedy.reaches ? 'holds' : 'edge'} />{' '}
            {text(remedy.freeWaterShare, 'share')}
          </>
        )}
      </span>
      <button type="button" className="btn" onClick={onTake} aria-label={`Do it: ${words}`}>
        Do it
      </button>
    </li>
  );
}
