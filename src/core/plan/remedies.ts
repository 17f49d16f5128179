import { FINISHES, type Finish } from '../shapes/finish';
import { largestDose, makePiece, smallestSize, type PieceInput } from '../shapes/piece';
import { sheetsOf } from '../sheet/setting';
import type { Plan } from './schema';

/** One change to a plan that lifts its weakest link, with the lowest margin it would leave. */
export type Remedy = Change & { readonly margin: number };

/** A single change a remedy may make. */
export type Change =
  | { readonly kind: 'size'; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'dose'; readonly fromG: number; readonly toG: number }
  | {
      readonly kind: 'thickness';
      readonly fromMm: number;
      readonly toMm: number;
      readonly setting: string;
    }
  | { readonly kind: 'finish'; readonly from: Finish; readonly to: Finish };

/** What a remedy aims at: comfortably past the edge. */
const AIM = 1.2;

/**
 * Remedies for the weakest link, each found by working the piece out again with one thing changed.
 * Only those that help are given, the strongest first.
 * @param springBack how much thicker than the roller's gap a sheet comes out, share
 */
export function remediesFor(plan: Plan, piece: PieceInput, springBack: number): Remedy[] {
  const before = lowestMargin(piece);
  return candidates(plan, piece, springBack)
    .map(({ change, piece: changed }): Remedy => ({ ...change, margin: lowestMargin(changed) }))
    .filter((remedy) => remedy.margin > before + 0.005)
    .sort((a, b) => b.margin - a.margin);
}

/** The plan with one remedy made. In a dead heat what was changed is then held. */
export function applyChange(plan: Plan, change: Change): Plan {
  const { batch, shape, sheet } = plan;
  const hold = (key: 'dose' | 'thickness' | 'size') => ({
    ...batch,
    mayChange: { ...batch.mayChange, [key]: false },
  });
  switch (change.kind) {
    case 'size':
      return { ...plan, shape: { ...shape, sizeMm: change.toMm }, batch: hold('size') };
    case 'dose':
      return { ...plan, shape: { ...shape, doseG: change.toG }, batch: hold('dose') };
    case 'thickness':
      return { ...plan, sheet: { ...sheet, thicknessMm: change.toMm }, batch: hold('thickness') };
    case 'finish':
      return { ...plan, shape: { ...shape, finish: change.to } };
  }
}

const lowestMargin = (piece: PieceInput): number => {
  const { lip, thinning } = makePiece(piece).margins;
  return Math.min(lip, thinning);
};

function candidates(
  plan: Plan,
  piece: PieceInput,
  springBack: number,
): { change: Change; piece: PieceInput }[] {
  const found: { change: Change; piece: PieceInput }[] = [];
  const { sizeMm } = piece.size;
  const toMm = smallestSize(piece, { margin: AIM });
  if (toMm !== null && Math.ceil(toMm) > sizeMm) {
    const wider = Math.ceil(toMm);
    found.push({
      change: { kind: 'size', fromMm: sizeMm, toMm: wider },
      piece: { ...piece, size: { ...piece.size, sizeMm: wider } },
    });
  }
  const halfGrams = (g: number) => Math.floor(g * 2) / 2;
  const least = piece.family.usualDoseG[0];
  const most = halfGrams(largestDose(piece, { margin: AIM, maxG: piece.doseG }));
  // When the lip is not what is short, a gram less still lowers the dome.
  const toG = most < piece.doseG && most >= least ? most : halfGrams(piece.doseG - 1);
  if (toG >= least) {
    found.push({
      change: { kind: 'dose', fromG: piece.doseG, toG },
      piece: { ...piece, doseG: toG },
    });
  }
  const [thin, thick] = piece.family.thicknessBandMm;
  const steps = sheetsOf(plan.sheet.roller, springBack).filter(
    ({ mm }) => mm >= thin - 0.01 && mm <= thick + 0.21,
  );
  for (const { mm, label } of steps) {
    if (mm === piece.thicknessMm) continue;
    found.push({
      change: { kind: 'thickness', fromMm: piece.thicknessMm, toMm: mm, setting: label },
      piece: { ...piece, thicknessMm: mm },
    });
  }
  for (const finish of piece.family.finishes) {
    if (FINISHES[finish].widthMm >= FINISHES[piece.finish].widthMm) continue;
    found.push({
      change: { kind: 'finish', from: piece.finish, to: finish },
      piece: { ...piece, finish },
    });
  }
  return found;
}
