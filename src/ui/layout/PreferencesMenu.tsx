'use client';

import { Popover } from 'radix-ui';
import { useUnits } from '../units/UnitsContext';
import { later } from './later';

const PreferencesPanel = later(() => import('./PreferencesPanel'), 'Fetching…');

/** Units and look, kept for this user. */
export function PreferencesMenu() {
  const { units } = useUnits();
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
          <PreferencesPanel />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
