import { PAPER_IDS } from '@/core/templates/page';
import { oneOf } from '@/core/fields';
import { FieldError } from '@/core/range';
import { planFor } from '@/core/schedule/tasks/service';
import * as z from 'zod';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { drawPdf } from '@/server/pdf/thread';
import { answer, fileAnswer } from '@/server/planRequests';
import { readPreferences } from '@/server/preferences';
import { basisPartsOf } from '@/server/repositories/basis';
import { getDay } from '@/server/repositories/days';
import { getKitchen } from '@/server/repositories/kitchen';
import { getPlan } from '@/server/repositories/plans';

const askedSchema = z.object({
  service: z.string({ error: 'service must be named' }).min(1).max(60),
  paper: oneOf('paper', PAPER_IDS).default('a4'),
});

/** The bench card of one of a day's services, for its own portions: `?service=ID&paper=a4|letter`. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const db = database();
    const asked = check(askedSchema, Object.fromEntries(new URL(request.url).searchParams));
    const { day } = getDay(db, (await params).id);
    const service = day.services.find(({ id }) => id === asked.service);
    if (!service) throw new FieldError('service', 'must be one of the day’s');
    const { plan, revision } = getPlan(db, service.planId);
    const { units } = await readPreferences();
    const pdf = await drawPdf({
      kind: 'card',
      plan: planFor(plan, service),
      basis: basisPartsOf(db, [plan]),
      paper: asked.paper,
      units,
      kitchenName: getKitchen(db).name,
      revision,
    });
    return fileAnswer(pdf, {
      name: `${plan.name} for ${service.portions}`,
      extension: 'pdf',
      type: 'application/pdf',
    });
  }, 'look');
