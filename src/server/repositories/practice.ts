import { count, desc, eq } from 'drizzle-orm';
import * as z from 'zod';
import { shortText } from '@/core/fields';
import { drillAnswerSchema, type DrillAnswer } from '@/core/drills/skill';
import { FieldError } from '@/core/range';
import { write, type Connection, type Database } from '../db/database';
import { practiceAnswers } from '../db/schema';

/** So many answers of one cook are kept; more is no practice. */
const MOST_KEPT = 20_000;

/** So many are looked back on. */
const MOST_READ = 800;

/** Answers of one cook, as a device sends them. */
export const practiceSchema = z.strictObject({
  cook: shortText('Cook', 60),
  answers: z.array(drillAnswerSchema).max(200, 'answers must be at most 200 at once'),
});

/**
 * Keeps what a cook answered; what is there already changes nothing.
 * @throws FieldError when that cook has answered more than can be kept
 */
export function keepAnswers(
  db: Database,
  { cook, answers }: z.infer<typeof practiceSchema>,
  { now }: { now: Date },
): void {
  const arrivedAt = now.toISOString();
  write(db, (tx) => {
    for (const answer of answers) {
      tx.insert(practiceAnswers)
        .values({ id: answer.id, cook, arrivedAt, document: JSON.stringify(answer) })
        .onConflictDoNothing()
        .run();
    }
    const held = tx
      .select({ n: count() })
      .from(practiceAnswers)
      .where(eq(practiceAnswers.cook, cook))
      .get();
    if ((held?.n ?? 0) > MOST_KEPT) {
      throw new FieldError('answers', `of one cook must be at most ${MOST_KEPT}`);
    }
  });
}

/** What a cook answered last, in the order it was given; what cannot be read is left out. */
export function answersOf(db: Connection, cook: string): DrillAnswer[] {
  const rows = db
    .select({ document: practiceAnswers.document })
    .from(practiceAnswers)
    .where(eq(practiceAnswers.cook, cook))
    .orderBy(desc(practiceAnswers.seq))
    .limit(MOST_READ)
    .all();
  return rows
    .flatMap(({ document }) => read(document) ?? [])
    .sort((a, b) => a.at.localeCompare(b.at));
}

function read(document: string): DrillAnswer | null {
  try {
    return drillAnswerSchema.parse(JSON.parse(document));
  } catch {
    return null;
  }
}
