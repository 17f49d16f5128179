import { kitchenSchema, startingKitchen } from './kitchen';

describe('a kitchen document', () => {
  it('of before moulds, strips and fluted cutters is still read', () => {
    const { moulds: _m, benchMm: _b, ...old } = startingKitchen;
    const before = {
      ...old,
      cutters: old.cutters.map(({ edge: _e, ...cutter }) => cutter),
      rollers: old.rollers.map(({ drive: _d, strips: _s, ...roller }) => roller),
    };
    const read = kitchenSchema.parse(before);
    expect(read.moulds).toEqual([]);
    expect(read.benchMm).toBe(900);
    expect(read.rollers[0]).toMatchObject({ drive: 'crank', strips: [] });
    expect(read.cutters[0]?.edge).toBe('plain');
  });

  it.each([
    [
      'a dial out of order',
      {
        steps: [
          { label: '1', mm: 1 },
          { label: '2', mm: 2 },
        ],
      },
      /widest first/,
    ],
    [
      'two steps alike',
      {
        steps: [
          { label: '1', mm: 2 },
          { label: '1', mm: 1 },
        ],
      },
      /Step label must differ/,
    ],
    [
      'a strip of a step that is not there',
      {
        steps: [{ label: '1', mm: 2 }],
        strips: [{ label: '9', massG: 100, widthMm: 140, lengthMm: 500 }],
      },
      /Step label must be one of: 1/,
    ],
  ])('%s is refused by name', (_what, change, message) => {
    const rollers = [{ id: 'own', name: 'Own', widthMm: 145, ...change }];
    const result = kitchenSchema.safeParse({ ...startingKitchen, rollers });
    expect(result.success).toBe(false);
    expect(result.error?.issues[0]?.message).toMatch(message);
  });
});
