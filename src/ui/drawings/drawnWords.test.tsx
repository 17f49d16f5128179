import { startingRules } from '@/core/basis/rules';
import { startingBasis } from '@/core/basis/basis';
import { startingPantry } from '@/core/composition/pantry';
import fc from 'fast-check';
import * as fontkit from 'fontkit';
import { renderToStaticMarkup } from 'react-dom/server';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import { parsePlan } from '@/core/plan/document/parsePlan';
import { anyPlanDocument } from '@/core/testing/anyPlan';
import { PieceSection } from './PieceSection';
import { textWidth } from './svg';

const FONT = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next';
/** The product's own letters, as they ship. */
const [plain, bold] = [400, 700].map(
  (weight) => fontkit.openSync(`${FONT}-latin-${weight}-normal.woff2`) as fontkit.Font,
);
const written = (words: string, size: number, font = plain!) =>
  (font.layout(words).advanceWidth / font.unitsPerEm) * size;

describe('textWidth', () => {
  it.each(['822 mm', '45 mm mound', '17.6 mm mound', '58 mm across, sheet 0.85 mm', '2 ¼ in log'])(
    'is about that of %s as it is written, and not less',
    (words) => {
      const wide = written(words, 14);
      expect(textWidth(words, 14)).toBeGreaterThan(0.99 * wide);
      expect(textWidth(words, 14)).toBeLessThan(1.12 * wide);
    },
  );
});

/** Where the words of a drawing stand, each line by itself. */
function wordsOf(markup: string) {
  const told = (tag: string, name: string) => new RegExp(` ${name}="([^"]*)"`).exec(tag)?.[1];
  return [...markup.matchAll(/<text([^>]*)>(.*?)<\/text>/g)].flatMap(([, tag = '', inner = '']) => {
    const size = Number(told(tag, 'font-size'));
    const [x, y] = [Number(told(tag, 'x')), Number(told(tag, 'y'))];
    const font = Number(told(tag, 'font-weight') ?? 400) > 500 ? bold : plain;
    return inner.split(/<tspan[^>]*>/).map((line, row) => {
      const says = line.replace(/<[^>]*>/g, '').trim();
      const wide = written(says, size, font);
      const anchor = told(tag, 'text-anchor');
      const from = anchor === 'middle' ? x - wide / 2 : anchor === 'end' ? x - wide : x;
      const base = y + 15 * row;
      return { says, from, to: from + wide, top: base - 0.7 * size, bottom: base + 0.1 * size };
    });
  });
}

type Words = ReturnType<typeof wordsOf>[number];

const meet = (one: Words, other: Words) =>
  one.from < other.to && other.from < one.to && one.top < other.bottom && other.top < one.bottom;

describe('the piece cut through', () => {
  it('has no words over others, and none over its side, on a phone or a laptop', () => {
    fc.assert(
      fc.property(anyPlanDocument, fc.constantFrom(320, 640), (document, width) => {
        const plan = parsePlan(document, startingPantry);
        const result = evaluatePlan(plan, startingBasis);
        // A mound that overruns its blank overruns the drawing too.
        fc.pre(result.shape.lipMm > 0);
        const { colour } = plan;
        const words = wordsOf(
          renderToStaticMarkup(
            <PieceSection rules={startingRules} {...{ result, colour, width }} maxHeight={300} />,
          ),
        );
        const met = words.flatMap((one, i) =>
          words.slice(i + 1).flatMap((other) => (meet(one, other) ? [[one.says, other.says]] : [])),
        );
        expect(met).toEqual([]);
        expect(words.filter(({ from, to }) => from < 0 || to > width)).toEqual([]);
      }),
    );
  });
});
