import * as z from 'zod';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { figureText, spoonText } from '@/core/units/format';
import { cardContents } from '@/features/card/cardContents';
import { cardPdf } from '@/features/card/cardPdf';
import { PAPER_IDS } from '@/core/templates/page';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, fileAnswer } from '@/server/planRequests';
import { readPreferences } from '@/server/preferences';
import { getKitchen } from '@/server/repositories/kitchen';
import { getBasis } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';

/** The bench card as a PDF, in the user's units: `?paper=a4|letter`. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const db = database();
    const asked = new URL(request.url).searchParams.get('paper') ?? 'a4';
    const paper = check(z.enum(PAPER_IDS, { error: 'Paper must be one of: a4, letter' }), asked);
    const { plan, revision } = getPlan(db, (await params).id);
    const basis = getBasis(db);
    const result = evaluatePlan(plan, basis);
    const { units } = await readPreferences();
    const card = cardContents(plan, result, {
      kitchenName: getKitchen(db).name,
      revision,
      text: (value, unit) => figureText(value, unit, units),
      spoons: (ml) => spoonText(ml, units),
    });
    const pdf = await cardPdf(plan, result, card, cautionsFor(plan, basis.pantry), paper);
    return fileAnswer(pdf, {
      name: `${plan.name} card`,
      extension: 'pdf',
      type: 'application/pdf',
    });
  });
