import { EGG_WHITE, EGG_WHOLE } from '../../dough/makeup';
import { STREWN } from '../../hold/surfaces';
import { DUSTS } from '../../sheet/dust';
import type { Plan } from './schema';

/** Where an ingredient gets onto the piece. */
export type PiecePart = 'dough' | 'filling' | 'dusting' | 'tray' | 'seal' | 'pan';

/** One ingredient of a piece, and where it is. */
export interface OnPiece {
  readonly part: PiecePart;
  readonly id: string;
  /** The field of the plan that says so. */
  readonly field: string;
}

/** Preparations that are done in a fat, whatever else is in the pan. */
const IN_FAT = new Set([
  'sweat-covered',
  'sweat-open',
  'saute-hard',
  'fry-crumble',
  'pan-cook-drain',
]);

/** What the pan is greased with where nobody says. */
export const USUAL_PAN_FAT = 'oil-olive';

/** Whether some of the filling is cooked in a fat. */
export const cooksInFat = ({ filling }: Plan): boolean =>
  filling.parts.some(({ preparation }) => IN_FAT.has(preparation));

/** The flour that the bench is dusted with; null without. */
export const dustingId = ({ sheet: { dust } }: Plan): string | null =>
  dust.kind === 'none' || dust.gPerKg <= 0 ? null : (dust.id ?? DUSTS[dust.kind].usualId);

/** What the tray is strewn with; null on a bare one, a cloth or a rack. */
export function strewnId(plan: Plan): string | null {
  const { surface, strewn } = plan.hold;
  const usual = STREWN[surface];
  if (usual === undefined) return null;
  // A tray is floured from the same bag as the bench.
  return strewn ?? (surface === 'semolina' ? usual : (dustingId(plan) ?? usual));
}

/** Every ingredient that is in a piece or touches it. What flour a hand works in is the dough's own. */
export function onPiece(plan: Plan): OnPiece[] {
  const { medium } = plan.hold;
  const one = (part: PiecePart, id: string | null, field: string): OnPiece[] =>
    id === null ? [] : [{ part, id, field }];
  return [
    ...plan.dough.parts.map(({ id }, i): OnPiece => ({
      part: 'dough',
      id,
      field: `dough.parts[${i}].id`,
    })),
    ...plan.filling.parts.map(({ id }, i): OnPiece => ({
      part: 'filling',
      id,
      field: `filling.parts[${i}].id`,
    })),
    ...one('dusting', dustingId(plan), 'sheet.dust.id'),
    ...one('tray', strewnId(plan), 'hold.strewn'),
    ...one(
      'seal',
      medium === 'egg' ? EGG_WHOLE : medium === 'eggWhite' ? EGG_WHITE : null,
      'hold.medium',
    ),
    ...one(
      'pan',
      cooksInFat(plan) ? (plan.filling.panFat ?? USUAL_PAN_FAT) : null,
      'filling.panFat',
    ),
  ];
}
