import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { filledKitchen } from '../server/testing/kitchenFile';
import { refusalOf, runCommand } from './command';
import { vaultCommand } from './vault';
import type { VaultCommand } from './vaultCommands';
import { machine, type World } from './world';

interface Told {
  readonly status: number | null;
  readonly stdout: string;
  readonly stderr: string;
}

/** As a process of its own. */
const started = (args: string[], input = ''): Told =>
  spawnSync('node_modules/.bin/tsx', ['src/cli/mortar.ts', ...args], { input, encoding: 'utf8' });

/** The same without starting one for each. */
async function mortar(args: string[], input = ''): Promise<Told> {
  let stdout = '';
  const world: World = {
    ...machine,
    readText: (file) => (file === '-' ? input : machine.readText(file)),
    print: (value) => (stdout += JSON.stringify(value)),
    say: (text) => (stdout += text),
  };
  try {
    await runCommand(args, world);
    return { status: 0, stdout, stderr: '' };
  } catch (error) {
    const line = refusalOf(error);
    if (line === null) throw error;
    return { status: 2, stdout, stderr: line };
  }
}

const refused = ({ status, stdout, stderr }: Told) => {
  expect(status).toBe(2);
  expect(stderr.trim().split('\n')).toHaveLength(1);
  return { stdout, line: stderr };
};

