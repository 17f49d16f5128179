'use client';

import type { ReactNode } from 'react';
import { useAnswering } from './useAnswering';

/** Yes or no, with the whole of its line to touch. */
export function CheckField({
  label,
  checked,
  onChange,
  children,
  className = '',
}: {
  label: ReactNode;
  checked: boolean;
  onChange(checked: boolean): void;
  /** Stands beside the label, inside the same line. */
  children?: ReactNode;
  className?: string;
}) {
  const [shown, ask] = useAnswering(checked);
  return (
    <label className={`flex min-h-[44px] items-center gap-2 ${className}`}>
      <input
        type="checkbox"
        className="h-5 w-5 shrink-0 accent-[var(--ink)]"
        checked={shown}
        onChange={(event) => {
          ask(event.target.checked);
          onChange(event.target.checked);
        }}
      />
      {label}
      {children}
    </label>
  );
}
