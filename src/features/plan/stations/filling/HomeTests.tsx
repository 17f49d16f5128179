'use client';

import { useState } from 'react';
import { writeAt } from '@/core/plan/document/patch';
import { spreadRadius } from '@/core/filling/spreadRadius';
import { yieldStressFromSpread } from '@/core/filling/yieldStress';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { QuantityField } from '@/ui/fields/QuantityField';
import { SpoonTestDrawing, TowelTestDrawing } from '@/ui/drawings/TestDrawings';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { besideEstimate, stiffnessWords } from '../../plainWords';
import { UseMeasured } from '../UseMeasured';
import { useBatchTests } from '../useBatchTests';

/** Two tests that take a minute and replace an estimate. */
export default function HomeTests() {
  return (
    <div className="grid gap-6">
      <SpoonTest />
      <TowelTest />
    </div>
  );
}

function SpoonTest() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { text } = useUnits();
  const { noted, counted, run, busy, note, takeBack } = useBatchTests();
  // A plan may have been made with a test of its own.
  const planned = plan.filling.spoonTest !== undefined || plan.filling.yieldStressPa !== undefined;
  const done = noted.spoon ?? plan.filling.spoonTest;
  const [volumeMl, setVolume] = useState(done?.volumeMl ?? kitchen.spoons[0]?.ml ?? 5);
  const { densityGPerMl, yieldStressPa } = result.filling;
  // Starts at what the estimate would show, so that a difference is seen.
  const [diameterMm, setDiameter] = useState(
    done?.diameterMm ??
      Math.max(5, Math.round(2 * spreadRadius({ volumeMl, densityGPerMl, yieldStressPa }))),
  );
  const pa = yieldStressFromSpread({
    volumeMl,
    diameterMm,
    densityGPerMl,
  });
  return (
    <section aria-label="Spoon test" className="grid gap-3 sm:grid-cols-[150px_minmax(0,1fr)]">
      <SpoonTestDrawing colour={plan.colour} across={text(diameterMm, 'mm')} />
      <div className="grid gap-2">
        <h3>Spoon test: how stiff it is</h3>
        <p>
          Level a spoon, tip it onto a flat plate, wait a minute. Measure across the spread, twice,
          and take the middle.
        </p>
        <div className="grid grid-cols-2 gap-3">
          <QuantityField
            label="Level spoon"
            kind="spoonful"
            range={PLAN_FIELDS['filling.spoonTest.volumeMl']}
            value={volumeMl}
            step={1}
            onChange={setVolume}
          />
          <QuantityField
            label="Spread across"
            kind="length"
            range={PLAN_FIELDS['filling.spoonTest.diameterMm']}
            value={diameterMm}
            step={1}
            onChange={setDiameter}
          />
        </div>
        <p role="status">
          That filling is <b>{stiffnessWords(pa)}</b>
          {result.filling.stiffnessFrom === 'rule' &&
            `, ${besideEstimate(pa, result.filling.yieldStressPa, {
              more: 'stiffer',
              less: 'softer',
              share: (value) => text(value, 'share'),
            })}`}
          .
        </p>
        <UseMeasured
          stands={counted.spoon ? 'counted' : noted.spoon ? 'stale' : 'none'}
          run={run}
          resting={busy}
          onUse={() => note({ spoon: { volumeMl, diameterMm } })}
          {...((noted.spoon || planned) && {
            onBack: () => {
              if (noted.spoon) takeBack('spoonMm');
              if (!planned) return;
              edit((p) =>
                writeAt(
                  writeAt(p, 'filling.spoonTest', undefined),
                  'filling.yieldStressPa',
                  undefined,
                ),
              );
            },
          })}
        />
      </div>
    </section>
  );
}

function TowelTest() {
  const { plan, result } = useShown();
  const { edit } = useEdit();
  const { text } = useUnits();
  const { noted, counted, run, busy, note, takeBack } = useBatchTests();
  const planned = plan.filling.towelTest !== undefined;
  const done = noted.towel ?? plan.filling.towelTest;
  const [spoonfulG, setSpoonful] = useState(done?.spoonfulG ?? 20);
  const [wetG, setWet] = useState(
    done?.wetG ?? Math.round(200 * result.filling.freeWaterShare) / 10,
  );
  const possible = wetG <= spoonfulG;
  return (
    <section aria-label="Towel test" className="grid gap-3 sm:grid-cols-[150px_minmax(0,1fr)]">
      <TowelTestDrawing colour={plan.colour} took={text(wetG, 'g')} />
      <div className="grid gap-2">
        <h3>Towel test: how much water is free</h3>
        <p>
          Weigh a paper towel, folded in four. Weigh a spoonful onto it, wait five minutes, scrape
          it off, weigh the towel again.
        </p>
        <div className="grid grid-cols-2 gap-3">
          <QuantityField
            label="Spoonful"
            kind="mass"
            range={PLAN_FIELDS['filling.towelTest.spoonfulG']}
            value={spoonfulG}
            step={1}
            onChange={setSpoonful}
          />
          <QuantityField
            label="The towel took"
            kind="mass"
            range={PLAN_FIELDS['filling.towelTest.wetG']}
            value={wetG}
            step={0.1}
            onChange={setWet}
          />
        </div>
        <p role="status">
          {possible ? (
            <>
              That is <b>{text(wetG / spoonfulG, 'share')}</b> free water
              {!done && `, where the tables say ${text(result.filling.freeWaterShare, 'share')}`}.
            </>
          ) : (
            <span className="font-semibold text-brick">
              The towel cannot take more than the spoonful, {text(spoonfulG, 'g')}.
            </span>
          )}
        </p>
        <UseMeasured
          use="Use what the towel took"
          back="Back to the tables"
          stands={counted.towel ? 'counted' : noted.towel ? 'stale' : 'none'}
          run={run}
          resting={busy || !possible}
          onUse={() => note({ towel: { spoonfulG, wetG } })}
          {...((noted.towel || planned) && {
            onBack: () => {
              if (noted.towel) takeBack('towelG');
              if (planned) edit((p) => writeAt(p, 'filling.towelTest', undefined));
            },
          })}
        />
      </div>
    </section>
  );
}
