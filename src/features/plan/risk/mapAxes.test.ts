import { planWith } from '@/core/testing/plans';
import { MAP_AXES } from './mapAxes';

const both = planWith({ batch: { ...planWith().batch, wayIn: 'both' } });
const held = planWith({
  hold: {
    phases: [
      { place: 'drying', minutes: 30 },
      { place: 'fridge', minutes: 200 },
    ],
  },
});

describe('a point moved on a map', () => {
  it.each([
    ['thickness', 'x', 7, (plan: typeof both) => plan.shape.doseG],
    ['thickness', 'y', 0.9, (plan: typeof both) => plan.sheet.thicknessMm],
    ['size', 'y', 62, (plan: typeof both) => plan.shape.sizeMm],
  ] as const)('sets what its axis is of: %s, %s', (kind, axis, value, read) => {
    expect(read(MAP_AXES[kind][axis].set!(both, value))).toBe(value);
  });

  it('holds in a dead heat what was set by it, and nothing else', () => {
    const { mayChange } = MAP_AXES.thickness.x.set!(both, 7).batch;
    expect(mayChange).toEqual({ ...both.batch.mayChange, dose: false });
  });

  it('makes the last stretch of a hold longer or shorter, never less than none', () => {
    const set = MAP_AXES.water.x.set!;
    expect(set(held, 300).hold.phases).toEqual([
      { place: 'drying', minutes: 30 },
      { place: 'fridge', minutes: 270 },
    ]);
    expect(set(held, 10).hold.phases[1]).toEqual({ place: 'fridge', minutes: 0 });
    const none = { ...held, hold: { ...held.hold, phases: [] } };
    expect(set(none, 45).hold.phases).toEqual([{ place: 'fridge', minutes: 45 }]);
  });

  it('sets no free water: that is mixed, not set', () => {
    expect(MAP_AXES.water.y.set).toBeNull();
  });
});
