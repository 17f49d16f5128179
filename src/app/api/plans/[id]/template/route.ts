import { templatePages, wholeSheetPage } from '@/core/plan/questions/templatesOfPlan';
import { pageSvg } from '@/core/templates/svg';
import { check } from '@/server/check';
import { database } from '@/server/database';
import { drawPdf } from '@/server/pdf/thread';
import { answer, fileAnswer, nothingToPrint, templateSchema } from '@/server/planRequests';
import { basisPartsOf, getBasis } from '@/server/repositories/basis';
import { getPlan } from '@/server/repositories/plans';

/**
 * A template at true size: `?template=sheet|gauge&paper=a4|letter&format=pdf|svg`. As SVG the sheet is
 * one drawing as large as itself.
 */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const db = database();
    const { plan } = getPlan(db, (await params).id);
    const basis = getBasis(db);
    const query = Object.fromEntries(new URL(request.url).searchParams);
    const { template, paper, format } = check(templateSchema, query);
    const name = `${plan.name} ${template}`;
    if (format === 'svg') {
      const page =
        template === 'sheet'
          ? wholeSheetPage(plan, basis)
          : templatePages(plan, basis, { template, paper })[0];
      if (!page) return nothingToPrint();
      return fileAnswer(pageSvg(page), { name, extension: 'svg', type: 'image/svg+xml' });
    }
    const pages = templatePages(plan, basis, { template, paper });
    if (pages.length === 0) return nothingToPrint();
    const parts = basisPartsOf(db, [plan]);
    const pdf = await drawPdf({ kind: 'template', plan, basis: parts, paper, template, name });
    return fileAnswer(pdf, { name, extension: 'pdf', type: 'application/pdf' });
  }, 'look');
