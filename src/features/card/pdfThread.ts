/** A thread of the server that draws PDFs. Bundled by scripts/worker.mjs, spoken to by server/pdf/thread. */
import { parentPort } from 'node:worker_threads';
import { basisFrom } from '@/core/basis/basis';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { templatePages } from '@/core/plan/questions/templatesOfPlan';
import { figureText, spoonText } from '@/core/units/format';
import { templatePdf } from '@/server/pdf/templatePdf';
import type { PdfAnswer, PdfJob } from '@/server/pdf/thread';
import { cardContents } from './cardContents';
import { cardPdf } from './cardPdf';

function draw(job: PdfJob): Promise<Buffer> {
  const { plan, paper } = job;
  const basis = basisFrom(job.basis);
  if (job.kind === 'template') {
    return templatePdf(templatePages(plan, basis, { template: job.template, paper }), job.name);
  }
  const { units, kitchenName, revision } = job;
  const result = evaluatePlan(plan, basis);
  const card = cardContents(plan, result, {
    kitchenName,
    revision,
    text: (value, unit) => figureText(value, unit, units),
    spoons: (ml) => spoonText(ml, units),
  });
  return cardPdf(plan, result, card, cautionsFor(plan, basis.pantry), paper);
}

/** One after the other, so that each is there as soon as it can be. */
let before: Promise<unknown> = Promise.resolve();

parentPort?.on('message', ({ id, job }: { id: number; job: PdfJob }) => {
  const answer = (said: PdfAnswer) => parentPort?.postMessage(said);
  before = before
    .then(() => draw(job))
    .then((pdf) => answer({ id, pdf }))
    .catch((error: unknown) => answer({ id, error: String(error) }));
});
