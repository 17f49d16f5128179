import fc from 'fast-check';
import { preparationsFor, startingPantry } from '../composition/pantry';
import { SHEET_WAYS } from '../layout/sheetWay';
import { PLAN_FIELDS, type PlanFieldPath } from '../plan/document/planFields';
import { AIR_WAYS, FACES, MEDIA } from '../hold/seal';
import { PHASE_PLACES } from '../hold/phases';
import { SURFACES } from '../hold/surfaces';
import { PLAN_FORMAT, PLAN_VERSION } from '../plan/document/schema';
import { FAMILY_IDS, familyOf } from '../shapes/families';
import { DUST_KINDS } from '../sheet/dust';
import { genericRollers } from '../sheet/genericRollers';
import { PASS_STYLES } from '../sheet/passes';
import type { FieldRange } from '../range';

/** Any value that a plan's field allows. */
const within = ({ min, max, whole }: FieldRange): fc.Arbitrary<number> =>
  whole
    ? fc.integer({ min, max })
    : // JSON has no minus nothing.
      fc.double({ min, max, noNaN: true }).map((value) => value + 0);

const field = (path: PlanFieldPath) => within(PLAN_FIELDS[path]);

const ids = (choose: (group: string) => boolean): string[] =>
  [...startingPantry.ingredients.values()].filter(({ group }) => choose(group)).map(({ id }) => id);

const FLOURS = ids((group) => group === 'flour');
const WETS = ids((group) => ['egg', 'liquid', 'egg-substitute'].includes(group));
const FILLINGS = ids((group) => group !== 'flour');

/** Flour first, then what wets it: any blend that is still a dough. */
const dough = fc.record({
  parts: fc
    .tuple(
      fc.record({
        id: fc.constantFrom(...FLOURS),
        g: fc.double({ min: 80, max: 9000, noNaN: true }),
      }),
      fc.array(
        fc.record({
          id: fc.constantFrom(...FLOURS, ...WETS),
          share: fc.double({ min: 0.01, max: 0.7, noNaN: true }),
        }),
        {
          minLength: 1,
          maxLength: 4,
        },
      ),
    )
    .map(([first, rest]) => [first, ...rest.map(({ id, share }) => ({ id, g: first.g * share }))]),
  style: fc.constantFrom('plain', 'benchFlourFree', 'rolledByPin'),
  roomC: field('dough.roomC'),
  work: fc.record({
    by: fc.constantFrom('hand', 'mixer', 'processor'),
    kneadMin: field('dough.work.kneadMin'),
    folds: field('dough.work.folds'),
    restMin: field('dough.work.restMin'),
    restAt: fc.constantFrom('room', 'chilled'),
  }),
  roundUp: fc.boolean(),
});

const fillingPart = fc
  .record({
    id: fc.constantFrom(...FILLINGS),
    g: fc.double({ min: 1, max: 5000, noNaN: true }),
    pick: fc.nat(40),
  })
  .map(({ id, g, pick }) => {
    const suited = preparationsFor(startingPantry, id);
    return { id, g, preparation: suited[pick % suited.length]?.id ?? 'raw' };
  });

const filling = fc.record({
  parts: fc.array(fillingPart, { minLength: 1, maxLength: 6 }),
  texture: fc.constantFrom('coarse', 'mixed', 'minced', 'blended'),
  air: field('filling.air'),
  meetsC: field('filling.meetsC'),
  tipMm: field('filling.tipMm'),
});

const batch = fc.record({
  wayIn: fc.constantFrom('portions', 'dough', 'filling', 'both'),
  portions: field('batch.portions'),
  piecesPerPortion: field('batch.piecesPerPortion'),
  doughInHandG: field('batch.doughInHandG'),
  fillingInHandG: field('batch.fillingInHandG'),
  usedShare: fc.option(field('batch.usedShare'), { nil: undefined }),
  rerolls: field('batch.rerolls'),
  trimUsable: field('batch.trimUsable'),
  stuckShare: field('batch.stuckShare'),
  endTrimG: field('batch.endTrimG'),
  fillingLoss: fc.oneof(
    fc.record({ kind: fc.constant('bowl'), share: field('batch.fillingLoss.share') }),
    fc.record({ kind: fc.constant('bag'), g: field('batch.fillingLoss.g') }),
  ),
  trimTo: fc.constantFrom('ribbons', 'soup', 'waste'),
  tasted: field('batch.tasted'),
  breakageShare: field('batch.breakageShare'),
  mayChange: fc.record({ dose: fc.boolean(), thickness: fc.boolean(), size: fc.boolean() }),
});

