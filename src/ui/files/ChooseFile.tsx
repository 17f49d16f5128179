'use client';

import { useRef, type ReactNode } from 'react';

/** A button that lets the reader pick a file of their own. */
export function ChooseFile({
  label,
  accept,
  className = 'btn',
  children,
  onFile,
}: {
  /** What kind of file is wanted. */
  label: string;
  accept: string;
  className?: string;
  children: ReactNode;
  onFile(file: File): void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // The same file may be picked again.
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {children}
      </button>
    </>
  );
}
