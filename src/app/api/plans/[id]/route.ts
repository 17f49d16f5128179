import { database } from '@/server/database';
import { answer, fileAnswer, parseSave, readBody } from '@/server/planRequests';
import { getPantry } from '@/server/repositories/pantry';
import { getPlan, savePlan } from '@/server/repositories/plans';

type Context = { params: Promise<{ id: string }> };

/** The plan document, as a file. */
export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const { plan } = getPlan(database(), (await params).id);
    return fileAnswer(`${JSON.stringify(plan, null, 2)}\n`, {
      name: plan.name,
      extension: 'plan.json',
      type: 'application/json',
    });
  }, 'look');

/**
 * A save while the cook works. A route, not an action, so that a last save can outlive the page.
 * 409 when another window has saved meanwhile, with what it saved.
 */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { id } = await params;
    const save = parseSave(await readBody(request), getPantry(database()));
    const result = savePlan(database(), { id, ...save, now: new Date() });
    return result.kind === 'saved'
      ? Response.json({ edition: result.edition, revision: result.revision })
      : Response.json(
          {
            error: 'Changed in another window',
            plan: result.theirs.plan,
            edition: result.theirs.edition,
          },
          { status: 409 },
        );
  }, 'plan');
