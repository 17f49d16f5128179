'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { Toaster } from 'sonner';
import type { UnitPreferences } from '@/core/units/units';
import { CommandsProvider, useCommands, type Command } from '../commands/commands';
import { UnitsProvider } from '../units/UnitsContext';

const CommandPalette = dynamic(() => import('../commands/CommandPalette'), { ssr: false });
const ShortcutList = dynamic(() => import('../commands/ShortcutList'), { ssr: false });

export type Theme = 'system' | 'light' | 'dark';

interface ChromeValue {
  readonly theme: Theme;
  setTheme(theme: Theme): void;
  openPalette(): void;
  openShortcuts(): void;
}

const Context = createContext<ChromeValue | null>(null);

/** What every page shares: units, theme, commands, short messages. */
export function Chrome({
  units,
  theme: startingTheme,
  children,
}: {
  units: UnitPreferences;
  theme: Theme;
  children: ReactNode;
}) {
  return (
    <UnitsProvider initial={units}>
      <CommandsProvider>
        <ChromeInside startingTheme={startingTheme}>{children}</ChromeInside>
      </CommandsProvider>
    </UnitsProvider>
  );
}

function ChromeInside({ startingTheme, children }: { startingTheme: Theme; children: ReactNode }) {
  const router = useRouter();
  const [theme, set] = useState(startingTheme);
  const [open, setOpen] = useState<'palette' | 'shortcuts' | null>(null);
  const value = useMemo<ChromeValue>(
    () => ({
      theme,
      setTheme(next) {
        set(next);
        document.documentElement.dataset.theme = next;
        document.cookie = `theme=${next}; path=/; max-age=${365 * 24 * 3600}; samesite=lax`;
      },
      openPalette: () => setOpen('palette'),
      openShortcuts: () => setOpen('shortcuts'),
    }),
    [theme],
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
        id: 'go-kitchen',
        label: 'Go to the kitchen',
        group: 'Anywhere',
        run: () => router.push('/kitchen'),
      },
      { id: 'theme-light', label: 'Light', group: 'Look', run: () => value.setTheme('light') },
      { id: 'theme-dark', label: 'Dark', group: 'Look', run: () => value.setTheme('dark') },
    ],
    [router, value],
  );
  useCommands(commands);
  return (
    <Context.Provider value={value}>
      {children}
      {open === 'palette' && <CommandPalette onClose={() => setOpen(null)} />}
      {open === 'shortcuts' && <ShortcutList onClose={() => setOpen(null)} />}
      <Toaster
        position="bottom-center"
        toastOptions={{
          style: {
            background: 'var(--ink)',
            color: 'var(--board)',
            border: 'none',
            fontFamily: 'var(--font-text)',
            fontSize: '1rem',
          },
          actionButtonStyle: {
            minHeight: 36,
            fontSize: '1rem',
            background: 'var(--board)',
            color: 'var(--ink)',
          },
        }}
      />
    </Context.Provider>
  );
}

/** Theme, and what opens from the bar. */
export function useChrome(): ChromeValue {
  const value = useContext(Context);
  if (!value) throw new Error('useChrome needs a Chrome above it');
  return value;
}
