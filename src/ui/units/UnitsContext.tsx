'use client';

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { figureText, formatFigure, spoonText } from '@/core/units/format';
import type { UnitPreferences } from '@/core/units/preferences';
import { sentenceText } from '@/core/units/sentence';
import { METRIC } from '@/core/units/units';
import type { FigureUnit } from '@/core/working/working';
import { keepPreference } from '../browser/keepPreference';

interface UnitsValue {
  readonly units: UnitPreferences;
  setUnits(units: UnitPreferences): void;
}

const Context = createContext<UnitsValue>({ units: METRIC, setUnits: () => {} });

/** Holds the user's units and keeps them in a cookie, so that the next page starts in them. */
export function UnitsProvider({
  initial,
  children,
}: {
  initial: UnitPreferences;
  children: ReactNode;
}) {
  const [units, set] = useState(initial);
  const setUnits = useCallback((next: UnitPreferences) => {
    set(next);
    keepPreference('units', JSON.stringify(next));
  }, []);
  const value = useMemo(() => ({ units, setUnits }), [units, setUnits]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** The user's units, and ways to write figures in them. */
export function useUnits() {
  const { units, setUnits } = useContext(Context);
  return useMemo(
    () => ({
      units,
      setUnits,
      /** `text(0.8, 'mm')` → `'0.80 mm'` */
      text: (value: number, unit: FigureUnit) => figureText(value, unit, units),
      split: (value: number, unit: FigureUnit) => formatFigure(value, unit, units),
      spoons: (ml: number) => spoonText(ml, units),
      /** A sentence of the core with its figures written. */
      sentence: (words: string) =>
        sentenceText(words, (value, unit) => figureText(value, unit, units)),
    }),
    [units, setUnits],
  );
}
