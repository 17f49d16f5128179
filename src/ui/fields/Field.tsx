import type { ReactNode } from 'react';

/** A control under its name, the way every form of the product sets one. */
export function Field({
  label,
  hint,
  className = '',
  htmlFor,
  children,
}: {
  label: string;
  hint?: ReactNode;
  className?: string;
  /** Of the control inside, where its own words must not run into its name. */
  htmlFor?: string;
  children: ReactNode;
}) {
  return (
    <div className={className}>
      {htmlFor ? (
        <>
          <label htmlFor={htmlFor} className="mb-1 block text-small text-ink-dim">
            {label}
          </label>
          {children}
        </>
      ) : (
        <label className="block">
          <span className="mb-1 block text-small text-ink-dim">{label}</span>
          {children}
        </label>
      )}
      {hint && <p className="mt-1 text-small text-ink-dim">{hint}</p>}
    </div>
  );
}
