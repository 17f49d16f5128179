'use client';

import { useRef, useState } from 'react';
import { GLOSSARY, type GlossaryId } from '@/core/glossary';
import { later } from '../layout/later';

const TermPopover = later(() => import('./TermPopover'));

/** A word of the craft that says what it means when it is touched. */
export function Term({ id }: { id: GlossaryId }) {
  const own = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        ref={own}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        className="inline-flex min-h-[44px] min-w-[44px] items-center underline decoration-dotted decoration-1 underline-offset-4 hover:decoration-solid"
        onClick={() => setOpen(!open)}
      >
        {GLOSSARY[id].word}
        <span className="sr-only"> what is that?</span>
      </button>
      {open && <TermPopover id={id} anchor={own} onClose={() => setOpen(false)} />}
    </>
  );
}
