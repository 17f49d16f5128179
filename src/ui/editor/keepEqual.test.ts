import fc from 'fast-check';
import { keepEqual } from './keepEqual';

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
const anyData = fc.jsonValue({ maxDepth: 4 });

describe('keepEqual', () => {
  it('is what was read, whatever was there before', () => {
    fc.assert(
      fc.property(anyData, anyData, (before, next) => {
        expect(copy({ it: keepEqual<unknown>(before, next) })).toEqual(copy({ it: next }));
      }),
    );
  });

  it('is the very thing before where nothing differs', () => {
    fc.assert(
      fc.property(fc.object({ maxDepth: 4 }), (before) => {
        const clean = copy(before);
        expect(keepEqual(clean, copy(clean))).toBe(clean);
      }),
    );
  });

  it('keeps every part that is as it was, and those round a change are new', () => {
    const before = { a: { n: 1, deep: { m: [1, 2] } }, b: [{ id: 'x' }, { id: 'y' }], c: '' };
    const next = { ...copy(before), b: [{ id: 'x' }, { id: 'z' }] };
    const kept = keepEqual(before, next);
    expect(kept).toEqual(next);
    expect(kept).not.toBe(before);
    expect(kept.a).toBe(before.a);
    expect(kept.b[0]).toBe(before.b[0]);
    expect(kept.b[1]).not.toBe(before.b[1]);
  });

  it('tells a field that is gone from one that is empty, a list from an object, one line more from none', () => {
    expect(keepEqual<object>({ a: 1, b: undefined }, { a: 1 })).toEqual({ a: 1 });
    expect(Object.keys(keepEqual<object>({ a: 1, b: undefined }, { a: 1 }))).toEqual(['a']);
    expect(keepEqual<unknown>({ 0: 'x' }, ['x'])).toEqual(['x']);
    expect(keepEqual<unknown>([1], [1, 2])).toEqual([1, 2]);
    expect(keepEqual<unknown>([1, 2], [1])).toEqual([1]);
    expect(keepEqual<unknown>(null, { a: 1 })).toEqual({ a: 1 });
  });
});
