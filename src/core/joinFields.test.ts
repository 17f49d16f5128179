import fc from 'fast-check';
import { joinFields } from './joinFields';

describe('joinFields', () => {
  it('takes what either changed, and says where both did', () => {
    const base = { name: 'a', dose: 8, note: '', at: { x: 1, y: 1 } };
    const joined = joinFields(
      base,
      { ...base, dose: 9, note: 'mine', at: { x: 2, y: 1 } },
      { ...base, name: 'b', note: 'theirs', at: { x: 1, y: 2 } },
    );
    expect(joined).toEqual({
      mine: { name: 'b', dose: 9, note: 'mine', at: { x: 2, y: 2 } },
      theirs: { name: 'b', dose: 9, note: 'theirs', at: { x: 2, y: 2 } },
      clashes: ['note'],
      taken: ['name', 'at.y'],
    });
  });

  it('joins lists line by line: added, taken out, changed', () => {
    const line = (id: string, g: number) => ({ id, g });
    const base = [line('flour', 400), line('egg', 4), line('salt', 2)];
    const { mine, clashes, taken } = joinFields(
      base,
      [line('egg', 5), line('flour', 400), line('oil', 10)],
      [line('flour', 450), line('egg', 4), line('salt', 2), line('yolk', 1)],
    );
    expect(mine).toEqual([line('egg', 5), line('flour', 450), line('oil', 10), line('yolk', 1)]);
    expect(clashes).toEqual([]);
    expect(taken).toEqual(['flour.g', 'yolk']);
    // Taken out here and changed there is for a person to settle.
    expect(
      joinFields(base, [line('flour', 400)], [line('flour', 400), line('egg', 9)]),
    ).toMatchObject({
      mine: [line('flour', 400)],
      theirs: [line('flour', 400), line('egg', 9)],
      clashes: ['egg'],
    });
  });

  it('a list whose lines cannot be told apart is one field', () => {
    expect(joinFields([1, 2], [1, 2, 3], [0, 1, 2]).clashes).toEqual(['']);
    const twice = [{ id: 'a' }, { id: 'a' }];
    expect(joinFields(twice, [{ id: 'b' }], [{ id: 'c' }]).clashes).toEqual(['']);
  });

  const anyDocument = fc.dictionary(
    fc.constantFrom('a', 'b', 'c'),
    fc.oneof(fc.nat(3), fc.dictionary(fc.constantFrom('x', 'y'), fc.nat(2))),
  );
  const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown;

  it('loses nothing: one alone gives that one, the same twice gives it once, and sides swap', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, anyDocument, (base, a, b) => {
        expect(plain(joinFields(base, a, base).mine)).toEqual(plain(a));
        expect(plain(joinFields(base, base, b).mine)).toEqual(plain(b));
        expect(joinFields(base, a, a)).toMatchObject({ clashes: [], taken: [] });
        const [one, other] = [joinFields(base, a, b), joinFields(base, b, a)];
        expect([...one.clashes].sort()).toEqual([...other.clashes].sort());
        expect(plain(one.mine)).toEqual(plain(other.theirs));
        if (one.clashes.length === 0) expect(plain(one.mine)).toEqual(plain(other.mine));
      }),
    );
  });
});
