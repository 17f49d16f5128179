import { startingBasis } from '../basis/basis';
import { startingPlans } from '../plan/starting/startingPlans';
import { modelOf } from '../risk/modelOf';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { foldSteps } from '../shapes/foldSteps';
import { doseBand, largestDose, smallestSize } from '../shapes/piece';
import { table } from '../testing/table';

describe.each(FAMILY_IDS)('%s', (id) => {
  const { input, made } = modelOf(startingPlans[id], startingBasis).piece;
  const { rules } = startingBasis;

  it('its sections, its folding, and the doses it takes', () => {
    const folds = foldSteps(familyOf(id), input.size, made.mound, 'ring').map(
      ({ marks, moves }) => ({ marks, moves }),
    );
    expect(
      table({
        made,
        folds,
        most: largestDose(input, {}, rules),
        least: smallestSize(input, {}, rules),
        band: doseBand(input, rules),
      }),
    ).toMatchSnapshot();
  });
});
