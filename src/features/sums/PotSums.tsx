'use client';

import { useState } from 'react';
import { coreTime } from '@/core/boil/coreTime';
import { HEAT } from '@/core/boil/heat';
import { largestLoad, potDip } from '@/core/boil/potDip';
import { startingRules } from '@/core/basis/rules';
import { seepTime } from '@/core/hold/seepTime';
import { SURFACE_NAMES, SURFACES, type Surface } from '@/core/hold/surfaces';
import { airPressure, airSwelling, boilingPoint } from '@/core/physics/air';
import { input } from '@/core/working/working';
import { SelectField } from '@/ui/fields/SelectField';
import { useUnits } from '@/ui/units/UnitsContext';
import { capital } from '../plan/words';
import { NumbersSum, type NumberInput } from './NumbersSum';

const rule = startingRules;

const thickness: NumberInput = {
  label: 'Sheet',
  kind: 'length',
  range: { min: 0.2, max: 6, unit: 'mm' },
  step: 0.1,
  start: 0.8,
};

const LIMITS =
  'No more than 2 hours in all at room temperature, and no more than a day chilled, whatever the sheet stands.';
const CODES = 'Guidance only: local food codes and licensed practice come first.';

/** How long will it keep? */
export function KeepSum() {
  const [surface, setSurface] = useState<Surface>('semolina');
  return (
    <NumbersSum
      inputs={{
        thicknessMm: thickness,
        freeWaterShare: {
          label: 'Free water in the filling',
          kind: 'share',
          range: { min: 0, max: 0.5 },
          step: 0.01,
          start: 0.05,
        },
        tempC: {
          label: 'Kept at',
          kind: 'temperature',
          range: { min: -40, max: 45, unit: '°C' },
          step: 1,
          start: 5,
        },
        doughMoisture: {
          label: 'Water in the dough',
          kind: 'share',
          range: { min: 0.15, max: 0.6 },
          step: 0.01,
          start: 0.34,
        },
      }}
      work={(held) => {
        const minutes = seepTime({ ...held, surface });
        if (minutes === null) {
          return { working: null, says: `It never turns tacky. ${LIMITS} ${CODES}` };
        }
        return {
          working: {
            label: 'Tacky after',
            value: minutes,
            unit: 'min',
            kind: 'rule',
            formula: 'diffusion through the sheet until its under-face is 7 % wetter',
            inputs: [
              input('sheet', held.thicknessMm, 'mm'),
              input('free water', held.freeWaterShare, 'share'),
              input('kept at', held.tempC, 'C'),
              input('on', SURFACE_NAMES[surface]),
            ],
            source: 'diffusion in rolled dough, typical; a third either way',
            range: [minutes * 0.65, minutes * 1.5],
          },
          says: `${LIMITS} ${CODES}`,
        };
      }}
    >
      <SelectField
        label="Kept on"
        value={surface}
        options={SURFACES.map((value) => ({ value, label: capital(SURFACE_NAMES[value]) }))}
        onChange={(value: Surface) => setSurface(value)}
      />
    </NumbersSum>
  );
}

/** How long from frozen? */
export function FrozenSum() {
  const { text } = useUnits();
  return (
    <NumbersSum
      inputs={{
        highMm: {
          label: 'Height of the piece',
          kind: 'length',
          range: { min: 1, max: 160, unit: 'mm' },
          step: 1,
          start: 13,
        },
        acrossMm: {
          label: 'Mound across',
          kind: 'length',
          range: { min: 2, max: 300, unit: 'mm' },
          step: 1,
          start: 38,
        },
        targetC: {
          label: 'Its middle at',
          kind: 'temperature',
          range: { min: 40, max: 95, unit: '°C' },
          step: 1,
          start: 74,
        },
      }}
      work={({ highMm, acrossMm, targetC }) => {
        const [z, x] = [highMm / 2, acrossMm / 2].sort((a, b) => a - b) as [number, number];
        const body = {
          halfHeightMm: z,
          shapeExponent: 2 * (z / x) ** 2,
          bathC: boilingPoint(0) - rule['boil.bath'].value,
          targetC,
        };
        const frozen = coreTime({ ...body, fromC: -18, frozen: true }) / 60;
        const fresh = coreTime({ ...body, fromC: 5 }) / 60;
        return {
          working: {
            label: 'From frozen, hot after',
            value: frozen,
            unit: 'min',
            kind: 'law',
            formula: 'conduction into the middle, latent heat included',
            inputs: [
              input('height', highMm, 'mm'),
              input('across', acrossMm, 'mm'),
              input('from', -18, 'C'),
              input('latent heat', `${HEAT.latentJPerKg / 1000} kJ for each kg of water`),
            ],
            source: 'conduction; typical heat of filling and dough',
          },
          says: `From the fridge it takes ${text(fresh, 'min')}. Into the pot frozen, never thawed; check one with a probe. ${CODES}`,
        };
      }}
    />
  );
}

