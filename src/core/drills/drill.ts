import type { GlossaryId } from '../glossary';
import type { Roller } from '../sheet/roller';
import type { FigureUnit } from '../working/working';

/** A piece in section: a cap of filling between two faces. Millimetres. */
export interface DrawnPiece {
  readonly name: string;
  readonly halfMm: number;
  readonly moundMm: number;
  readonly heightMm: number;
  readonly thicknessMm: number;
}

/** What is shown. Each has words beside it that carry as much. */
export type Picture =
  | { readonly kind: 'light'; readonly thicknessMm: number; readonly over: 'hand' | 'print' }
  | {
      readonly kind: 'mound';
      readonly radiusMm: number;
      readonly heightMm: number;
      readonly spoonMl: number;
    }
  | { readonly kind: 'pieces'; readonly pieces: readonly DrawnPiece[] }
  | {
      readonly kind: 'dough';
      readonly dent: 'jumps' | 'creeps' | 'stays';
      readonly fold: 'cracks' | 'bends' | 'tacks';
      readonly streaks: boolean;
    }
  /** A spoonful on a plate, from above, and the ring it should fill. */
  | {
      readonly kind: 'spread';
      readonly diameterMm: number;
      readonly meantMm: number;
      readonly wet: boolean;
    }
  | { readonly kind: 'bowls'; readonly doughG: number; readonly fillingG: number }
  | { readonly kind: 'pot'; readonly floatS: number }
  | { readonly kind: 'sheet'; readonly pieces: number; readonly ofPieces: number };

/** How it is answered. */
export type Asked =
  | {
      readonly kind: 'number';
      readonly label: string;
      readonly unit: FigureUnit;
      readonly min: number;
      readonly max: number;
      readonly step: number;
    }
  | {
      readonly kind: 'choice';
      readonly choices: readonly { readonly id: string; readonly says: string }[];
    }
  /** By lifting it out while a clock runs, seconds. */
  | { readonly kind: 'moment'; readonly untilS: number };

/** An exercise: what is seen, what is asked, and the model's own answer with its working. */
export interface Drill {
  readonly kind: DrillId;
  readonly seed: number;
  readonly asks: string;
  /** The picture in words. */
  readonly sees: string;
  readonly picture: Picture;
  readonly asked: Asked;
  /** Right from here to there, in the unit asked; or the name of the right choice. */
  readonly right: { readonly from: number; readonly to: number; readonly best: number } | string;
  /** The right answer in words, and how it comes. */
  readonly working: readonly string[];
}

/** Kinds of exercises. */
export const DRILL_IDS = ['light', 'dose', 'opens', 'hand', 'left', 'now', 'firstSheet'] as const;

export type DrillId = (typeof DRILL_IDS)[number];

/** What a kind of exercise needs to know of the cook's own gear. */
export interface DrillGear {
  readonly roller: Roller;
}

/** A kind of exercise: one file each. */
export interface DrillKind {
  readonly id: DrillId;
  readonly name: string;
  /** What it trains. */
  readonly trains: string;
  /** Words of the craft that it uses and a home cook may not know. */
  readonly words: readonly GlossaryId[];
  make(seed: number, gear: DrillGear): Omit<Drill, 'kind' | 'seed'>;
}

/** What an answer was worth. */
export interface Marked {
  readonly right: boolean;
  /** How far off a number was, as a share of the right one; null for a choice. */
  readonly off: number | null;
}

/**
 * Marks an answer.
 * @param given a number in the unit asked, or the name of a choice
 */
export function mark({ right }: Pick<Drill, 'right'>, given: number | string): Marked {
  if (typeof right === 'string') return { right: given === right, off: null };
  const value = Number(given);
  return {
    right: value >= right.from && value <= right.to,
    off: right.best === 0 ? null : value / right.best - 1,
  };
}

/** Right within a share of it either way. */
export const near = (best: number, share: number): { from: number; to: number; best: number } => ({
  from: best * (1 - share),
  to: best * (1 + share),
  best,
});

/** A figure as it is said, to so many digits after the point. */
export const said = (value: number, places = 0): string => value.toFixed(places);

/** Seconds as a clock shows them. `clock(95)` → `'1:35'` */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`;
