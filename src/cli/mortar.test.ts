import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const mortar = (args: string[], input = '') =>
  spawnSync('node_modules/.bin/tsx', ['src/cli/mortar.ts', ...args], { input, encoding: 'utf8' });

const refused = ({ status, stdout, stderr }: ReturnType<typeof mortar>) => {
  expect(status).toBe(2);
  expect(stderr.trim().split('\n')).toHaveLength(1);
  return { stdout, line: stderr };
};

describe('mortar', () => {
  it('works a plan out, to its full result', () => {
    const { status, stdout } = mortar(['plan', 'demo/plans/celeriac-and-smoked-curd-ravioli.json']);
    expect(status).toBe(0);
    const result = JSON.parse(stdout) as Record<string, unknown>;
    for (const path of [
      'pieces',
      'portions',
      'dough.totalG',
      'dough.perPieceG',
      'dough.hydration',
      'dough.target',
      'filling.totalG',
      'filling.perPieceG',
      'filling.freeWaterShare',
      'ratio',
      'leftover.doughG',
      'leftover.fillingG',
      'sheet.thicknessMm',
      'sheet.setting',
      'shape.lipMm',
      'margins.lip',
      'layout.pieces',
      'layout.share',
      'ladder.portions.count',
    ]) {
      const value = path
        .split('.')
        .reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], result);
      expect([path, typeof value]).toEqual([path, path === 'sheet.setting' ? 'string' : 'number']);
    }
    const { layout, ladder } = result as {
      layout: { pieces: number; places: unknown[] };
      ladder: { rungs: { stop: boolean }[] };
    };
    expect(layout.places).toHaveLength(layout.pieces);
    expect(ladder.rungs.filter(({ stop }) => stop)).toHaveLength(1);
  });

  it('takes rows of one’s own with a plan, and says which line of a table is bad', () => {
    const plan = JSON.parse(
      readFileSync('demo/plans/celeriac-and-smoked-curd-ravioli.json', 'utf8'),
    ) as { dough: { parts: { id: string; g: number }[] } };
    plan.dough.parts[0]!.id = 'landing-barley-flour';
    const document = JSON.stringify(plan);
    expect(refused(mortar(['plan', '-'], document)).line).toMatch(/not in the pantry/);
    const { status, stdout } = mortar(['plan', '-', '--rows', 'demo/pantry.csv'], document);
    expect(status).toBe(0);
    const { dough } = JSON.parse(stdout) as { dough: { parts: { name: string }[] } };
    expect(dough.parts[0]?.name).toBe('Landing mill barley flour');

    const bad = join(mkdtempSync(join(tmpdir(), 'mortar-')), 'rows.csv');
    writeFileSync(
      bad,
      readFileSync('demo/pantry.csv', 'utf8').replace('flour,12.0', 'flour,112.0'),
    );
    expect(refused(mortar(['plan', '-', '--rows', bad], document)).line).toMatch(
      /rows\.csv: line 2, water: Water must be a number from 0 to 100/,
    );
  });

  it('reads calculations from standard input', () => {
    const { status, stdout } = mortar(
      ['calc', '-'],
      '[{"name":"batchYield","input":{"usedShare":0.86,"rerolls":1}}]',
    );
    expect(status).toBe(0);
    expect(JSON.parse(stdout)).toEqual([{ name: 'batchYield', output: { yield: 0.96234 } }]);
  });

  it('prints every result, names what was bad, and exits with 2', () => {
    const { stdout, line } = refused(
      mortar(
        ['calc', '-'],
        '[{"name":"flourMoisture","input":{"rh":3}},{"name":"flourMoisture","input":{"rh":0.5}}]',
      ),
    );
    expect(JSON.parse(stdout)).toHaveLength(2);
    expect(line).toMatch(/flourMoisture: rh must be a number from 0\.05 to 0\.95, not 3/);
  });

  it('prints the JSON Schema of the plan', () => {
    const { stdout } = mortar(['schema', 'plan']);
    expect(JSON.parse(stdout)).toMatchObject({
      type: 'object',
      properties: { shape: { type: 'object' } },
    });
  });

  it.each([
    [['plan', '-'], '{"format":', /standard input: is not JSON/],
    [
      ['plan', '-'],
      '{"format":"mortar-sheet/plan","version":4}',
      /later version of the product \(4\)/,
    ],
    [['plan', 'no-such-file.json'], '', /no-such-file\.json: cannot be read/],
    [['plan'], '', /FILE: name a JSON file/],
    [['schema', 'moon'], '', /schema: must be one of: plan/],
    [['bake'], '', /unknown command "bake"/],
    [['plan', '-', '--salt'], '', /Unknown option '--salt'/],
    [['calc', '-', '--rows', 'demo/pantry.csv'], '[]', /--rows: goes with plan only/],
  ])('%j with %j exits with 2 and one clear line', (args, input, message) => {
    expect(refused(mortar(args, input)).line).toMatch(message);
  });
});
