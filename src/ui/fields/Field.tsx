import type { ReactNode } from 'react';

/** A control under its name, the way every form of the product sets one. */
export function Field({
  label,
  hint,
  className = '',
  children,
}: {
  label: string;
  hint?: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  return (
    <div className={className}>
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">{label}</span>
        {children}
      </label>
      {hint && <p className="mt-1 text-small text-ink-dim">{hint}</p>}
    </div>
  );
}