describe('mortar', () => {
  it('works a plan out, to its full result', () => {
    const { status, stdout } = started([
      'plan',
      'demo/plans/celeriac-and-smoked-curd-ravioli.json',
    ]);
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

  it('takes rows of one’s own with a plan, and says which line of a table is bad', async () => {
    const plan = JSON.parse(
      readFileSync('demo/plans/celeriac-and-smoked-curd-ravioli.json', 'utf8'),
    ) as { dough: { parts: { id: string; g: number }[] } };
    plan.dough.parts[0]!.id = 'landing-barley-flour';
    const document = JSON.stringify(plan);
    expect(refused(await mortar(['plan', '-'], document)).line).toMatch(/not in the pantry/);
    const { status, stdout } = await mortar(['plan', '-', '--rows', 'demo/pantry.csv'], document);
    expect(status).toBe(0);
    const { dough } = JSON.parse(stdout) as { dough: { parts: { name: string }[] } };
    expect(dough.parts[0]?.name).toBe('Landing mill barley flour');

    const bad = join(mkdtempSync(join(tmpdir(), 'mortar-')), 'rows.csv');
    writeFileSync(
      bad,
      readFileSync('demo/pantry.csv', 'utf8').replace('flour,12.0', 'flour,112.0'),
    );
    expect(refused(await mortar(['plan', '-', '--rows', bad], document)).line).toMatch(
      /rows\.csv: line 2, water: Water must be a number from 0 to 100/,
    );
  });

  it('reads calculations from standard input', () => {
    const { status, stdout } = started(
      ['calc', '-'],
      '[{"name":"batchYield","input":{"usedShare":0.86,"rerolls":1}}]',
    );
    expect(status).toBe(0);
    expect(JSON.parse(stdout)).toEqual([{ name: 'batchYield', output: { yield: 0.96234 } }]);
  });

  it('prints every result, names what was bad, and exits with 2', () => {
    const { stdout, line } = refused(
      started(
        ['calc', '-'],
        '[{"name":"flourMoisture","input":{"rh":3}},{"name":"flourMoisture","input":{"rh":0.5}}]',
      ),
    );
    expect(JSON.parse(stdout)).toHaveLength(2);
    expect(line).toMatch(/flourMoisture: rh must be a number from 0\.05 to 0\.95, not 3/);
  });

  it('prints the JSON Schema of the plan', async () => {
    const { stdout } = await mortar(['schema', 'plan']);
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
    [['schema', 'moon'], '', /schema: must be one of: plan, day/],
    [['bake'], '', /unknown command "bake"/],
    [['plan', '-', '--salt'], '', /Unknown option '--salt'/],
    [
      ['calc', '-', '--rows', 'demo/pantry.csv'],
      '[]',
      /--rows: goes with plan, day, faults, run, calibrate only/,
    ],
    [['faults', '-'], '{"signs":[]}', /signs: Signs must name at least one/],
    [['faults', '-'], '{"signs":["rain"]}', /Sign must be one of: sticky/],
    [
      ['faults', '-'],
      '{"signs":["pops"],"answers":{"bubble":"perhaps"}}',
      /Answer to bubble must be one of air, none, dontKnow/,
    ],
    [['faults', '-'], '{"signs":["pops"],"run":[{"kind":"begun"}]}', /run\.0\./],
    [['drill', 'juggling'], '', /KIND: must be one of: light/],
    [['drill', 'dose', '--seed', '-4'], '', /--seed/],
    [['drill', 'dose', '--seed', 'ten'], '', /--seed: must be a whole number/],
  ])('%j with %j exits with 2 and one clear line', async (args, input, message) => {
    expect(refused(await mortar(args, input)).line).toMatch(message);
  });

  it('goes from signs to causes, and makes exercises', async () => {
    const { stdout } = await mortar(
      ['faults', '-'],
      '{"plan":"demo/plans/celeriac-on-a-bare-tray.json","signs":["wetPatches"]}',
    );
    const told = JSON.parse(stdout) as {
      causes: { id: string; probability: number }[];
      question: object | null;
    };
    expect(told.causes.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
    expect(['heldTooLong', 'smoothSurface']).toContain(told.causes[0]?.id);
    const exercise = async () => (await mortar(['drill', 'dose', '--seed', '7'])).stdout;
    expect(JSON.parse(await exercise())).toMatchObject({ kind: 'dose', seed: 7 });
    expect(await exercise()).toBe(await exercise());
  });

  it('folds a run, calibrates from a folder of them, and plans on what they taught', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'mortar-'));
    const plan = JSON.parse(
      readFileSync('demo/plans/celeriac-and-smoked-curd-ravioli.json', 'utf8'),
    ) as { shape: { doseG: number } };
    const event = (n: number, more: object) => ({
      id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
      at: `2026-11-01T10:0${n}:00.000Z`,
      ...more,
    });
    const lines = [
      { format: 'mortar-sheet/run', version: 1, plan },
      event(1, { kind: 'counted', pieces: 290 }),
      event(2, { kind: 'weighed', what: 'doses', g: 12 * plan.shape.doseG, n: 10 }),
      event(3, { kind: 'left', what: 'dough', g: 40 }),
      event(4, { kind: 'finished' }),
    ].map((line) => JSON.stringify(line));
    writeFileSync(join(folder, 'one.jsonl'), [...lines, lines[1], 'rubbish'].join('\n'));
    const run = await mortar(['run', join(folder, 'one.jsonl')]);
    expect(run.status).toBe(0);
    expect(JSON.parse(run.stdout)).toMatchObject({
      status: 'finished',
      pieces: 290,
      ledger: { dough: { leftG: 40 } },
      unreadable: [{ line: 7, error: 'is not JSON' }],
    });
    const taught = await mortar(['calibrate', folder]);
    expect(taught.status).toBe(0);
    const file = join(folder, 'taught.json');
    writeFileSync(file, taught.stdout);
    const path = 'demo/plans/celeriac-and-smoked-curd-ravioli.json';
    const filling = async (...more: string[]) => {
      const { stdout } = await mortar(['plan', path, ...more]);
      return (JSON.parse(stdout) as { filling: { totalG: number } }).filling.totalG;
    };
    expect(await filling('--calibrations', file)).toBeGreaterThan(1.1 * (await filling()));
    expect(refused(await mortar(['run', path])).line).toMatch(/must be a run's head or an event/);
    expect(refused(await mortar(['calibrate', join(folder, 'none')])).line).toMatch(/not a folder/);
    expect(refused(await mortar(['plan', path, '--calibrations', path])).line).toMatch(/format/);
  });

  it('puts a day on the clock, and names what is bad in one', async () => {
    const path = 'demo/days/ferry-lunch-with-one-pot.json';
    const { status, stdout } = await mortar(['day', path]);
    expect(status).toBe(0);
    const told = JSON.parse(stdout) as {
      feasible: boolean;
      tasks: { from: string; people: string[] }[];
      mends: { says: string; enough: boolean }[];
      hands: { points: unknown[] };
    };
    expect(told.feasible).toBe(false);
    expect(told.tasks.length).toBeGreaterThan(25);
    expect(told.tasks[0]!.from).toMatch(/^2026-11-2\dT\d\d:\d\d$/);
    expect(told.mends.some(({ enough }) => enough)).toBe(true);
    expect(told.hands.points.length).toBeGreaterThan(2);
    const day = JSON.parse(readFileSync(path, 'utf8')) as { services: { portions: number }[] };
    day.services[0]!.portions = 0;
    expect(refused(await mortar(['day', '-'], JSON.stringify(day))).line).toMatch(
      /services\[0\]\.portions: Portions must be a whole number from 1 to 5000/,
    );
    const schema = await mortar(['schema', 'day']);
    expect(JSON.parse(schema.stdout)).toMatchObject({ type: 'object' });
  });

  it('copies a kitchen, restores it, and carries everything from one to another', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'mortar-'));
    const at = (name: string) => join(folder, name);
    const none = await mortar(['restore', at('none.db'), '--db', at('a.db')]);
    expect(refused(none).line).toMatch(/cannot be read/);
    expect(existsSync(at('a.db'))).toBe(false);
    filledKitchen(at('a.db')).$client.close();
    const copied = started(['backup', at('copy.db'), '--db', at('a.db')]);
    expect([copied.status, copied.stderr]).toEqual([0, '']);
    // The rest without starting a process for each.
    const told = (command: VaultCommand, file: string, db: string, different?: string) =>
      vaultCommand(command, at(file), { db: at(db), different });
    await expect(told('backup', 'x.db', 'none.db')).rejects.toThrow(/there is no/);
    expect(await told('restore', 'copy.db', 'b.db')).toMatchObject({ before: null });
    expect(await told('export', 'b.zip', 'b.db')).toMatchObject({ plans: 2, runs: 1 });
    expect(await told('import', 'b.zip', 'c.db')).toMatchObject({ taken: false });
    await expect(told('import', 'b.zip', 'c.db', 'mix')).rejects.toThrow(/one of: keep, take/);
    await told('import', 'b.zip', 'c.db', 'keep');
    expect(await told('import', 'b.zip', 'c.db')).toMatchObject({ plans: { fresh: 0, same: 2 } });
  });
});
