import * as z from 'zod';
import { PAPER_IDS } from '@/core/templates/page';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { drawPdf } from '@/server/pdf/thread';
import { answer, fileAnswer } from '@/server/planRequests';
import { readPreferences } from '@/server/preferences';
import { getKitchen } from '@/server/repositories/kitchen';
import { basisPartsOf } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';

/** The bench card as a PDF, in the user's units: `?paper=a4|letter`, `&back=1` with what goes wrong on its back. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const db = database();
    const { searchParams } = new URL(request.url);
    const asked = searchParams.get('paper') ?? 'a4';
    const paper = check(z.enum(PAPER_IDS, { error: 'Paper must be one of: a4, letter' }), asked);
    const { plan, revision } = getPlan(db, (await params).id);
    const { units } = await readPreferences();
    const pdf = await drawPdf({
      kind: 'card',
      plan,
      basis: basisPartsOf(db, [plan]),
      paper,
      units,
      kitchenName: getKitchen(db).name,
      revision,
      back: searchParams.get('back') === '1',
    });
    return fileAnswer(pdf, {
      name: `${plan.name} card`,
      extension: 'pdf',
      type: 'application/pdf',
    });
  }, 'look');
