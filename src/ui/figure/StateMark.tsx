import type { State } from '@/core/basis/state';

/** A state's mark and word: colour never speaks alone. */
export const STATE_WORDS: Record<State, { mark: string; word: string }> = {
  holds: { mark: '✓', word: 'holds' },
  edge: { mark: '▲', word: 'on the edge' },
  fails: { mark: '✕', word: 'fails' },
};

const ON_BOARD: Record<State, string> = {
  holds: 'text-verdigris',
  edge: 'text-ochre',
  fails: 'text-brick',
};

const ON_SLATE: Record<State, string> = {
  holds: 'text-[var(--verdigris-slate)]',
  edge: 'text-[var(--ochre-slate)]',
  fails: 'text-[var(--brick-slate)]',
};

/** The mark of a state, with its word for those who hear the page. */
export function StateMark({
  state,
  slate = false,
  said = false,
}: {
  state: State;
  slate?: boolean;
  /** Its word stands beside it in sight: it is not said twice. */
  said?: boolean;
}) {
  const { mark, word } = STATE_WORDS[state];
  return (
    <span className={`${slate ? ON_SLATE[state] : ON_BOARD[state]} font-bold`}>
      <span aria-hidden>{mark}</span>
      {!said && <span className="sr-only">{word}</span>}
    </span>
  );
}
