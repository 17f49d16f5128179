'use client';

import { Popover } from 'radix-ui';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { Choice } from '../fields/Choice';
import { useUnits } from '../units/UnitsContext';
import { useChrome, type Theme } from './Chrome';

/** Units and look, kept for this user. */
export function PreferencesMenu() {
  const { units, setUnits } = useUnits();
  const { theme, setTheme } = useChrome();
  const brief = `${units.system === 'us' ? 'oz · in' : 'g · mm'} · °${units.temperature}`;
  return (
    <Popover.Root>
      <Popover.Trigger className="btn-slate" aria-label={`Units and look: ${brief}`}>
        <span className="max-sm:hidden">{brief}</span>
        <span className="sm:hidden">{units.system === 'us' ? 'oz' : 'g'}</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={10}
          aria-label="Units and look"
          className="popover grid w-[min(20rem,calc(100vw-1.5rem))] gap-4 p-4"
        >
          <Choice
            label="Weights and lengths"
            value={units.system}
            options={[
              { value: 'metric', label: 'g, mm' },
              { value: 'us', label: 'oz, in' },
            ]}
            onChange={(system) => setUnits(system === 'us' ? US_CUSTOMARY : METRIC)}
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
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
