import { startingPantry } from '@/core/composition/pantry';
import { FEELS } from '@/core/dough/feel';
import type { DryingStep } from '@/core/risk/drying';
import { figureText, type WriteFigure } from '@/core/units/format';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { correctionText, dryingText, FEEL_NAMES } from './bowlWords';

const metric: WriteFigure = (value, unit) => figureText(value, unit, METRIC);
const us: WriteFigure = (value, unit) => figureText(value, unit, US_CUSTOMARY);

describe('correctionText', () => {
  it.each([
    ['flourG', 12, '12 g flour'],
    ['waterG', 2.5, '2.5 g water'],
    ['kneadMin', 3, 'knead 3 min'],
    ['restMin', 75, 'rest 1 h 15 min'],
    ['folds', 1, '1 letter fold'],
    ['folds', 2, '2 letter folds'],
  ] as const)('%s %p is “%s”', (kind, amount, words) => {
    expect(correctionText({ kind, amount }, metric)).toBe(words);
  });

  it('is in the cook’s own units', () => {
    expect(correctionText({ kind: 'flourG', amount: 28.35 }, us)).toBe('1.00 oz flour');
  });

  it('has a name for every feel', () => {
    for (const feel of FEELS) expect(FEEL_NAMES[feel]).toMatch(/^[A-Z]/);
  });
});

describe('dryingText', () => {
  const say = (step: DryingStep) => dryingText(step, startingPantry, metric, 2);

  it('speaks of the batch, not of the recipe', () => {
    expect(
      say({ kind: 'binder', binder: 'crumbs', id: 'breadcrumbs-dry', addG: 20, capped: false }),
    ).toBe('40 g more dry breadcrumbs');
    expect(say({ kind: 'cookOff', waterG: 30, capped: false })).toBe('Cook off 60 g of water');
    expect(
      say({
        kind: 'drain',
        index: 0,
        id: 'ricotta-fresh',
        preparation: 'drain-sieve',
        fromG: 500,
        toG: 470,
        capped: false,
      }),
    ).toBe('Ricotta as sold from 1000 g to 940 g: drained in a sieve 1 h');
  });

  it('says what another preparation is instead of', () => {
    const step = {
      kind: 'prepare',
      index: 0,
      id: 'celeriac-raw',
      preparation: 'roast-cubes',
    } as const;
    expect(say({ ...step, from: 'steam' })).toBe('Celeriac raw: roasted in cubes, not steamed');
    expect(say({ ...step, from: 'raw' })).toBe('Celeriac raw: roasted in cubes');
    expect(say({ kind: 'texture' })).toBe('Leave it coarser');
  });
});
