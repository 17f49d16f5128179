'use client';

import { useState } from 'react';

/** A name edited in place; emptied, it stays as it was. */
export function NameInput({
  label,
  value,
  max = 60,
  className = 'field',
  onChange,
}: {
  label: string;
  value: string;
  max?: number;
  className?: string;
  onChange(name: string): void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      aria-label={label}
      maxLength={max}
      value={draft ?? value}
      className={className}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => {
        if (draft?.trim() && draft.trim() !== value) onChange(draft.trim());
        setDraft(null);
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}
