import { startingRules } from '@/core/basis/rules';
import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import fc from 'fast-check';
import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { evaluatePlan, type PlanResult } from '@/core/plan/evaluatePlan';
import { parsePlan } from '@/core/plan/document/parsePlan';
import type { Plan } from '@/core/plan/document/schema';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { foldSteps } from '@/core/shapes/foldSteps';
import { anyPlanDocument } from '@/core/testing/anyPlan';
import { planWith } from '@/core/testing/plans';
import { US_CUSTOMARY } from '@/core/units/units';
import { UnitsProvider } from '../units/UnitsContext';
import { FamilyGlyph } from './FamilyGlyph';
import { FoldStepDrawing, foldScale } from './FoldStepDrawing';
import { LayoutDrawing } from './LayoutDrawing';
import { PieceAbove } from './PieceAbove';
import { PieceSection } from './PieceSection';

const drawn = (element: ReactElement): string => renderToStaticMarkup(element);

/** Numbers of the attributes that place and size things. */
function numbersOf(markup: string): string[] {
  return [
    ...markup.matchAll(/\s(?:x|y|x1|x2|y1|y2|cx|cy|r|width|height|d|transform)="([^"]*)"/g),
  ].flatMap((match) => match[1]!.match(/-?\d*\.?\d+(?:e-?\d+)?|NaN|Infinity|undefined/g) ?? []);
}

/**
 * Placed by sines that differ in their last digit between server and browser: all are rounded to a
 * hundredth of a px first, so that sums and halves of them are the same on both.
 */
const unsettled = (markup: string): string[] =>
  numbersOf(markup).filter((text) => {
    const parts = Number(text) * 10_000;
    return !(Math.abs(parts - Math.round(parts)) < 1e-5);
  });

/** The piece cut through, as large as a page shows it. */
const sectionOf = ({ colour }: Plan, result: PlanResult) => (
  <PieceSection rules={startingRules} result={result} colour={colour} width={640} maxHeight={320} />
);

function drawingsOf(plan: Plan, result: PlanResult): Record<string, string> {
  const family = familyOf(plan.shape.family);
  const steps = foldSteps(family, plan.shape, result.shape.mound);
  const scale = foldScale(steps);
  return {
    section: drawn(sectionOf(plan, result)),
    layout: drawn(<LayoutDrawing result={result} colour={plan.colour} width={640} dimensions />),
    above: drawn(
      <PieceAbove rules={startingRules} result={result} colour={plan.colour} size={150} />,
    ),
    folding: drawn(
      <>
        {steps.map((step) => (
          <FoldStepDrawing key={step.says} step={step} scale={scale} colour={plan.colour} />
        ))}
      </>,
    ),
    glyph: drawn(<FamilyGlyph family={plan.shape.family} colour={plan.colour} />),
  };
}

describe('the drawings of any plan', () => {
  it('are in numbers, none finer than server and browser agree on', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const plan = parsePlan(document, startingPantry);
        for (const [name, markup] of Object.entries(
          drawingsOf(plan, evaluatePlan(plan, startingBasis)),
        )) {
          expect([name, unsettled(markup)]).toEqual([name, []]);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe.each(FAMILY_IDS)('%s', (family) => {
  const plan = planWith({}, family);
  const result = evaluatePlan(plan, startingBasis);
  const drawings = drawingsOf(plan, result);

  it('draws every blank of its sheet', () => {
    const { laying } = result.layout;
    const places = laying.stacks > 0 ? laying.pieces * (laying.way === 'cutBlanks' ? 2 : 1) : 0;
    expect(drawings.layout?.match(/rotate\(/g) ?? []).toHaveLength(places);
  });

  it('says in words what it shows: lip, dome, mound', () => {
    const label = /aria-label="([^"]+ cut through: [^"]+)"/.exec(drawings.section ?? '')?.[1];
    expect(label).toContain(`${result.shape.lipMm.toFixed(1)} mm lip`);
    expect(label).toContain('of dough over the top');
    expect(label).toContain('holds');
  });

  it('draws as many steps as its folding has', () => {
    expect(drawings.folding?.match(/<svg/g)).toHaveLength(familyOf(family).folding.length);
  });

  it('writes inches for those who measure in them', () => {
    const inches = drawn(
      <UnitsProvider initial={US_CUSTOMARY}>{sectionOf(plan, result)}</UnitsProvider>,
    );
    expect(inches).toMatch(/\d in lip/);
    expect(inches).not.toMatch(/\d mm\b/);
  });
});

describe('a piece that fails', () => {
  it('is marked where it fails, by a mark and a word', () => {
    const short = planWith({ shape: { doseG: 26 } });
    const { section } = drawingsOf(short, evaluatePlan(short, startingBasis));
    expect(section).toContain('✕');
    expect(section).toContain('fails');
    const gone = planWith({ shape: { sizeMm: 30, doseG: 16 } });
    expect(drawingsOf(gone, evaluatePlan(gone, startingBasis)).section).toContain('no lip');
  });

  it('is not laid out when nothing fits', () => {
    const wide = planWith({ sheet: { widthMm: 45 } });
    const { layout } = drawingsOf(wide, evaluatePlan(wide, startingBasis));
    expect(layout).not.toContain('rotate(');
  });
});
