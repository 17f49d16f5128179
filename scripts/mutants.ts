/**
 * npm run mutants: changes one thing at a time in the core, runs the unit tests that should notice, and says
 * the share that did. The test that every rule is read is left out: it would notice anything. Besides changes by
 * hand and every rule it tries 60 operators and constants drawn at random.
 * Words given are looked for in the names of changes: `npm run mutants -- lip stuck`. `--random 60 --seed 7`
 * tries only so many drawn ones, from that seed.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { drawnMutants } from './mutants/draw';
import { tool } from './setup.mjs';

/** One change: its first place in the file, or the one at a position. */
export interface Mutant {
  readonly name: string;
  readonly file: string;
  readonly from: string;
  readonly to: string;
  readonly at?: number;
}

const core = (name: string, file: string, from: string, to: string): Mutant => ({
  name,
  file: `src/core/${file}.ts`,
  from,
  to,
});

/** Changes that once went unnoticed, and others like them. */
const BY_HAND: readonly Mutant[] = [
  core(
    'sign of too wet against too dry for strength',
    'dough/sheetStrength',
    'Math.max(0, over - rules',
    'Math.max(0, -over - rules',
  ),
  core('stuck dough lost', 'batch/ledger', '    stuckG,\n', '    stuckG: 0,\n'),
  core('what sticks is not rolled', 'batch/batch', '* (1 - stuckShare);', '* 1;'),
  core('fish dropped from safe core', 'plan/model/safeCore', "'meat', 'fish',", "'meat',"),
  core(
    'room temperature ignored',
    'plan/model/rolling',
    'conditions.fridgeC : dough.roomC',
    'conditions.fridgeC : 22',
  ),
  core(
    'room temperature ignored by open time',
    'plan/model/sheet',
    'tempC: plan.dough.roomC',
    'tempC: 22',
  ),
  core('seconds a piece ignored', 'plan/model/sheet', 'sheet.secondsPerPiece ??', 'undefined ??'),
  core("remedy's aim", 'risk/remedies/size', "margin: rules['risk.aim'].value", 'margin: 1'),
  core("less filling's aim", 'risk/remedies/dose', "margin: rules['risk.aim'].value", 'margin: 1'),
  core('order of remedies', 'risk/remedies', 'b.margin - a.margin', 'a.margin - b.margin'),
  core('a remedy that gains nothing', 'risk/remedies', 'margin + LEAST_GAIN', 'margin - 1'),
  core(
    'a mould widened',
    'risk/remedies/size',
    "=== 'mouldedRavioli') return [];",
    "=== 'none') return [];",
  ),
  core(
    'last cut of the ladder',
    'sheet/ladder',
    '(longer > longestMm || isStop)',
    '(longer > longestMm)',
  ),
  core('a single sheet cut', 'sheet/portions', 'Math.min(sheetsEach, sheets)', 'sheetsEach'),
  core('passes in spring-back', 'plan/model/rolling', 'LAST_REPEATS[plan.sheet.passes]', '2'),
  core(
    'open time from added water',
    'plan/model/sheet',
    'dough.moisture',
    'dough.now.waterG / dough.now.massG',
  ),
  core(
    'a lump unwrapped',
    'shapes/wrap',
    '(outline.blankMm - ellipsePerimeter',
    '(outline.blankMm - 0 * ellipsePerimeter',
  ),
  core(
    'a fold over the lump',
    'shapes/wrap',
    'depthMm = 2 * b + beyondMm',
    'depthMm = b + beyondMm',
  ),
  core('a flat lump’s thickness', 'shapes/mound', '(3 * volumeMm3) / (4', '(2 * volumeMm3) / (4'),
  core(
    'overfull pockets',
    'shapes/mound',
    'share > 1 ? radiusAtHeight',
    'share > 9 ? radiusAtHeight',
  ),
  core('a square pocket as a round one', 'shapes/mound', 'square: 4 / Math.PI', 'square: 1'),
  core(
    'a ridge asks for thickness',
    'shapes/finish',
    "(finish === 'mould' ? 0 :",
    "((finish as string) === 'no' ? 0 :",
  ),
  core('half of a fold', 'plan/model/heat', 'thin(least) ? null : band', 'band'),
  core(
    'comfort of a dead heat',
    'batch/deadHeat',
    '(from.comfort && bestHeat(from, from.comfort)) ||',
    '',
  ),
  core('trim not spoilt', 'batch/sheetRun', 'rolling.trimG * (1 - trimUsable)', '0'),
  core(
    'the rest kneaded away',
    'batch/sheetRun',
    'if (generation === 0 && !again) restG',
    'if (generation === 9) restG',
  ),
  core(
    'pattern by the longest sheet alone',
    'plan/model/batch',
    '(better(each, best) ? each : best)',
    'best',
  ),
  core(
    'weather ignored',
    'dough/doughMoisture',
    'let waterG = weatherWaterG',
    'let waterG = 0 * weatherWaterG',
  ),
  core(
    'small batches not made up',
    'plan/model/doughOfBatch',
    'dough.roundUp ?? eggsNeeded <',
    'dough.roundUp ?? 0 * eggsNeeded >',
  ),
  core('float of eggs', 'plan/model/doughOfBatch', "(1 + rules['dough.eggs.float'].value)", '1'),
  core('cooling by its mean', 'filling/cooling', 'top + d1 / (2 * CONDUCTS_W_PER_MK)', 'top'),
  core('raw egg cooked', 'risk/drying', 'holdsRawEgg(filling, pantry) ? []', 'false ? []'),
  core(
    'runny fillings stand',
    'filling/handling',
    "const pipes = yieldStressPa >= rules['filling.pipe.least'].value",
    'const pipes = true',
  ),
  core(
    'planned burst from spares',
    'log/compareLog',
    'plan.breakageShare',
    'plan.counts.spare / plan.counts.made',
  ),
  core(
    'nothing fits is enough',
    'plan/stations',
    "if (layout.doesNotFit) return { state: 'fails', word: 'nothing",
    "if (pieces < 0) return { state: 'fails', word: 'nothing",
  ),
  core(
    'folds no longer than the bench',
    'plan/model/laying',
    "if (sheet.long === 'bench')",
    "if (sheet.long !== 'none' as string)",
  ),
  core(
    'what is in hand is bought',
    'shopping/shoppingList',
    "wayIn === 'dough' || wayIn === 'both'",
    "wayIn === 'none' as string",
  ),
  core(
    'drained ricotta bought drained',
    'shopping/shoppingList',
    'line.g += g * as.times',
    'line.g += g',
  ),
  core(
    'soft called wet',
    'dough/targetHydration',
    "hydration <= high + EPSILON ? 'soft' : 'wet'",
    "'wet'",
  ),
  core(
    'mending to the target',
    'plan/model/dough',
    '(from - hydration) * flourG',
    '(from + 0.02 - hydration) * flourG',
  ),
];

