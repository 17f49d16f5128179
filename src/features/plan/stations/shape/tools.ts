import type { Cutter, Mould } from '@/core/kitchen/kitchen';
import type { Plan } from '@/core/plan/document/schema';
import { familyOf } from '@/core/shapes/families';

type Shape = Plan['shape'];

/** Whether a shape's mould is this one, by its measures. */
export const isMould = (shape: Shape, mould: Mould): boolean =>
  shape.sizeMm === mould.pitchMm &&
  shape.rows === mould.rows &&
  shape.columns === mould.columns &&
  shape.pocketMm === mould.pocketMm &&
  shape.depthMm === mould.depthMm &&
  shape.pocket === mould.pocket;

/** The plan made in a mould, with all its measures. */
export const withMould = (plan: Plan, { name, pitchMm, ...mould }: Mould): Plan => ({
  ...plan,
  shape: { ...plan.shape, ...mould, mould: name, sizeMm: pitchMm },
});

/** The plan cut with a cutter: its size, and its edge where the shape has one. */
export const withCutter = (plan: Plan, { mm, edge }: Cutter): Plan => ({
  ...plan,
  shape: {
    ...plan.shape,
    sizeMm: mm,
    ...(familyOf(plan.shape.family).usesEdge && { edge }),
  },
});

/** The plan cut with a wheel, to any size: its edge pressed and fluted or plain as the wheel leaves it. */
export const withWheel = (plan: Plan, { edge }: Cutter): Plan => ({
  ...plan,
  shape: {
    ...plan.shape,
    finish: 'wheel',
    ...(familyOf(plan.shape.family).usesEdge && { edge }),
  },
});

/** Whether a shape is cut with a wheel of this edge. */
export const isWheel = (shape: Shape, { edge }: Cutter): boolean =>
  shape.finish === 'wheel' && (!familyOf(shape.family).usesEdge || shape.edge === edge);
