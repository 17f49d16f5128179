import type * as z from 'zod';
import { findIngredient, findPreparation, type Pantry } from '../../composition/pantry';
import { FieldError } from '../../range';
import { familyOf } from '../../shapes/families';
import { onPiece } from './onPiece';
import { composeFilling } from './recipe';
import { asPlanCheck, PlanError } from './planError';
import { UPGRADES, upgradeDocument } from './upgrade';
import { PLAN_FORMAT, PLAN_VERSION, planSchema, type Plan } from './schema';

/**
 * Reads an unknown value as a plan, filling defaults in and checking every id and amount.
 * @throws PlanError with one message, naming the first bad field and what it allows
 */
export function parsePlan(document: unknown, pantry: Pantry): Plan {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    throw new PlanError('plan: must be an object, a plan document');
  }
  if ((document as { format?: unknown }).format !== PLAN_FORMAT) {
    throw new PlanError(`format: must be "${PLAN_FORMAT}"`, 'format');
  }
  const upgraded = upgradeDocument(document as Record<string, unknown>, {
    upgrades: UPGRADES,
    to: PLAN_VERSION,
  });
  const parsed = planSchema.safeParse(upgraded);
  if (!parsed.success) {
    const { path, message } = firstIssue(parsed.error);
    throw new PlanError(path ? `${path}: ${message}` : message, path);
  }
  asPlanCheck(() => checkAgainstPantry(parsed.data, pantry));
  return parsed.data;
}

/** The first thing wrong, with its path as `batch.portions` or `dough.parts[1].g`. */
export function firstIssue(error: z.ZodError): { path: string; message: string } {
  const issue = error.issues[0];
  return issue
    ? { path: dotted(issue.path), message: issue.message }
    : { path: '', message: 'not readable' };
}

const dotted = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  );

/** What the schema cannot know: ids, preparations that suit, weighed results that are possible, sizes of this shape. */
function checkAgainstPantry(plan: Plan, pantry: Pantry): void {
  plan.dough.parts.forEach((part, i) => findIngredient(pantry, part.id, `dough.parts[${i}].id`));
  const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
  if (!plan.dough.parts.some((part) => part.g > 0 && isFlour(part.id))) {
    throw new FieldError('dough.parts', 'must hold at least one flour, more than 0 g');
  }
  if (plan.dough.yolkG >= plan.dough.eggG) {
    throw new FieldError(
      'dough.yolkG',
      `must be less than the whole egg, ${plan.dough.eggG} g, not ${plan.dough.yolkG}`,
    );
  }
  plan.filling.parts.forEach((part, i) => {
    const at = `filling.parts[${i}]`;
    findIngredient(pantry, part.id, `${at}.id`);
    findPreparation(pantry, part.preparation, part.id, `${at}.preparation`);
  });
  composeFilling(plan.filling, pantry);
  const { towelTest } = plan.filling;
  if (towelTest && towelTest.wetG > towelTest.spoonfulG) {
    throw new FieldError(
      'filling.towelTest.wetG',
      `must be at most the spoonful, ${towelTest.spoonfulG} g, not ${towelTest.wetG}`,
    );
  }
  if (!plan.filling.parts.some((part) => (part.weighedG ?? part.g) > 0)) {
    throw new FieldError('filling.parts', 'must hold more than 0 g of something');
  }
  for (const { id, field } of onPiece(plan)) findIngredient(pantry, id, field);
  checkShape(plan);
}

function checkShape({ shape }: Plan): void {
  const family = familyOf(shape.family);
  for (const { key, minMm, maxMm, label } of family.dimensions) {
    if (shape[key] < minMm || shape[key] > maxMm) {
      throw new FieldError(
        `shape.${key}`,
        `${label} of ${family.name.toLowerCase()} must be a number from ${minMm} to ${maxMm} mm, not ${shape[key]}`,
      );
    }
  }
  if (!family.finishes.includes(shape.finish)) {
    throw new FieldError(
      'shape.finish',
      `must be one of: ${family.finishes.join(', ')} for ${family.name.toLowerCase()}`,
    );
  }
}
