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

  it('refuses a mould whose pockets run into one another, and says how wide they may be', () => {
    const mould = {
      name: 'Hall plate',
      rows: 3,
      columns: 4,
      pitchMm: 40,
      pocketMm: 38,
      depthMm: 9,
      pocket: 'square' as const,
    };
    const read = (change: object) =>
      kitchenSchema.safeParse({ ...startingKitchen, moulds: [{ ...mould, ...change }] });
    expect(read({}).success).toBe(true);
    const issue = read({ pocketMm: 39 }).error?.issues[0];
    expect(issue?.path).toEqual(['moulds', 0, 'pocketMm']);
    expect(issue?.message).toBe(
      'Pocket across must be at most 38 mm, 2 mm less than pocket to pocket, not 39',
    );
  });

  it.each([
    ['rollers', [], /Rollers must hold at least one/],
    ['eggG', 4, /Egg without shell must be a number from 6 to 200 g/],
    ['rh', 1.4, /Kitchen humidity must be a number from 0\.05 to 0\.95/],
    ['benchMm', 10, /Longest sheet must be a number from 80 to 10000 mm/],
    ['cutters', [{ name: 'Ring', mm: 400, form: 'round' }], /Cutter size .* 12 to 300 mm/],
    ['cutters', [{ name: 'Ring', mm: 40, form: 'star' }], /Cutter form must be one of: square/],
    ['spoons', [{ name: '', ml: 5 }], /Spoon name must be text of 1 to 60 characters/],
    ['tips', [{ name: 'Fine', mm: 0.5 }], /Tip opening .* 1 to 80 mm/],
    ['pots', [{ name: 'Pot', litres: 0 }], /Pot volume .* 0\.5 to 200 litres/],
  ])('refuses %s of %j by name and range', (key, value, message) => {
    const result = kitchenSchema.safeParse({ ...startingKitchen, [key]: value });
    expect(result.error?.issues[0]?.message).toMatch(message);
  });
});
