import { hearLines, linesAfter, postLines } from './deviceLines';

describe('lines of devices', () => {
  it('are numbered as they come, and given from a number on', () => {
    const { last } = linesAfter(null);
    expect(postLines(['a', 'b'])).toBe(last + 2);
    postLines(['c']);
    expect(linesAfter(last)).toEqual({ lines: ['a', 'b', 'c'], last: last + 3 });
    expect(linesAfter(last + 2).lines).toEqual(['c']);
    expect(linesAfter(last + 3).lines).toEqual([]);
    expect(linesAfter(null).lines).toEqual([]);
  });

  it('are kept for a short while, however many come', () => {
    const { last } = linesAfter(null);
    for (let n = 0; n < 20; n++) postLines(Array.from({ length: 100 }, (_, i) => `${n} ${i}`));
    const { lines } = linesAfter(last);
    expect(lines).toHaveLength(500);
    expect(lines.at(-1)).toBe('19 99');
  });

  it('go round by the one that began several processes, under its numbers', () => {
    const send = jest.fn();
    Object.assign(process, { send });
    process.env.MORTAR_KEEPER = 'no';
    hearLines();
    const { last } = linesAfter(null);
    postLines(['x']);
    expect(send).toHaveBeenCalledWith({ deviceLines: ['x'] });
    expect(linesAfter(last).lines).toEqual([]);
    process.emit('message', { deviceLines: [[last + 7, 'x']] }, undefined);
    process.emit('message', { other: 1 }, undefined);
    expect(linesAfter(last)).toEqual({ lines: ['x'], last: last + 7 });
    delete process.env.MORTAR_KEEPER;
    Object.assign(process, { send: undefined });
  });
});
