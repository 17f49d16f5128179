import { startingPantry } from '../composition/pantry';
import fc from 'fast-check';
import { startingBasis } from '../basis/basis';
import { parsePlan } from '../plan/document/parsePlan';
import { templatePages, TEMPLATES, wholeSheetPage } from '../plan/questions/templatesOfPlan';
import { anyPlanDocument } from '../testing/anyPlan';
import { PAPERS, type Mark, type PaperId, type TemplatePage } from './page';
import { pageSvg } from './svg';

type Point = readonly [number, number];

/** How far a mark reaches; text by where it stands. */
function reachOf(mark: Mark): Point[] {
  switch (mark.kind) {
    case 'outline':
      return [...mark.points];
    case 'circle':
      return [
        [mark.x - mark.r, mark.y - mark.r],
        [mark.x + mark.r, mark.y + mark.r],
      ];
    case 'line':
      return [mark.from, mark.to];
    case 'text':
      return [[mark.x, mark.y]];
  }
}

const outside = ({ widthMm, heightMm }: TemplatePage, marks: readonly Mark[]): Point[] =>
  marks
    .flatMap(reachOf)
    .filter(([x, y]) => !(x >= -0.01 && y >= -0.01 && x <= widthMm + 0.01 && y <= heightMm + 0.01));

const anyTemplate = fc.tuple(
  anyPlanDocument,
  fc.constantFrom(...TEMPLATES),
  fc.constantFrom(...(Object.keys(PAPERS) as PaperId[])),
);

describe('the templates of any plan', () => {
  it('stand on their paper: all that is not cut off by the window, and the window itself', () => {
    fc.assert(
      fc.property(anyTemplate, ([document, template, paper]) => {
        for (const page of templatePages(parsePlan(document, startingPantry), startingBasis, {
          template,
          paper,
        })) {
          // Upright or on its side.
          const { widthMm, heightMm } = PAPERS[paper];
          expect([page.widthMm, page.heightMm].sort((a, b) => a - b)).toEqual([widthMm, heightMm]);
          expect(outside(page, page.frame)).toEqual([]);
          if (!page.window) expect(outside(page, page.marks)).toEqual([]);
          else {
            const [x, y, w, h] = page.window;
            expect(
              outside(page, [{ kind: 'line', from: [x, y], to: [x + w, y + h], line: 'join' }]),
            ).toEqual([]);
          }
        }
      }),
      { numRuns: 120 },
    );
  });

  it('draw the whole sheet inside its page, in numbers that are numbers', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const page = wholeSheetPage(parsePlan(document, startingPantry), startingBasis);
        if (!page) return;
        // A mound too large for its blank runs over; the plan says that it fails.
        const cuts = page.marks.filter((mark) => mark.kind !== 'text' && mark.line !== 'mound');
        expect(cuts.length).toBeGreaterThan(1);
        expect(outside(page, cuts)).toEqual([]);
        expect(pageSvg(page)).not.toMatch(/NaN|Infinity|undefined/);
      }),
      { numRuns: 60 },
    );
  });
});
