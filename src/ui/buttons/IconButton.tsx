import type { ReactNode, Ref } from 'react';

export interface IconButtonProps {
  /** Its name, seen where there is room and always heard. */
  readonly label: string;
  /** Key that does the same, for its tip. */
  readonly keys?: string;
  /** Shows the label beside the sign where there is room. */
  readonly words?: boolean;
  readonly on?: 'slate' | 'board';
  /** Nothing to do at present. It keeps its place in the order of the keys and says so when asked. */
  readonly resting?: boolean;
  readonly className?: string;
  readonly ref?: Ref<HTMLButtonElement>;
  /** Marks it for what looks for it. */
  readonly 'data-remove'?: boolean;
  onClick(): void;
  readonly children: ReactNode;
}

/** A button that is a sign. One that rests stays where the focus is, so that nothing is lost under a finger. */
export function IconButton({
  label,
  keys,
  words = false,
  on = 'board',
  resting = false,
  className = '',
  ref,
  onClick,
  children,
  ...marks
}: IconButtonProps) {
  return (
    <button
      {...marks}
      ref={ref}
      type="button"
      className={`${on === 'slate' ? 'btn-slate' : 'btn-icon'} ${className}`}
      aria-label={label}
      title={keys ? `${label} (${keys})` : label}
      aria-disabled={resting || undefined}
      onClick={() => !resting && onClick()}
    >
      {children}
      {words && <span className="max-xl:hidden">{label}</span>}
    </button>
  );
}
