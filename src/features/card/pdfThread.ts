/** A thread of the server that draws PDFs. Bundled by scripts/worker.mjs, spoken to by server/pdf/thread. */
import { parentPort } from 'node:worker_threads';
import { basisFrom } from '@/core/basis/basis';
import { cardBack } from '@/core/faults/cardBack';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { templatePages } from '@/core/plan/questions/templatesOfPlan';
import { figureText, spoonText, type WriteFigure } from '@/core/units/format';
import { templatePdf } from '@/server/pdf/templatePdf';
import { dayCalendar } from '@/core/formats/calendar';
import { dayPaper } from '@/core/schedule/paper';
import { solveDay } from '@/core/schedule/timetable/solveDay';
import { dayPdf } from '../day/paper/dayPdf';
import type { DayJob, PdfAnswer, PdfJob } from '@/server/pdf/thread';
import { cardContents } from './cardContents';
import { cardPdf } from './cardPdf';

async function drawDay({ day, plans, basis: parts, units, what }: DayJob): Promise<Buffer> {
  const basis = basisFrom(parts);
  const write: WriteFigure = (value, unit) => figureText(value, unit, units);
  const { work, timetable } = solveDay(day, new Map(plans), basis, { write });
  if (what.as === 'calendar') {
    const { id, stamp, only } = what;
    const text = dayCalendar(work, timetable, {
      id,
      stamp: new Date(stamp),
      ...(only !== undefined && { only }),
    });
    return Buffer.from(text, 'utf8');
  }
  return dayPdf(dayPaper(work, timetable, basis, write), what.sheet, {
    paper: what.paper,
    units,
  });
}

function draw(job: PdfJob): Promise<Buffer> {
  if (job.kind === 'day') return drawDay(job);
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
  return cardPdf(plan, result, card, cautionsFor(plan, basis.pantry), {
    paper,
    back: job.back ? cardBack(plan, basis) : null,
  });
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
