import { figure } from './figure';
import { lazily } from './lazy';
import { input } from './working';

const salt = (litres: number, compute = (of: { water: number }) => of.water * 10) =>
  figure({
    label: 'Salt',
    unit: 'g',
    kind: 'rule',
    formula: 'water × 10 g',
    source: 'yours',
    inputs: { water: [litres, 'litre'], kept: ['in the larder'] },
    compute,
    times: [0.8, 1.5],
  });

describe('a figure', () => {
  it('is what its formula makes of the inputs it shows', () => {
    const working = salt(5);
    expect(working.value).toBe(50);
    expect(working.range).toEqual([40, 75]);
    expect(working.inputs).toEqual([
      { name: 'water', value: 5, unit: 'litre' },
      { name: 'kept', value: 'in the larder' },
    ]);
  });

  it('is worked out when it is first read, and once', () => {
    const compute = jest.fn(({ water }: { water: number }) => water);
    const working = figure({
      label: 'Water',
      unit: 'litre',
      kind: 'choice',
      formula: 'as set',
      source: 'yours',
      inputs: { water: [5, 'litre'] },
      compute,
    });
    expect(compute).not.toHaveBeenCalled();
    expect([working.value, working.value]).toEqual([5, 5]);
    expect(compute).toHaveBeenCalledTimes(1);
  });

  it('of nothing has no range to be off by; one from and to is told as given', () => {
    expect(salt(0).range).toBeUndefined();
    const given = figure({
      label: 'Tacky from',
      unit: 'share',
      kind: 'rule',
      formula: 'as measured',
      source: 'craft',
      inputs: {},
      compute: () => 0.41,
      range: [0.39, 0.43],
    });
    expect(given.range).toEqual([0.39, 0.43]);
  });

  it('goes out as JSON with all it is made of', () => {
    expect(JSON.parse(JSON.stringify(salt(2)))).toMatchObject({
      label: 'Salt',
      value: 20,
      range: [16, 30],
    });
  });
});

describe('an object with later values', () => {
  it('counts them as its own, without working them out', () => {
    const slow = jest.fn(() => 3);
    const object = lazily({ a: 1 }, { b: slow });
    expect(Object.keys(object)).toEqual(['a', 'b']);
    expect('b' in object).toBe(true);
    expect(slow).not.toHaveBeenCalled();
    expect({ ...object }).toEqual({ a: 1, b: 3 });
    expect(object).toEqual({ a: 1, b: 3 });
    expect(slow).toHaveBeenCalledTimes(1);
  });

  it('tries again what failed', () => {
    let broken = true;
    const object = lazily(
      {},
      {
        b: () => {
          if (broken) throw new Error('not yet');
          return 1;
        },
      },
    );
    expect(() => object.b).toThrow('not yet');
    broken = false;
    expect(object.b).toBe(1);
  });
});

it('an input is short to write, its unit left out where it is a word', () => {
  expect(input('flour', 400, 'g')).toEqual({ name: 'flour', value: 400, unit: 'g' });
  expect(input('style', 'plain')).toEqual({ name: 'style', value: 'plain' });
});
