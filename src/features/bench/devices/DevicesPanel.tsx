'use client';

import type { DeviceKind } from '@/core/devices/lines';
import type { Faults } from '@/core/devices/simulated';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { useUnits } from '@/ui/units/UnitsContext';
import { useDevices, type Listening } from './DevicesContext';
import { hasSerial } from './ports';

const LISTEN: readonly (readonly [Listening, string])[] = [
  ['none', 'By hand'],
  ['simulated', 'Simulated devices'],
  ['posted', 'Devices that post'],
  ['serial', 'Serial port'],
];

const DEVICE_NAMES: Readonly<Record<DeviceKind, string>> = {
  scale: 'scale',
  probe: 'probe',
  room: 'room',
};

const FAULT_NAMES: Readonly<Record<keyof Faults, string>> = {
  drift: 'Scale drifts',
  noise: 'Noise',
  drops: 'Lines drop and come late',
  garbage: 'Broken lines',
  repeats: 'Lines come twice',
  unplugged: 'Unplugged',
};

/** What is put on the simulated pan, g. */
const LOADS = [1, 10, 100, 500] as const;

/** Which devices are listened to, what they show, and the simulated ones' own bench. */
export function DevicesPanel() {
  const { listening, listen, trouble, watch, reading } = useDevices();
  const { text } = useUnits();
  const serial = useInBrowser(hasSerial, false);
  return (
    <section aria-label="Devices" className="bench-panel">
      <div className="bench-keys" role="group" aria-label="Listen to">
        {LISTEN.filter(([id]) => id !== 'serial' || serial).map(([id, name]) => (
          <button
            key={id}
            type="button"
            aria-pressed={listening === id}
            className="bench-key"
            onClick={() => listen(id)}
          >
            <b>{name}</b>
          </button>
        ))}
      </div>
      {trouble && (
        <p role="alert" className="bench-warn">
          {trouble}
        </p>
      )}
      {listening !== 'none' && (
        <>
          <p>
            {(['scale', 'probe', 'room'] as const)
              .map((kind) => {
                const shown = reading(kind);
                const value = shown && text(shown.value, kind === 'scale' ? 'g' : 'C');
                return `${DEVICE_NAMES[kind]} ${value ? `${value}${shown.steady ? '' : ' …'}` : 'silent'}`;
              })
              .join(' · ')}
          </p>
          <p className="bench-dim">
            {watch.good} lines taken in; {watch.bad} broken
            {watch.why && ` (${watch.why})`}, {watch.stale} late or repeated: none of those is
            trusted.
          </p>
        </>
      )}
      {listening === 'simulated' && <Simulated />}
    </section>
  );
}

function Simulated() {
  const { simulated, faults, setSimulated, setFaults } = useDevices();
  const { text } = useUnits();
  return (
    <>
      <p className="bench-warn">
        <b>Simulated.</b> No scale, probe or sensor is connected: these figures are made up.
      </p>
      <p>
        On the pan: {text(simulated.panG, 'g')}
        {simulated.taredG !== 0 && `, ${text(simulated.taredG, 'g')} tared away`}
      </p>
      <div className="bench-keys" role="group" aria-label="The pan">
        {LOADS.map((g) => (
          <button
            key={g}
            type="button"
            className="bench-key"
            onClick={() => setSimulated({ panG: simulated.panG + g })}
          >
            <b>+ {g} g</b>
          </button>
        ))}
        <button type="button" className="bench-key" onClick={() => setSimulated({ panG: 0 })}>
          <b>Empty it</b>
        </button>
        <button
          type="button"
          className="bench-key"
          onClick={() => setSimulated({ taredG: simulated.panG })}
        >
          <b>Tare</b>
        </button>
      </div>
      <div className="bench-keys" role="group" aria-label="What goes wrong">
        {(Object.keys(FAULT_NAMES) as (keyof Faults)[]).map((id) => (
          <button
            key={id}
            type="button"
            aria-pressed={faults[id]}
            className="bench-key"
            onClick={() => setFaults({ [id]: !faults[id] })}
          >
            <b>{FAULT_NAMES[id]}</b>
          </button>
        ))}
      </div>
    </>
  );
}
