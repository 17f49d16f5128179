import { writeRecipeData } from '@/core/formats/recipeData';
import { database } from '@/server/database';
import { answer, fileAnswer } from '@/server/planRequests';
import { readPreferences } from '@/server/preferences';
import { getBasis } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';

/** The plan as structured recipe data: the open vocabulary's JSON-LD, in the user's units. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const db = database();
    const { plan } = getPlan(db, (await params).id);
    const { units } = await readPreferences();
    const recipe = writeRecipeData(plan, getBasis(db), units);
    return fileAnswer(`${JSON.stringify(recipe, null, 2)}\n`, {
      name: plan.name,
      extension: 'recipe.jsonld',
      type: 'application/ld+json',
    });
  }, 'look');
