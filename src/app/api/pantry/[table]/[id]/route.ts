import * as z from 'zod';
import { ingredientSchema, preparationSchema } from '@/core/composition/pantrySchema';
import { oneOf } from '@/core/fields';
import { FieldError } from '@/core/range';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { saveRow } from '@/server/repositories/pantry';

type Context = { params: Promise<{ table: string; id: string }> };

const SCHEMAS = { ingredients: ingredientSchema, preparations: preparationSchema } as const;

const tableSchema = oneOf('table', ['ingredients', 'preparations']);

const saveSchema = z.object({
  row: z.unknown(),
  baseEdition: z.number({ error: 'baseEdition must be a whole number from 0' }).int().min(0),
});

/**
 * A save of one row of the pantry.
 * 409 when another window has saved it meanwhile, with what it saved; null where it took it out.
 */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const asked = await params;
    const table = check(tableSchema, asked.table);
    const { row: sent, baseEdition } = check(saveSchema, await readBody(request));
    const row = check(SCHEMAS[table], sent);
    if (row.id !== asked.id) throw new FieldError('row.id', `must be ${asked.id}`);
    const result = saveRow(database(), table, row, { now: new Date(), baseEdition });
    return result.kind === 'saved'
      ? Response.json({ edition: result.edition })
      : Response.json(
          { error: 'Changed in another window', row: result.theirs, edition: result.edition },
          { status: 409 },
        );
  }, 'plan');
