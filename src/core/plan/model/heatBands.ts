import type { Rules } from '../../basis/rules';
import { familyOf } from '../../shapes/families';
import { againstBand } from '../../sheet/band';
import { sheetsOf } from '../../sheet/setting';
import type { Plan } from '../document/schema';

/** A third either way is as far as a cook would call it the same piece. */
const REACH = 0.33;

/** Thicknesses a dead heat may take, mm: what the dial's steps leave inside the shape's band. */
export function thicknessesOf({ shape, sheet }: Plan, springBack: number, rules: Rules): number[] {
  const band = familyOf(shape.family).thicknessBandMm;
  return sheetsOf(sheet.roller, springBack)
    .map(({ mm }) => mm)
    .filter((mm) => againstBand(mm, band, rules) === 'in');
}

/** Blanks a dead heat may take, whole millimetres; none for a mould, which is as it is. */
export function sizesOf({ shape }: Plan): number[] {
  const { id, dimensions } = familyOf(shape.family);
  const [size] = dimensions;
  if (!size || id === 'mouldedRavioli') return [];
  const first = Math.ceil(Math.max(size.minMm, shape.sizeMm * (1 - REACH)));
  const last = Math.floor(Math.min(size.maxMm, shape.sizeMm * (1 + REACH)));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
}
