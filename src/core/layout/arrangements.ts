import { TRIANGLE_HEIGHT, type Cut } from './cut';

/** How blanks are set out on a sheet. */
export type ArrangementId =
  | 'grid'
  | 'turned'
  | 'rowsAlong'
  | 'rowsAcross'
  | 'offset'
  | 'mirroredAlong'
  | 'mirroredAcross'
  | 'blocks'
  | 'blocksTurned';

/** What an arrangement is called. */
export const ARRANGEMENT_NAMES: Readonly<Record<ArrangementId, string>> = {
  grid: 'on a straight grid',
  turned: 'on a straight grid, turned',
  rowsAlong: 'in nested rows along the sheet',
  rowsAcross: 'in nested rows across the sheet',
  offset: 'in offset rows spread to its width',
  mirroredAlong: 'mirrored, in rows along the sheet',
  mirroredAcross: 'mirrored, in rows across the sheet',
  blocks: 'by the mould',
  blocksTurned: 'by the mould, turned',
};

/** One blank (or block) of a stack: its middle, and how it is turned, degrees. */
export interface Item {
  /** Along the sheet, from the stack's line. */
  readonly dx: number;
  /** Across the sheet, from its lower edge. */
  readonly y: number;
  readonly turn: 0 | 90 | 180 | 270;
}

/**
 * A pattern that repeats along a sheet of one width: stacks of blanks across it, `stepMm` apart, even
 * and odd ones in turn. Its count on any length has a closed form.
 */
export interface Arrangement {
  readonly id: ArrangementId;
  readonly stepMm: number;
  readonly even: readonly Item[];
  readonly odd: readonly Item[];
  /** From the first stack's line back, and from the last on, mm. */
  readonly halfMm: number;
  /** Of the width, from first blank to last, mm. */
  readonly acrossMm: number;
  /** Pieces in one item: 1, or the pockets of a block. */
  readonly perItem: number;
}

/** Rounding noise that must not cost a blank. */
const EPSILON = 1e-9;

/** How many of a size fit in a room with a gap between. Law. */
const fit = (roomMm: number, sizeMm: number, stepMm: number): number =>
  roomMm + EPSILON < sizeMm ? 0 : 1 + Math.floor((roomMm - sizeMm) / stepMm + EPSILON);

/** So many in a row, each with its middle. */
const row = (count: number, firstMm: number, stepMm: number, turn: Item['turn'] = 0): Item[] =>
  Array.from({ length: count }, (_, i) => ({ dx: 0, y: firstMm + i * stepMm, turn }));

/**
 * Stacks that fit in a length. Law.
 * @example stacksIn(grid55, 420) // 7
 */
export function stacksIn({ halfMm, stepMm, odd }: Arrangement, lengthMm: number): number {
  const stacks = fit(lengthMm, 2 * halfMm, stepMm);
  // A last stack that holds nothing is none.
  return odd.length === 0 && stacks % 2 === 0 && stacks > 0 ? stacks - 1 : stacks;
}

/** Blanks in so many stacks. Law. */
export const blanksIn = ({ even, odd, perItem }: Arrangement, stacks: number): number =>
  (Math.ceil(stacks / 2) * even.length + Math.floor(stacks / 2) * odd.length) * perItem;

/** Length that so many stacks take, mm. Law. */
export const lengthOfStacks = ({ halfMm, stepMm }: Arrangement, stacks: number): number =>
  stacks < 1 ? 0 : 2 * halfMm + (stacks - 1) * stepMm;

/** Every arrangement of a cut on a sheet of a width; empty when not one fits across. Law (geometry). */
export function arrangementsOf(cut: Cut, widthMm: number, gapMm: number): Arrangement[] {
  const found =
    cut.kind === 'rect'
      ? rectangles(cut, widthMm, gapMm)
      : cut.kind === 'disc'
        ? discs(cut.diameterMm, widthMm, gapMm)
        : cut.kind === 'triangle'
          ? triangles(cut.sideMm, widthMm, gapMm)
          : blocks(cut, widthMm, gapMm);
  return found.filter(({ even }) => even.length > 0);
}

/** The arrangement that cuts most from a length; of equals, the one that takes least of it. */
export function bestArrangement(
  arrangements: readonly Arrangement[],
  lengthMm: number,
): Arrangement | null {
  let best: { arrangement: Arrangement; count: number; usedMm: number } | null = null;
  for (const arrangement of arrangements) {
    const stacks = stacksIn(arrangement, lengthMm);
    const count = blanksIn(arrangement, stacks);
    const usedMm = lengthOfStacks(arrangement, stacks);
    if (
      count > 0 &&
      (!best || count > best.count || (count === best.count && usedMm < best.usedMm - EPSILON))
    ) {
      best = { arrangement, count, usedMm };
    }
  }
  return best?.arrangement ?? null;
}

/** A straight grid of boxes; `turn` as each lies. */
function grid(
  id: ArrangementId,
  { alongMm, acrossMm }: { alongMm: number; acrossMm: number },
  widthMm: number,
  gapMm: number,
  { turn = 0, perItem = 1 }: { turn?: Item['turn']; perItem?: number } = {},
): Arrangement {
  const count = fit(widthMm, acrossMm, acrossMm + gapMm);
  const items = row(count, acrossMm / 2, acrossMm + gapMm, turn);
  return {
    id,
    stepMm: alongMm + gapMm,
    even: items,
    odd: items,
    halfMm: alongMm / 2,
    acrossMm: count * (acrossMm + gapMm) - gapMm,
    perItem,
  };
}

