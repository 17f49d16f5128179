import type { Pantry } from '../composition/pantry';
import type { Plan } from '../plan/document/schema';
import { withPart } from '../plan/document/patch';

const isOf =
  (group: 'flour' | 'egg', pantry: Pantry) =>
  ({ id }: { id: string }): boolean =>
    pantry.ingredients.get(id)?.group === group;

/** A dough with so much more water, as a share of its flour. */
export function withWater(plan: Plan, share: number, pantry: Pantry): Plan {
  const flourG = plan.dough.parts.filter(isOf('flour', pantry)).reduce((sum, { g }) => sum + g, 0);
  return withPart(plan, 'dough', {
    parts: [...plan.dough.parts, { id: 'water', g: share * flourG }],
  });
}

/** A dough with so much more flour, as a share of what is in it. */
export const withFlour = (plan: Plan, share: number, pantry: Pantry): Plan =>
  withPart(plan, 'dough', {
    parts: plan.dough.parts.map((part) =>
      isOf('flour', pantry)(part) ? { ...part, g: part.g * (1 + share) } : part,
    ),
  });

/** A dough whose eggs weigh so many times what they should. */
export const withEggs = (plan: Plan, ratio: number, pantry: Pantry): Plan =>
  withPart(plan, 'dough', {
    parts: plan.dough.parts.map((part) =>
      isOf('egg', pantry)(part) ? { ...part, g: part.g * ratio } : part,
    ),
  });

/** A filling that holds so much more water, as a share of its own weight. */
export function withLooseWater(plan: Plan, share: number): Plan {
  const { parts } = plan.filling;
  const massG = parts.reduce((sum, { g, weighedG }) => sum + (weighedG ?? g), 0);
  const { spoonTest: _spoon, towelTest: _towel, yieldStressPa: _pa, ...rest } = plan.filling;
  return {
    ...plan,
    filling: { ...rest, parts: [...parts, { id: 'water', g: share * massG, preparation: 'raw' }] },
  };
}

/** A sheet so many times as thick. */
export const rolledTo = (plan: Plan, ratio: number): Plan =>
  withPart(plan, 'sheet', { thicknessMm: Math.max(0.25, plan.sheet.thicknessMm * ratio) });

/** A hold so many minutes longer, in its last place. */
export function heldLonger(plan: Plan, minutes: number): Plan {
  const { phases } = plan.hold;
  const last = phases.at(-1);
  if (!last) return withPart(plan, 'hold', { phases: [{ place: 'bench', minutes }] });
  return withPart(plan, 'hold', {
    phases: [...phases.slice(0, -1), { ...last, minutes: last.minutes + minutes }],
  });
}
