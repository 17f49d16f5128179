'use client';

import { useRef, useState } from 'react';
import { useUnits } from '../units/UnitsContext';
import { later } from './later';

const PreferencesPanel = later(() => import('./PreferencesPanel'));

/** Units and look, kept for this user. */
export function PreferencesMenu() {
  const { units } = useUnits();
  const own = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const brief = `${units.system === 'us' ? 'oz · in' : 'g · mm'} · °${units.temperature}`;
  return (
    <>
      <button
        ref={own}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        className="btn-slate"
        aria-label={`Units and look: ${brief}`}
        onClick={() => setOpen(!open)}
      >
        <span className="max-sm:hidden">{brief}</span>
        <span className="sm:hidden">{units.system === 'us' ? 'oz' : 'g'}</span>
      </button>
      {open && <PreferencesPanel anchor={own} onClose={() => setOpen(false)} />}
    </>
  );
}
