'use client';

import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { Choice } from '../fields/Choice';
import { useUnits } from '../units/UnitsContext';
import { Anchored, type AnchorRef } from './Anchored';
import { useChrome, type Theme } from './Chrome';

/** The choices of units and look. */
export default function PreferencesPanel({
  anchor,
  onClose,
}: {
  anchor: AnchorRef;
  onClose(): void;
}) {
  const { units, setUnits } = useUnits();
  const { theme, setTheme, keys, setKeys } = useChrome();
  return (
    <Anchored
      anchor={anchor}
      label="Units and look"
      className="grid w-[min(20rem,calc(100vw-1.5rem))] gap-4 p-4"
      onClose={onClose}
    >
      <Choice
        label="Weights and lengths"
        value={units.system}
        options={[
          { value: 'metric', label: 'g, mm' },
          { value: 'us', label: 'oz, in' },
        ]}
        onChange={(system) =>
          setUnits({ ...(system === 'us' ? US_CUSTOMARY : METRIC), clock: units.clock })
        }
      />
      <Choice
        label="Temperatures"
        value={units.temperature}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
        onChange={(temperature) => setUnits({ ...units, temperature })}
      />
      <Choice
        label="Spoons"
        value={units.spoons}
        options={[
          { value: 'metric', label: '5 ml' },
          { value: 'us', label: '4.9 ml' },
          { value: 'none', label: 'none' },
        ]}
        onChange={(spoons) => setUnits({ ...units, spoons })}
      />
      <Choice
        label="Clock"
        value={units.clock}
        options={[
          { value: '24', label: '19:00' },
          { value: '12', label: '7:00 PM' },
        ]}
        onChange={(clock) => setUnits({ ...units, clock })}
      />
      <Choice<Theme>
        label="Look"
        value={theme}
        options={[
          { value: 'system', label: 'As device' },
          { value: 'light', label: 'Light' },
          { value: 'dark', label: 'Dark' },
        ]}
        onChange={setTheme}
      />
      <Choice
        label="Single keys, such as C for the card"
        value={keys ? 'on' : 'off'}
        options={[
          { value: 'on', label: 'On' },
          { value: 'off', label: 'Off' },
        ]}
        onChange={(next) => setKeys(next === 'on')}
      />
    </Anchored>
  );
}
