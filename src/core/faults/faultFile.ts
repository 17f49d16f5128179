import * as z from 'zod';
import { oneOf } from '../fields';
import { CAUSE_IDS } from './causes';
import { DONT_KNOW, QUESTIONS, QUESTION_IDS } from './questions';
import { SIGN_IDS } from './signs';
import { STAGES } from './stages';

export const signSchema = oneOf('Sign', SIGN_IDS);

/** Answers by question; each is one of its own, or that nobody knows. */
export const answersSchema = z
  .partialRecord(
    z.enum(QUESTION_IDS, { error: 'Question must be one of those that are asked' }),
    z.string(),
  )
  .superRefine((answers, context) => {
    for (const id of QUESTION_IDS) {
      const answer = answers[id];
      const known = Object.keys(QUESTIONS[id].answers);
      if (answer === undefined || answer === DONT_KNOW || known.includes(answer)) continue;
      context.addIssue({
        code: 'custom',
        path: [id],
        message: `Answer to ${id} must be one of ${[...known, DONT_KNOW].join(', ')}`,
      });
    }
  });

/** How often each cause was found before. */
const foundSchema = z.partialRecord(
  z.enum(CAUSE_IDS, { error: 'Cause must be one of the registry’s' }),
  z
    .int('Times found must be whole')
    .min(0, 'Times found must be at least 0')
    .max(100_000, 'Times found must be at most 100000'),
);

/** What `mortar faults` reads: what is seen and answered, with the plan and the run where there are any. */
export const faultFileSchema = z.strictObject({
  /** A plan document, or the name of its file beside this one. */
  plan: z
    .union([z.string().max(400), z.record(z.string(), z.unknown())], {
      error: 'Plan must be a plan document or the name of its file',
    })
    .optional(),
  /** A run’s events, or the name of its file. */
  run: z
    .union(
      [z.string().max(400), z.array(z.unknown()).max(20_000, 'Run must hold at most 20000 events')],
      { error: 'Run must be a list of at most 20000 events or the name of its file' },
    )
    .optional(),
  signs: z
    .array(signSchema)
    .min(1, 'Signs must name at least one')
    .max(SIGN_IDS.length, `Signs must be at most ${SIGN_IDS.length}`),
  answers: answersSchema.default({}),
  stage: oneOf('Stage', STAGES).optional(),
  found: foundSchema.default({}),
});
