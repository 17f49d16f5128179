import { startingBasis } from '../../basis/basis';
import { FAMILY_IDS } from '../../shapes/families';
import { evaluatePlan } from '../evaluatePlan';
import { startingPlans } from '../starting/startingPlans';

describe('filling a sheet', () => {
  const SECONDS: Readonly<Record<(typeof FAMILY_IDS)[number], number>> = {
    ravioliSquare: 8,
    ravioliRound: 10,
    ravioliRectangle: 8,
    ravioliTriangle: 9,
    stampedRound: 11,
    mouldedRavioli: 5,
    halfMoon: 12,
    foldedTriangle: 10,
    bonnet: 16,
    tortelloni: 18,
    cappelletti: 14,
    agnolottiPinched: 4,
    agnolottiFlat: 6,
  };

  it.each(FAMILY_IDS)('%s takes its own time in the hand', (family) => {
    const { secondsPerPiece: _own, ...sheet } = startingPlans[family].sheet;
    const laid = evaluatePlan(
      { ...startingPlans[family], sheet: { ...sheet, people: 1 } },
      startingBasis,
    );
    const { layout, sheet: work } = laid;
    expect(work.fill.fillMin * 60).toBeCloseTo(SECONDS[family] * layout.pieces, 6);
    const two = evaluatePlan(
      { ...startingPlans[family], sheet: { ...sheet, people: 2 } },
      startingBasis,
    );
    expect(two.sheet.fill.fillMin).toBeCloseTo(work.fill.fillMin / 2, 9);
  });
});
