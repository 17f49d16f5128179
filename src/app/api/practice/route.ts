import { check } from '@/server/check';
import { database } from '@/server/database';
import { answer, readBody } from '@/server/planRequests';
import { answersOf, keepAnswers, practiceSchema } from '@/server/repositories/practice';

/** Keeps what a cook answered at practice, and tells what that cook answered last. */
export const POST = (request: Request) =>
  answer(async () => {
    const given = check(practiceSchema, await readBody(request));
    const db = database();
    if (given.answers.length > 0) keepAnswers(db, given, { now: new Date() });
    return Response.json({ answers: answersOf(db, given.cook) });
  }, 'bench');
