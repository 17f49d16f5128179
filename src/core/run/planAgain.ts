import type { Plan } from '../plan/document/schema';
import { findIngredient, type Pantry } from '../composition/pantry';
import { WATER } from '../dough/makeup';
import type { FigureUnit } from '../working/working';
import { testsOf, withTests } from './batchTests';
import type { RunState } from './fold';

/** One thing that the next plan starts from. */
export interface AgainChange {
  readonly what: string;
  readonly from: number | null;
  readonly to: number;
  readonly unit: FigureUnit;
}

/**
 * The plan with what a run found out, and what that changes: a dose or thickness that was changed at the
 * bench, tests that replace a rule, and water or flour that the dough truly wanted, put into its recipe.
 * @param weighedG dough as it was weighed out, before corrections; the recipe takes its share of them
 */
export function planAgain(
  plan: Plan,
  state: RunState,
  { weighedG, pantry }: { weighedG: number; pantry: Pantry },
): { readonly plan: Plan; readonly changes: readonly AgainChange[] } {
  const changes: AgainChange[] = [];
  let next = plan;
  const { doseG, thicknessMm } = state.now;
  if (doseG !== null && doseG !== plan.shape.doseG) {
    changes.push({ what: 'Dose', from: plan.shape.doseG, to: doseG, unit: 'g' });
    next = { ...next, shape: { ...next.shape, doseG } };
  }
  if (thicknessMm !== null && thicknessMm !== plan.sheet.thicknessMm) {
    changes.push({ what: 'Thickness', from: plan.sheet.thicknessMm, to: thicknessMm, unit: 'mm' });
    next = { ...next, sheet: { ...next.sheet, thicknessMm } };
  }
  const tests = testsOf(state);
  for (const { what, unit, from, to } of [
    { what: 'Hanging strip', unit: 'mm', from: plan.dough.hangMm, to: tests.hangMm },
    {
      what: 'Spoon test',
      unit: 'mm',
      from: plan.filling.spoonTest?.diameterMm,
      to: tests.spoon?.diameterMm,
    },
    { what: 'Towel test', unit: 'g', from: plan.filling.towelTest?.wetG, to: tests.towel?.wetG },
  ] as const) {
    if (to !== undefined && to !== from) changes.push({ what, from: from ?? null, to, unit });
  }
  next = withTests(next, tests, pantry);
  const did = (kind: 'waterG' | 'flourG') =>
    state.corrections.reduce((sum, each) => sum + (each.did === kind ? each.amount : 0), 0);
  const recipeG = plan.dough.parts.reduce((sum, { g }) => sum + g, 0);
  const share = weighedG > 0 ? recipeG / weighedG : 0;
  const [water, flour] = [round(did('waterG') * share), round(did('flourG') * share)];
  if (water > 0) {
    const had = next.dough.parts.find(({ id }) => id === WATER)?.g ?? 0;
    changes.push({ what: 'Water in the recipe', from: had, to: had + water, unit: 'g' });
    const parts =
      had > 0
        ? next.dough.parts.map((part) => (part.id === WATER ? { ...part, g: had + water } : part))
        : [...next.dough.parts, { id: WATER, g: water }];
    next = { ...next, dough: { ...next.dough, parts } };
  }
  if (flour > 0) {
    const isFlour = (id: string) => findIngredient(pantry, id).group === 'flour';
    const had = next.dough.parts.reduce((sum, { id, g }) => sum + (isFlour(id) ? g : 0), 0);
    if (had > 0) {
      changes.push({ what: 'Flour in the recipe', from: had, to: had + flour, unit: 'g' });
      const parts = next.dough.parts.map((part) =>
        isFlour(part.id) ? { ...part, g: round((part.g * (had + flour)) / had) } : part,
      );
      next = { ...next, dough: { ...next.dough, parts } };
    }
  }
  return { plan: next, changes };
}

const round = (g: number): number => Math.round(g * 10) / 10;
