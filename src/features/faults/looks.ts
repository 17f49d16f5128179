/** How it is dressed: for a page on the board, or at the bench. */
export interface TraceLook {
  readonly key: string;
  readonly chip: string;
  readonly dim: string;
  readonly warn: string;
  readonly card: string;
  readonly drawing: string;
  readonly small: string;
  readonly title: string;
  /** How its two halves stand beside each other. */
  readonly halves: string;
}

/** On a page of the board. */
export const BOARD_LOOK: TraceLook = {
  key: 'btn h-auto min-h-[44px] py-2 whitespace-normal',
  chip: 'btn max-w-full',
  dim: 'text-ink-dim',
  warn: 'text-ochre',
  card: 'grid gap-3 rounded-lg border-[1.5px] border-board-rule p-5',
  drawing: 'h-12 w-16',
  small: 'text-small',
  title: 'font-display text-lead font-semibold',
  halves: 'grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-2 lg:gap-8',
};

/** At the bench: nothing small, nothing that a knuckle misses. */
export const BENCH_LOOK: TraceLook = {
  key: 'bench-key',
  chip: 'bench-chip max-w-full',
  dim: 'bench-dim',
  warn: 'bench-warn',
  card: 'bench-panel',
  drawing: 'h-[72px] w-[96px]',
  small: '',
  title: 'font-bold',
  halves: 'grid grid-cols-[minmax(0,1fr)] gap-6',
};
