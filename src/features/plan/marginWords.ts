import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { FigureId } from '@/core/plan/workings';
import type { MarginId } from '@/core/risk/margins';
import type { WriteFigure } from '@/core/units/format';

/** What a margin is called, in a list and in a sentence. */
export const MARGIN_NAMES: Readonly<Record<MarginId, string>> = {
  lip: 'lip',
  thinning: 'dough over the top',
  open: 'open sheet',
  seal: 'seal',
  seep: 'the hold',
  lift: 'lifting off',
  burst: 'air in the pot',
  face: 'skin in the pot',
};

/** The figure whose working shows how a margin came about. */
export const MARGIN_FIGURES = {
  lip: 'lipMargin',
  thinning: 'thinningMargin',
  open: 'openTime',
  seal: 'sealMargin',
  seep: 'seepMargin',
  lift: 'liftMargin',
  burst: 'burstMargin',
  face: 'faceMargin',
} as const satisfies Record<MarginId, FigureId>;

/** How it gives way when it stands on the edge. */
const AT_A_SLIP: Readonly<Record<MarginId, string>> = {
  lip: 'opens at a slip of the hand',
  thinning: 'tears at a rough touch',
  open: 'dries at the first delay',
  seal: 'opens where a finger slipped',
  seep: 'sticks at the first delay',
  lift: 'tears at a quick hand',
  burst: 'splits at a lively boil',
  face: 'breaks if forgotten for a minute',
};

/** Bounds of what is to spare, and what a cook calls it. */
const TO_SPARE: readonly (readonly [from: number, words: string])[] = [
  [4, 'ample'],
  [2.75, 'three times over'],
  [1.85, 'twice over'],
  [1.6, 'two thirds to spare'],
  [1.42, 'half again to spare'],
  [1.28, 'a third to spare'],
  [1.15, 'a little to spare'],
];

/**
 * What a margin leaves, as a cook would say it; the number stays in the working.
 * @example spareWords('lip', 1.5) // 'half again to spare'
 * @example spareWords('lip', 1.05) // 'opens at a slip of the hand'
 * @example spareWords('lip', 0.7) // 'a third short'
 */
export function spareWords(id: MarginId, margin: number): string {
  const found = TO_SPARE.find(([from]) => margin >= from);
  if (found) return found[1];
  if (margin >= 1) return AT_A_SLIP[id];
  if (margin >= 0.9) return 'just short';
  if (margin >= 0.72) return 'a quarter short';
  if (margin >= 0.58) return 'a third short';
  return margin >= 0.4 ? 'half of what it needs' : 'far short';
}

/** A figure without its unit, where that has just been said. */
const bare = (figure: string): string => figure.replace(/\s*(mm|in)$/, '');

/** A margin in figures: what there is, what it needs. */
const FIGURES: Readonly<Record<MarginId, (result: PlanResult, write: WriteFigure) => string>> = {
  lip: ({ shape }, write) =>
    shape.lipMm > 0
      ? `Lip ${write(shape.lipMm, 'mm')}, needs ${bare(write(shape.neededLipMm, 'mm'))}`
      : 'No lip at all',
  thinning: ({ shape, working }, write) => {
    const tears = working.thinningMargin.inputs.find(({ name }) => name === 'tears at')?.value;
    return `${write(shape.overTopMm, 'mm')} over the top, tears at ${bare(write(Number(tears), 'mm'))}`;
  },
  open: ({ sheet }, write) =>
    `A sheet stays open ${write(sheet.fill.openMin, 'min')}, takes ${write(sheet.fill.fillMin, 'min')}`,
  seal: ({ margins }) => (margins.seal < 1 ? 'Faces that will not join' : 'The seal'),
  seep: ({ hold }, write) => {
    if (!hold.goodFor) return 'Keeps as long as it is frozen';
    const { minute, by } = hold.goodFor;
    const early = hold.plannedMin - minute;
    if (by === 'tacky' && early > 0) return `Tacky ${write(early, 'min')} before the pot`;
    if (early > 0) return `${write(early, 'min')} past the safe limit`;
    return `Keeps ${write(minute, 'min')}, you need ${write(hold.plannedMin, 'min')}`;
  },
  lift: ({ margins }) => (margins.lift < 1 ? 'Tears when it is lifted' : 'Lifting off the tray'),
  burst: ({ margins }) => (margins.burst < 1 ? 'Air splits it in the pot' : 'Air in the pot'),
  face: ({ boil }, write) =>
    `Skin stands ${write(boil.skinStandsMin, 'min')} in the pot, needs ${write(boil.potMin, 'min')}`,
};

/**
 * A margin in a title and a line.
 * @example marginText('lip', result, write) // { title: 'Lip 7.4 mm, needs 4.8', says: 'Half again to spare.' }
 */
export function marginText(
  id: MarginId,
  result: PlanResult,
  write: WriteFigure,
): { readonly title: string; readonly says: string } {
  const title = FIGURES[id](result, write);
  if (id === 'lip' && result.shape.lipMm <= 0) {
    return { title, says: 'The settled mound runs past the edge: it cannot seal.' };
  }
  const words = spareWords(id, result.margins[id] ?? Infinity);
  return { title, says: `${words[0]?.toUpperCase()}${words.slice(1)}.` };
}
