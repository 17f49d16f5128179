import type { ReactNode } from 'react';

/** A button in words. One that rests keeps its place and the focus, and does nothing. */
export function Button({
  strong = false,
  resting = false,
  submits = false,
  className = '',
  onClick,
  children,
}: {
  strong?: boolean;
  resting?: boolean;
  /** Sends the form it stands in. */
  submits?: boolean;
  className?: string;
  onClick?(): void;
  children: ReactNode;
}) {
  return (
    <button
      type={submits ? 'submit' : 'button'}
      className={`btn ${strong ? 'btn-strong' : ''} ${className}`}
      aria-disabled={resting || undefined}
      onClick={(event) => {
        if (resting) event.preventDefault();
        else onClick?.();
      }}
    >
      {children}
    </button>
  );
}