/** How many at once? */
export function PotSum() {
  const { text } = useUnits();
  return (
    <NumbersSum
      inputs={{
        waterL: {
          label: 'Water in the pot',
          kind: 'litres',
          range: { min: 0.5, max: 200, unit: 'litres' },
          step: 0.5,
          start: 5,
        },
        loadG: {
          label: 'Pieces at once',
          kind: 'mass',
          range: { min: 0, max: 100_000, unit: 'g' },
          step: 50,
          start: 300,
        },
        fromC: {
          label: 'They are at',
          kind: 'temperature',
          range: { min: -30, max: 40, unit: '°C' },
          step: 1,
          start: 5,
        },
        powerW: {
          label: 'Burner, watts into the water',
          kind: 'plain',
          range: { min: 200, max: 30_000, unit: 'W' },
          step: 100,
          start: 2500,
        },
      }}
      work={(pot) => {
        const load = {
          ...pot,
          frozen: pot.fromC < -1,
          waterC: boilingPoint(0) - rule['boil.bath'].value,
        };
        const { dipC, recoverS } = potDip(load);
        const most = rule['boil.dip'].value;
        return {
          working: {
            label: 'The water cools by',
            value: dipC,
            unit: 'dC',
            kind: 'law',
            formula: 'heat the pieces take ÷ (water × 4.19 + pieces × 3.3)',
            inputs: [
              input('water', pot.waterL, 'litre'),
              input('pieces', pot.loadG, 'g'),
              input('at', pot.fromC, 'C'),
            ],
            source: 'heat balance',
          },
          says: `Hot again after ${text(recoverS / 60, 'min')}. At most ${text(largestLoad(load, most), 'g')} at once keeps it within ${text(most, 'dC')}.`,
        };
      }}
    />
  );
}

/** What does the height do to the air in a piece? */
export function SwellingSum() {
  const { text } = useUnits();
  return (
    <NumbersSum
      inputs={{
        altitudeM: {
          label: 'Height over the sea',
          kind: 'height',
          range: { min: -400, max: 6000, unit: 'm' },
          step: 100,
          start: 1500,
        },
        fromC: {
          label: 'Sealed at',
          kind: 'temperature',
          range: { min: 0, max: 60, unit: '°C' },
          step: 1,
          start: 20,
        },
      }}
      work={({ altitudeM, fromC }) => {
        const boils = boilingPoint(altitudeM);
        const under = rule['boil.bath'].value + rule['boil.skin'].value;
        const toC = boils - under;
        return {
          working: {
            label: 'Its air swells to',
            value: airSwelling({ fromC, toC, kPa: airPressure(altitudeM) }),
            unit: 'ratio',
            kind: 'law',
            formula: '(P − vapour sealed) ÷ (P − vapour hot) × warmth in K',
            inputs: [
              input('sealed at', fromC, 'C'),
              input('under the skin', toC, 'C'),
              input('water boils at', boils, 'C'),
            ],
            source: 'gas law; vapour by Buck (1996)',
          },
          says: `Times its volume. Water boils at ${text(boils, 'C')} there: pieces take longer, their air swells less.`,
        };
      }}
    />
  );
}
