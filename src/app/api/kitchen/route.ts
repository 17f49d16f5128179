import * as z from 'zod';
import { kitchenSchema } from '@/core/kitchen/kitchen';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { saveKitchen } from '@/server/repositories/kitchen';

const saveSchema = z.object({
  kitchen: kitchenSchema,
  baseEdition: z.number({ error: 'baseEdition must be a whole number from 0' }).int().min(0),
});

/**
 * A save of the kitchen while somebody works on it.
 * 409 when another window has saved meanwhile, with what it saved.
 */
export const PUT = (request: Request) =>
  answer(async () => {
    const { kitchen, baseEdition } = check(saveSchema, await readBody(request));
    const result = saveKitchen(database(), kitchen, { now: new Date(), baseEdition });
    return result.kind === 'saved'
      ? Response.json({ edition: result.edition })
      : Response.json(
          {
            error: 'Changed in another window',
            kitchen: result.theirs,
            edition: result.edition,
          },
          { status: 409 },
        );
  }, 'plan');
