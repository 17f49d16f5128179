import * as z from 'zod';
import { oneOf, quantity, shortText } from '../fields';
import { PLAN_FIELDS, type PlanField } from './planFields';
import { rollerSchema } from '../sheet/roller';
import { FAMILY_IDS } from '../shapes/families';

/** Version of the plan document this product writes. */
export const PLAN_VERSION = 1;

/** Name of the format, the first thing in every plan file. */
export const PLAN_FORMAT = 'mortar-sheet/plan';

const measure = ({ label, ...range }: PlanField) => quantity(label, range);

const id = shortText('Ingredient id', 80);

const doughPartSchema = z.strictObject({
  id,
  g: measure(PLAN_FIELDS.partG),
});

const fillingPartSchema = z.strictObject({
  id,
  g: measure(PLAN_FIELDS.partG),
  preparation: shortText('Preparation', 80).default('raw'),
  /** The prepared result as weighed; replaces the typical yield. */
  weighedG: measure(PLAN_FIELDS.weighedG).optional(),
});

const fillingLossSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('bowl'),
    share: measure(PLAN_FIELDS.bowlShare),
  }),
  z.strictObject({
    kind: z.literal('bag'),
    g: measure(PLAN_FIELDS.bagG),
  }),
]);

const batchSchema = z.strictObject({
  wayIn: oneOf('Way in', ['portions', 'dough', 'filling', 'both']).default('portions'),
  portions: measure(PLAN_FIELDS.portions),
  piecesPerPortion: measure(PLAN_FIELDS.piecesPerPortion),
  doughInHandG: measure(PLAN_FIELDS.doughInHandG).default(500),
  fillingInHandG: measure(PLAN_FIELDS.fillingInHandG).default(500),
  usedShare: measure(PLAN_FIELDS.usedShare).default(0.86),
  rerolls: measure(PLAN_FIELDS.rerolls).default(1),
  trimUsable: measure(PLAN_FIELDS.trimUsable).default(0.85),
  stuckShare: measure(PLAN_FIELDS.stuckShare).default(0.02),
  endTrimG: measure(PLAN_FIELDS.endTrimG).default(0),
  fillingLoss: fillingLossSchema.default({ kind: 'bowl', share: 0.03 }),
  tasted: measure(PLAN_FIELDS.tasted).default(2),
  breakageShare: measure(PLAN_FIELDS.breakageShare).default(0.05),
  /** What using both up may change, when the way in is both. */
  mayChange: z
    .strictObject({ dose: z.boolean(), thickness: z.boolean(), size: z.boolean() })
    .default({ dose: true, thickness: true, size: true }),
});

const doughSchema = z.strictObject({
  parts: z.array(doughPartSchema).min(1, 'Dough must hold at least one ingredient').max(30),
  style: oneOf('Dough style', ['plain', 'benchFlourFree', 'rolledByPin']).default('plain'),
  /** Air humidity round flour stored open; left out for sealed flour. */
  rh: measure(PLAN_FIELDS.rh).optional(),
});

const fillingSchema = z.strictObject({
  parts: z.array(fillingPartSchema).min(1, 'Filling must hold at least one ingredient').max(40),
  texture: oneOf('Texture', ['coarse', 'mixed', 'minced', 'blended']).default('mixed'),
  air: measure(PLAN_FIELDS.air).default(0.03),
  /** From a spoon test; replaces the rule. */
  yieldStressPa: measure(PLAN_FIELDS.yieldStressPa).optional(),
});

const sheetSchema = z.strictObject({
  /** The roller as it stood when the plan was made, so that the plan can be read anywhere. */
  roller: rollerSchema,
  thicknessMm: measure(PLAN_FIELDS.thicknessMm),
  /** The rolled sheet with its edges straightened. */
  widthMm: measure(PLAN_FIELDS.sheetWidthMm),
  benchMm: measure(PLAN_FIELDS.benchMm).default(900),
});

const shapeSchema = z.strictObject({
  family: oneOf('Shape', FAMILY_IDS),
  sizeMm: measure(PLAN_FIELDS.sizeMm),
  pitchMm: measure(PLAN_FIELDS.pitchMm).default(30),
  doseG: measure(PLAN_FIELDS.doseG),
  laid: oneOf('Laid', ['ball', 'piped', 'spooned']).default('spooned'),
  finish: oneOf('Edge', ['fork', 'wheel', 'cutter', 'press', 'pinch']),
});

const holdSchema = z.strictObject({
  medium: oneOf('Seal with', ['water', 'mist', 'egg', 'eggWhite', 'dry']).default('water'),
  air: oneOf('Air out', ['middle', 'oneSide', 'pricked']).default('middle'),
  place: oneOf('Kept', ['bench', 'chilled', 'frozen']).default('chilled'),
  minutes: measure(PLAN_FIELDS.holdMinutes).default(60),
});

const boilSchema = z.strictObject({
  waterL: measure(PLAN_FIELDS.waterL).default(5),
  saltGPerL: measure(PLAN_FIELDS.saltGPerL).default(10),
  style: oneOf('Boil', ['simmer', 'rolling']).default('simmer'),
  /** Overrides the core temperature derived from what is in the filling. */
  safeCoreC: measure(PLAN_FIELDS.safeCoreC).optional(),
});

/** The plan document: the one truth for database, actions, files and forms. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT, { error: `Format must be "${PLAN_FORMAT}"` }),
  version: z.literal(PLAN_VERSION),
  name: shortText('Name', 120),
  note: z.string().max(4000, 'Note must be at most 4000 characters').default(''),
  /** The filling's own colour in the drawings. */
  colour: z
    .string()
    .regex(/^#[0-9a-fA-F]{6}$/, 'Colour must be # and six hexadecimal digits')
    .default('#8fa87e'),
  serving: oneOf('Serving', ['firstCourse', 'main', 'broth']).default('firstCourse'),
  batch: batchSchema,
  dough: doughSchema,
  filling: fillingSchema,
  sheet: sheetSchema,
  shape: shapeSchema,
  hold: holdSchema.default({ medium: 'water', air: 'middle', place: 'chilled', minutes: 60 }),
  boil: boilSchema.default({ waterL: 5, saltGPerL: 10, style: 'simmer' }),
});

/** A plan as the product works with it: every default filled in. */
export type Plan = z.infer<typeof planSchema>;
