import { familyOf, type FamilyId } from '../shapes/families';
import type { Dimensions } from '../shapes/shape';
import type { Cutter } from './kitchen';

/** A shape by its family and measures. */
type Measured = { readonly family: FamilyId } & Dimensions;

/** What form of cutter a shape is cut with; null when it is cut by wheel, knife or mould. */
export function cutterForm(shape: Measured): Cutter['form'] | null {
  const family = familyOf(shape.family);
  if (family.id === 'stampedRound') return 'stamp';
  const { kind } = family.cut(shape);
  if (kind === 'disc') return 'round';
  const square = family.dimensions.length === 1 && kind === 'rect';
  return square ? 'square' : null;
}

/**
 * A kitchen's cutters that a shape could be cut with, small before large.
 * @example cuttersFor(plan, kitchen.cutters).map(({ mm }) => mm) // [50, 60, 70]
 */
export function cuttersFor(
  { shape }: { readonly shape: Measured },
  cutters: readonly Cutter[],
): Cutter[] {
  const form = cutterForm(shape);
  return cutters.filter((each) => each.form === form).sort((a, b) => a.mm - b.mm);
}
