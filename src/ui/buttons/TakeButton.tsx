/**
 * Takes one of several offers. The one in use keeps its button, at rest, so that the focus stays on
 * what was taken.
 */
export function TakeButton({
  word = 'Use',
  usedWord = 'In use',
  what,
  used = false,
  resting = false,
  onTake,
}: {
  word?: string;
  usedWord?: string;
  /** Which of them, for those who hear the page. */
  what: string;
  used?: boolean;
  /** It cannot be taken now. */
  resting?: boolean;
  onTake(): void;
}) {
  return (
    <button
      type="button"
      className={`btn whitespace-nowrap ${used ? 'border-transparent bg-transparent' : ''}`}
      aria-disabled={used || resting || undefined}
      onClick={() => !used && !resting && onTake()}
    >
      {used ? usedWord : word}
      <span className="sr-only"> {what}</span>
    </button>
  );
}
