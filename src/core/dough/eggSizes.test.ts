import { EGG_GRADES, EGG_SYSTEMS, eggSizeOf } from './eggSizes';

describe('grades of eggs', () => {
  it('are those of two common systems, whole and yolk', () => {
    expect(EGG_SYSTEMS.map(({ sizes }) => sizes.map(({ eggG, yolkG }) => [eggG, yolkG]))).toEqual([
      [
        [42, 15],
        [50, 17],
        [58, 19],
        [66, 21],
      ],
      [
        [44, 16],
        [50, 18],
        [56, 19],
        [63, 20],
      ],
    ]);
  });

  it('are told by whole and yolk together; a weighed egg is none', () => {
    expect(eggSizeOf({ eggG: 50, yolkG: 17 })?.id).toBe('from-42-medium');
    expect(eggSizeOf({ eggG: 50, yolkG: 18 })?.id).toBe('from-44-large');
    expect(eggSizeOf({ eggG: 51, yolkG: 17 })).toBeNull();
    expect(EGG_GRADES).toHaveLength(8);
  });
});