const sheet = fc.record({
  roller: fc.constantFrom(...genericRollers),
  thicknessMm: field('sheet.thicknessMm'),
  widthMm: field('sheet.widthMm'),
  benchMm: field('sheet.benchMm'),
  endMm: field('sheet.endMm'),
  passes: fc.constantFrom(...PASS_STYLES),
  speed: fc.constantFrom('slow', 'even', 'fast'),
  people: field('sheet.people'),
  rh: field('sheet.rh'),
  air: fc.constantFrom('still', 'fan'),
  dust: fc.record({ kind: fc.constantFrom(...DUST_KINDS), gPerKg: field('sheet.dust.gPerKg') }),
});

const shape = fc.constantFrom(...FAMILY_IDS).chain((id) => {
  const family = familyOf(id);
  const lengths = family.dimensions.map(({ key, minMm, maxMm }) => [
    key,
    within({ min: minMm, max: maxMm }),
  ]);
  return fc.record({
    family: fc.constant(id),
    ...(Object.fromEntries(lengths) as { sizeMm: fc.Arbitrary<number> }),
    rows: fc.integer({ min: 1, max: 6 }),
    columns: fc.integer({ min: 1, max: 6 }),
    pocket: fc.constantFrom('square', 'disc'),
    blank: fc.constantFrom('square', 'disc'),
    edge: fc.constantFrom('plain', 'fluted'),
    sheets: fc.constantFrom(...SHEET_WAYS),
    gapMm: field('shape.gapMm'),
    doseG: field('shape.doseG'),
    laid: fc.constantFrom('ball', 'piped', 'spooned'),
    finish: fc.constantFrom(...family.finishes),
  });
});

const hold = fc.record({
  medium: fc.constantFrom(...MEDIA),
  faces: fc.constantFrom(...FACES),
  air: fc.constantFrom(...AIR_WAYS),
  surface: fc.constantFrom(...SURFACES),
  phases: fc.array(
    fc.record({ place: fc.constantFrom(...PHASE_PLACES), minutes: field('hold.phases.minutes') }),
    { maxLength: 5 },
  ),
});

const boil = fc.record({
  waterL: field('boil.waterL'),
  style: fc.constantFrom('simmer', 'rolling'),
  safeCoreC: fc.option(field('boil.safeCoreC'), { nil: undefined }),
  altitudeM: field('boil.altitudeM'),
  powerW: field('boil.powerW'),
  sauceMin: field('boil.sauceMin'),
});

/** For tests: any document of a plan that the schema takes, however unlikely. */
export const anyPlanDocument = fc
  .record({ batch, dough, filling, sheet, shape, hold, boil })
  .map((parts) => ({ format: PLAN_FORMAT, version: PLAN_VERSION, name: 'Any', ...parts }));

/** The same with some of its numbers at an end of what may be typed. A few then make no plan: what they ask clashes. */
export const planDocumentAtEnds = fc
  .tuple(
    anyPlanDocument,
    fc.infiniteStream(fc.constantFrom('min', 'max', ...Array<null>(8).fill(null))),
  )
  .map(([document, ends]) => {
    const put = (value: unknown, path: string): unknown => {
      if (Array.isArray(value)) return value.map((each) => put(each, path));
      if (typeof value === 'object' && value !== null) {
        return Object.fromEntries(
          Object.entries(value).map(([key, each]) => [
            key,
            put(each, path ? `${path}.${key}` : key),
          ]),
        );
      }
      const range = typeof value === 'number' && PLAN_FIELDS[path as PlanFieldPath];
      const end = range && (ends.next().value as 'min' | 'max' | null);
      return range && end ? range[end] : value;
    };
    return put(document, '');
  });
