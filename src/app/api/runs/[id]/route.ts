import { writeRunFile } from '@/core/formats/runFile';
import { database } from '@/server/database';
import { answer, fileAnswer } from '@/server/planRequests';
import { getRun } from '@/server/repositories/runs';

type Context = { params: Promise<{ id: string }> };

/** A run with everything that happened in it, as a file: JSON lines. */
export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const run = getRun(database(), (await params).id);
    return fileAnswer(writeRunFile(run), {
      name: run.plan.name,
      extension: 'run.jsonl',
      type: 'application/jsonl',
    });
  }, 'look');