/** Every rule of the registry, a quarter off. */
function rules(): Mutant[] {
  return ['dough', 'filling', 'sheet', 'shape', 'judging'].flatMap((subject) => {
    const file = `basis/rules/${subject}`;
    const text = readFileSync(`src/core/${file}.ts`, 'utf8');
    return [...text.matchAll(/'([\w.]+)': \[\s*(-?[\d./ ]+),/g)].map(([whole, id, value]) => {
      const off = `(${value}) * 1.25 + 0.001`;
      return core(`rule ${id}`, file, whole!, whole!.replace(value!, off));
    });
  });
}

const { values, positionals: words } = parseArgs({
  allowPositionals: true,
  options: { random: { type: 'string' }, seed: { type: 'string', default: '1' } },
});
const drawn = drawnMutants(Number(values.random ?? 60), Number(values.seed));
const all = values.random ? drawn : [...BY_HAND, ...rules(), ...drawn];
const wanted = all.filter(({ name }) => !words.length || words.some((word) => name.includes(word)));

/** Tests of a plan as a whole, short enough to run for every change. */
const OF_PLANS =
  'plan/(judged|stations|dough|filling|model|questions|workings|evaluatePlan)|risk|log|shopping|' +
  'golden/(plans|questions|shapes)';

/** Subjects that no plan is worked out with: their own tests and golden tables are all that should notice. */
const BESIDE_PLANS: Readonly<Record<string, string>> = {
  calibrate: 'batches',
  devices: '',
  drills: 'practice',
  faults: 'faults',
  formats: 'days',
  kitchen: 'questions',
  log: 'batches',
  paper: 'practice',
  recipe: '',
  run: 'batches',
  schedule: 'days',
  shopping: 'questions',
  templates: 'questions',
  units: 'days',
};

/** The tests that stand beside what is changed: its subject's own, then those of plans. */
function testsFor(file: string): string {
  const [, , subject = '', , name = ''] = file.split(/[/.]/);
  const golden = BESIDE_PLANS[subject];
  if (golden !== undefined) {
    return `src/core/(${subject}/|examples${golden && `|golden/${golden}`})`;
  }
  const own = subject === 'basis' ? name : subject;
  const beside =
    { judging: 'boil|batch|basis', shape: 'shapes', batch: 'batch|plan/heat' }[own] ?? own;
  return `src/core/(${beside}|examples|${OF_PLANS})`;
}

/** Whether a unit test fails with things as they now stand. */
function noticed(file: string): boolean {
  const { status } = spawnSync(
    tool('jest'),
    [testsFor(file), '--bail', '--silent', '--testPathIgnorePatterns=everyRule'],
    { stdio: 'ignore' },
  );
  return status !== 0;
}

const missed: string[] = [];
for (const { name, file, from, to, at } of wanted) {
  const before = readFileSync(file, 'utf8');
  const place = at ?? before.indexOf(from);
  if (!before.startsWith(from, place) || place < 0) {
    missed.push(`${name} (no longer in ${file})`);
    console.log(`?  ${name}`);
    continue;
  }
  try {
    writeFileSync(file, before.slice(0, place) + to + before.slice(place + from.length));
    const told = noticed(file);
    if (!told) missed.push(name);
    console.log(`${told ? '✓ ' : '✕ '} ${name}`);
  } finally {
    writeFileSync(file, before);
  }
}
const share = Math.round((100 * (wanted.length - missed.length)) / Math.max(1, wanted.length));
console.log(`\n${share} % of ${wanted.length} changes noticed`);
if (missed.length) console.log(`Not noticed:\n  ${missed.join('\n  ')}`);
