import fc from 'fast-check';
import { parseQuantity } from './parse';
import { METRIC, US_CUSTOMARY } from './units';
import { bulkUnits, cupMl, cupsText } from './volume';

describe('cups', () => {
  it('hold 250 ml, or 48 US teaspoons where spoons are American', () => {
    expect(cupMl(METRIC)).toBe(250);
    expect(cupMl(US_CUSTOMARY)).toBeCloseTo(236.588, 3);
  });

  it.each([
    [440, 'about 1¾ cups'],
    [250, 'about 1 cup'],
    [130, 'about ½ cup'],
    [500, 'about 2 cups'],
    [10, 'about 2 tsp'],
  ])('%p ml is “%s”', (ml, text) => expect(cupsText(ml, METRIC)).toBe(text));

  it('are not spoken of to those who want neither cups nor spoons', () => {
    expect(cupsText(440, { ...METRIC, spoons: 'none' })).toBeNull();
  });
});

describe('bulkUnits', () => {
  const flour = 0.53;
  const typed = (text: string) =>
    parseQuantity(text, {
      label: 'Amount',
      kind: 'mass',
      range: { min: 0, max: 50_000 },
      preferences: METRIC,
      extraUnits: bulkUnits(flour, METRIC),
    });

  it.each([
    ['2 cups', 265],
    ['1½ cups', 198.75],
    ['1 tbsp', 7.95],
    ['3 tsp', 7.95],
    ['100 ml', 53],
    ['80 g', 80],
  ])('“%s” of flour is %p g', (text, g) => {
    const parsed = typed(text);
    expect(parsed.ok && parsed.value).toBeCloseTo(g, 9);
  });

  it('keeps a cup 48 teaspoons or 50, as its spoons are, whatever is in it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 2.5, noNaN: true }), (density) => {
        const metric = bulkUnits(density, METRIC);
        expect(metric.cup! / metric.tsp!).toBeCloseTo(50, 9);
        const us = bulkUnits(density, US_CUSTOMARY);
        expect(us.cup! / us.tsp!).toBeCloseTo(48, 9);
        expect(us.tbsp).toBeCloseTo(3 * us.tsp!, 9);
      }),
    );
  });
});
