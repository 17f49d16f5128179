'use client';

import { Link } from '../layout/Link';
import { GLOSSARY, type GlossaryId } from '@/core/glossary';
import { Anchored, type AnchorRef } from '../layout/Anchored';
import { WordDrawing } from './WordDrawing';

/** What a word means, open beside it. */
export default function TermPopover({
  id,
  anchor,
  onClose,
}: {
  id: GlossaryId;
  anchor: AnchorRef;
  onClose(): void;
}) {
  const { word, says, matters } = GLOSSARY[id];
  return (
    <Anchored
      anchor={anchor}
      label={word}
      className="grid w-[min(21rem,calc(100vw-1.5rem))] gap-2 p-4"
      onClose={onClose}
    >
      <h3>{word}</h3>
      <WordDrawing id={id} />
      <p>{says}</p>
      <p className="text-ink-dim">{matters}</p>
      <Link href="/words" className="link min-h-[44px] content-center text-small">
        All the words
      </Link>
    </Anchored>
  );
}
