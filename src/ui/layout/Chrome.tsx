'use client';

import { useRouter } from 'next/navigation';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { UnitPreferences } from '@/core/units/preferences';
import { keepPreference } from '../browser/keepPreference';
import { CommandsProvider, useCommands, useSingleKeys, type Command } from '../commands/commands';
import { UnitsProvider } from '../units/UnitsContext';
import { takeEarly } from './early';
import { FocusHome } from './FocusHome';
import { FreshOnBack } from './FreshOnBack';
import { later } from './later';
import { StepsOfPage } from './StepsOfPage';

const loadPalette = () => import('../commands/CommandPalette');
const CommandPalette = later(loadPalette);
const Messages = later(() => import('./Messages'));
const ShortcutList = later(() => import('../commands/ShortcutList'));

export type Theme = 'system' | 'light' | 'dark';

interface ChromeValue {
  readonly theme: Theme;
  setTheme(theme: Theme): void;
  /** Whether single letters do something. */
  readonly keys: boolean;
  setKeys(on: boolean): void;
  openPalette(): void;
  openShortcuts(): void;
}

const Context = createContext<ChromeValue | null>(null);

/** What every page shares: units, theme, commands, short messages. */
export function Chrome({
  units,
  theme: startingTheme,
  keys: startingKeys,
  children,
}: {
  units: UnitPreferences;
  theme: Theme;
  keys: boolean;
  children: ReactNode;
}) {
  return (
    <UnitsProvider initial={units}>
      <CommandsProvider>
        <ChromeInside startingTheme={startingTheme} startingKeys={startingKeys}>
          {children}
        </ChromeInside>
      </CommandsProvider>
    </UnitsProvider>
  );
}

function ChromeInside({
  startingTheme,
  startingKeys,
  children,
}: {
  startingTheme: Theme;
  startingKeys: boolean;
  children: ReactNode;
}) {
  const router = useRouter();
  const [theme, set] = useState(startingTheme);
  const [keys, setKeys] = useState(startingKeys);
  const [open, setOpen] = useState<'palette' | 'shortcuts' | null>(null);
  const value = useMemo<ChromeValue>(
    () => ({
      theme,
      setTheme(next) {
        set(next);
        document.documentElement.dataset.theme = next;
        keepPreference('theme', next);
      },
      keys,
      setKeys(on) {
        setKeys(on);
        keepPreference('keys', on ? 'on' : 'off');
      },
      openPalette: () => setOpen('palette'),
      openShortcuts: () => setOpen('shortcuts'),
    }),
    [theme, keys],
  );
  const commands = useMemo<Command[]>(
    () => [
      {
        id: 'palette',
        label: 'Commands',
        group: 'Anywhere',
        keys: 'mod+k',
        run: () => setOpen('palette'),
      },
      {
        id: 'keys',
        label: 'Show the keys',
        group: 'Anywhere',
        keys: '?',
        run: () => setOpen('shortcuts'),
      },
      { id: 'go-plans', label: 'Go to plans', group: 'Anywhere', run: () => router.push('/') },
      { id: 'go-new', label: 'New plan', group: 'Anywhere', run: () => router.push('/plans/new') },
      {
        id: 'go-days',
        label: 'Go to the days',
        group: 'Anywhere',
        run: () => router.push('/days'),
      },
      {
        id: 'go-logbook',
        label: 'Go to the logbook',
        group: 'Anywhere',
        run: () => router.push('/logbook'),
      },
      {
        id: 'go-faults',
        label: 'What went wrong?',
        group: 'Anywhere',
        run: () => router.push('/faults'),
      },
      {
        id: 'go-practice',
        label: 'Practice',
        group: 'Anywhere',
        run: () => router.push('/practice'),
      },
      {
        id: 'go-kitchen',
        label: 'Go to the kitchen',
        group: 'Anywhere',
        run: () => router.push('/kitchen'),
      },
      {
        id: 'go-pantry',
        label: 'Go to the pantry',
        group: 'Anywhere',
        run: () => router.push('/kitchen/pantry'),
      },
      {
        id: 'go-shopping',
        label: 'Go to the shopping list',
        group: 'Anywhere',
        run: () => router.push('/shopping'),
      },
      {
        id: 'go-words',
        label: 'Go to the words of the craft',
        group: 'Anywhere',
        run: () => router.push('/words'),
      },
      {
        id: 'go-sums',
        label: 'Go to quick sums',
        group: 'Anywhere',
        run: () => router.push('/sums'),
      },
      { id: 'theme-light', label: 'Light', group: 'Look', run: () => value.setTheme('light') },
      { id: 'theme-dark', label: 'Dark', group: 'Look', run: () => value.setTheme('dark') },
    ],
    [router, value],
  );
  useCommands(commands);
  useSingleKeys(keys);
  useEffect(() => {
    // Now every part of the first page listens, but for those that still wake.
    document.documentElement.dataset.listens = '';
    takeEarly((tell) => {
      const whenAwake = () =>
        document.querySelector('[data-asleep]') ? setTimeout(whenAwake, 50) : void tell();
      setTimeout(whenAwake);
    });
  }, []);
  useEffect(() => {
    // So that the first letters typed after Ctrl K are not lost to a slow line.
    const fetchIt = () => void loadPalette().catch(() => {});
    // Without a line there is nothing to be had: it is fetched when there is one again.
    const timer = setTimeout(() => {
      if (navigator.onLine) fetchIt();
      else window.addEventListener('online', fetchIt, { once: true });
    }, 1500);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', fetchIt);
    };
  }, []);
  return (
    <Context.Provider value={value}>
      {children}
      {open === 'palette' && <CommandPalette onClose={() => setOpen(null)} />}
      {open === 'shortcuts' && <ShortcutList onClose={() => setOpen(null)} />}
      <Messages />
      <FocusHome />
      <FreshOnBack />
      <StepsOfPage />
    </Context.Provider>
  );
}

/** Theme, and what opens from the bar. */
export function useChrome(): ChromeValue {
  const value = useContext(Context);
  if (!value) throw new Error('useChrome needs a Chrome above it');
  return value;
}
