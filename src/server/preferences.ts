import { cookies, headers } from 'next/headers';
import { clockOf, unitPreferencesSchema, type UnitPreferences } from '@/core/units/preferences';
import { METRIC } from '@/core/units/units';

export type Theme = 'system' | 'light' | 'dark';

const VIEWS = ['phone', 'tablet', 'wide'] as const;

export interface Preferences {
  readonly units: UnitPreferences;
  readonly theme: Theme;
  /** Whether single letters do something. */
  readonly keys: boolean;
  /** The room the page likely has: as the last page found it, else by what the browser says it is. */
  readonly view: (typeof VIEWS)[number];
}

/** The user's units, theme and keys, kept in cookies so that the first paint is already theirs. */
export async function readPreferences(): Promise<Preferences> {
  const jar = await cookies();
  const asked = await headers();
  const theme = jar.get('theme')?.value;
  const lastView = VIEWS.find((view) => view === jar.get('view')?.value);
  return {
    units: readUnits(jar.get('units')?.value, clockOf(asked.get('accept-language') ?? '')),
    theme: theme === 'light' || theme === 'dark' ? theme : 'system',
    keys: jar.get('keys')?.value !== 'off',
    view: lastView ?? (/\bMobi/.test(asked.get('user-agent') ?? '') ? 'phone' : 'wide'),
  };
}

/** @param clock of the reader's language, where none was chosen */
function readUnits(text: string | undefined, clock: UnitPreferences['clock']): UnitPreferences {
  try {
    const kept: unknown = JSON.parse(decodeURIComponent(text ?? ''));
    return unitPreferencesSchema.parse(Object.assign({ clock }, kept));
  } catch {
    return { ...METRIC, clock };
  }
}
