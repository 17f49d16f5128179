import { startingBasis } from '../../basis/basis';
import { planWith } from '../../testing/plans';
import { modelOf } from '../modelOf';
import { air, faces, medium, simmer } from './seal';

const at = (hold: object, boil: object = {}) =>
  modelOf(planWith({ hold: { ...planWith().hold, ...hold }, boil } as never), startingBasis);

describe('remedies of the seal', () => {
  it('are offered only where there is something to better', () => {
    expect(simmer.propose(at({}, { style: 'simmer' }))).toEqual([]);
    expect(simmer.propose(at({}, { style: 'rolling' }))).toEqual([{ kind: 'simmer' }]);
    expect(medium.propose(at({ medium: 'water' }))).toEqual([]);
    expect(medium.propose(at({ medium: 'egg' }))).toEqual([]);
    expect(medium.propose(at({ medium: 'dry' }))).toHaveLength(1);
    expect(medium.propose(at({ medium: 'tooWet' }))).toHaveLength(1);
    expect(faces.propose(at({ faces: 'clean' }))).toEqual([]);
    expect(faces.propose(at({ faces: 'floured' }))).toHaveLength(1);
  });

  it('air is let out by every way that leaves less of it', () => {
    const ways = (from: string) => air.propose(at({ air: from })).map(({ to }) => to);
    expect(ways('pricked')).toEqual([]);
    expect(ways('oneSide')).toEqual(['pricked']);
    expect(ways('middle').sort()).toEqual(['oneSide', 'pricked']);
    expect(ways('none').sort()).toEqual(['middle', 'oneSide', 'pricked']);
  });

  it('do what they say', () => {
    const plan = planWith({ boil: { style: 'rolling' } } as never);
    expect(simmer.apply(plan, { kind: 'simmer' }).boil.style).toBe('simmer');
  });
});