function rectangles(
  cut: Extract<Cut, { kind: 'rect' }>,
  widthMm: number,
  gapMm: number,
): Arrangement[] {
  const straight = grid('grid', cut, widthMm, gapMm);
  if (!cut.turnable || cut.alongMm === cut.acrossMm) return [straight];
  const turned = { alongMm: cut.acrossMm, acrossMm: cut.alongMm };
  return [straight, grid('turned', turned, widthMm, gapMm, { turn: 90 })];
}

function blocks(
  cut: Extract<Cut, { kind: 'block' }>,
  widthMm: number,
  gapMm: number,
): Arrangement[] {
  const perItem = cut.rows * cut.columns;
  const box = {
    alongMm: cut.columns * cut.pitchMm + 2 * cut.rimMm,
    acrossMm: cut.rows * cut.pitchMm + 2 * cut.rimMm,
  };
  const turned = { alongMm: box.acrossMm, acrossMm: box.alongMm };
  const straight = grid('blocks', box, widthMm, gapMm, { perItem });
  if (cut.rows === cut.columns) return [straight];
  return [straight, grid('blocksTurned', turned, widthMm, gapMm, { turn: 90, perItem })];
}

function discs(diameterMm: number, widthMm: number, gapMm: number): Arrangement[] {
  const box = { alongMm: diameterMm, acrossMm: diameterMm };
  const pitch = diameterMm + gapMm;
  const half = diameterMm / 2;
  const found = [grid('grid', box, widthMm, gapMm)];
  if (widthMm + EPSILON < diameterMm) return [];

  // Rows along the sheet, every other one half a pitch on: in stacks half a pitch apart.
  const rise = pitch * TRIANGLE_HEIGHT;
  const rows = fit(widthMm, diameterMm, rise);
  const all = row(rows, half, rise);
  found.push({
    id: 'rowsAlong',
    stepMm: pitch / 2,
    even: all.filter((_, i) => i % 2 === 0),
    odd: all.filter((_, i) => i % 2 === 1),
    halfMm: half,
    acrossMm: (rows - 1) * rise + diameterMm,
    perItem: 1,
  });

  // Rows across the sheet, nested at the pitch.
  const most = fit(widthMm, diameterMm, pitch);
  const set = fit(widthMm - pitch / 2, diameterMm, pitch);
  found.push({
    id: 'rowsAcross',
    stepMm: rise,
    even: row(most, half, pitch),
    odd: row(set, half + pitch / 2, pitch),
    halfMm: half,
    acrossMm: Math.max(most * pitch - gapMm, set > 0 ? pitch / 2 + set * pitch - gapMm : 0),
    perItem: 1,
  });

  // The same spread over the whole width: rows then lie closer. With as many in each row, or one less.
  const spread = (count: number, odd: number, apart: number) => {
    if (apart < pitch - EPSILON) return;
    // Rows two apart stand at the same places, so no closer than half a pitch.
    const step = Math.max(pitch / 2, Math.sqrt(Math.max(0, pitch ** 2 - (apart / 2) ** 2)));
    found.push({
      id: 'offset',
      stepMm: step,
      even: row(count, half, apart),
      odd: row(odd, half + apart / 2, apart),
      halfMm: half,
      acrossMm: widthMm,
      perItem: 1,
    });
  };
  if (most >= 2) spread(most, most - 1, (widthMm - diameterMm) / (most - 1));
  spread(most, most, (widthMm - diameterMm) / (most - 0.5));
  return found;
}

function triangles(sideMm: number, widthMm: number, gapMm: number): Arrangement[] {
  const height = sideMm * TRIANGLE_HEIGHT;
  // A gap square to the slant moves the next one on by gap ÷ sin 60°.
  const next = sideMm / 2 + gapMm / TRIANGLE_HEIGHT;
  const rows = fit(widthMm, height, height + gapMm);
  const along: Arrangement = {
    id: 'mirroredAlong',
    stepMm: next,
    even: row(rows, height / 3, height + gapMm),
    odd: row(rows, (2 * height) / 3, height + gapMm, 180),
    halfMm: sideMm / 2,
    acrossMm: rows * (height + gapMm) - gapMm,
    perItem: 1,
  };
  const inStack = fit(widthMm, sideMm, next);
  const stack = Array.from({ length: inStack }, (_, i): Item => ({
    // Turned a quarter: the middle lies a third of the height in from its base.
    dx: i % 2 ? height / 6 : -height / 6,
    y: sideMm / 2 + i * next,
    turn: i % 2 ? 90 : 270,
  }));
  const across: Arrangement = {
    id: 'mirroredAcross',
    stepMm: height + gapMm,
    even: stack,
    odd: stack,
    halfMm: height / 2,
    acrossMm: inStack > 0 ? sideMm + (inStack - 1) * next : 0,
    perItem: 1,
  };
  return [along, across];
}
