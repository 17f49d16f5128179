import * as z from 'zod';
import { ALLERGENS } from '../../composition/allergens';
import { GUEST_DIETS } from '../../composition/diet';
import { oneOf, quantity, shortText } from '../../fields';
import { PLAN_FIELDS, USUAL, type PlanFieldPath } from './planFields';
import { COOLED_ON } from '../../filling/cooling';
import { AIR_WAYS, FACES, MEDIA } from '../../hold/seal';
import { PHASE_PLACES } from '../../hold/phases';
import { SURFACES } from '../../hold/surfaces';
import { SHEET_WAYS } from '../../layout/sheetWay';
import { DUST_KINDS } from '../../sheet/dust';
import { PASS_STYLES } from '../../sheet/passes';
import { rollerSchema } from '../../sheet/roller';
import { FAMILY_IDS } from '../../shapes/families';
import { FINISH_IDS } from '../../shapes/finish';
import { LAID } from '../../shapes/mound';

/** Version of the plan document this product writes. */
export const PLAN_VERSION = 3;

/** Name of the format, the first thing in every plan file. */
export const PLAN_FORMAT = 'mortar-sheet/plan';

const measure = (path: PlanFieldPath) => quantity(PLAN_FIELDS[path].label, PLAN_FIELDS[path]);

const id = shortText('Ingredient id', 80);

export const doughPartSchema = z.strictObject({
  id,
  g: measure('dough.parts.g'),
  /** All there is of it; as much as is wanted when left out. */
  haveG: measure('dough.parts.haveG').optional(),
});

export const fillingPartSchema = z.strictObject({
  id,
  g: measure('filling.parts.g'),
  preparation: shortText('Preparation', 80).default('raw'),
  /** The prepared result as weighed; replaces the typical yield. */
  weighedG: measure('filling.parts.weighedG').optional(),
});

const fillingLossSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('bowl'),
    share: measure('batch.fillingLoss.share'),
  }),
  z.strictObject({
    kind: z.literal('bag'),
    g: measure('batch.fillingLoss.g'),
  }),
]);

const batchSchema = z.strictObject({
  wayIn: oneOf('Way in', ['portions', 'dough', 'filling', 'both']).default('portions'),
  portions: measure('batch.portions'),
  piecesPerPortion: measure('batch.piecesPerPortion'),
  doughInHandG: measure('batch.doughInHandG').default(500),
  fillingInHandG: measure('batch.fillingInHandG').default(500),
  /** Share of a sheet that becomes pieces, as counted by the cook; the layout's own when left out. */
  usedShare: measure('batch.usedShare').optional(),
  rerolls: measure('batch.rerolls').default(USUAL['batch.rerolls']),
  trimUsable: measure('batch.trimUsable').default(USUAL['batch.trimUsable']),
  stuckShare: measure('batch.stuckShare').default(USUAL['batch.stuckShare']),
  endTrimG: measure('batch.endTrimG').default(USUAL['batch.endTrimG']),
  fillingLoss: fillingLossSchema.default({
    kind: USUAL['batch.fillingLoss.kind'],
    share: USUAL['batch.fillingLoss.share'],
  }),
  /** What the last trim becomes. */
  trimTo: oneOf('Last trim', ['ribbons', 'soup', 'waste']).default(USUAL['batch.trimTo']),
  tasted: measure('batch.tasted').default(USUAL['batch.tasted']),
  /** Share of pieces the cook counts on losing; what hands lose of this plan when left out. */
  breakageShare: measure('batch.breakageShare').optional(),
  /** What using both up may change, when the way in is both. */
  mayChange: z
    .strictObject({ dose: z.boolean(), thickness: z.boolean(), size: z.boolean() })
    .default({ dose: true, thickness: true, size: true }),
});

const doughWorkSchema = z.strictObject({
  by: oneOf('Kneaded by', ['hand', 'mixer', 'processor']).default('hand'),
  kneadMin: measure('dough.work.kneadMin').default(10),
  folds: measure('dough.work.folds').default(3),
  restMin: measure('dough.work.restMin').default(30),
  restAt: oneOf('Rested', ['room', 'chilled']).default('room'),
});

const doughSchema = z.strictObject({
  parts: z.array(doughPartSchema).min(1, 'Dough must hold at least one ingredient').max(30),
  style: oneOf('Dough style', ['plain', 'benchFlourFree', 'rolledByPin']).default('plain'),
  /** Air humidity round flour stored open; left out for sealed flour. */
  rh: measure('dough.rh').optional(),
  roomC: measure('dough.roomC').default(22),
  /** What one egg holds, by its grade or as weighed. */
  eggG: measure('dough.eggG').default(50),
  yolkG: measure('dough.yolkG').default(17),
  work: doughWorkSchema.prefault({}),
  /** Hanging strip: the length at which it tore under its own weight; replaces the strength rule. */
  hangMm: measure('dough.hangMm').optional(),
  /** Make dough up to the next whole egg, where it is made to measure; small batches are when left out. */
  roundUp: z.boolean({ error: 'Round up must be true or false' }).optional(),
});

const fillingSchema = z.strictObject({
  parts: z.array(fillingPartSchema).min(1, 'Filling must hold at least one ingredient').max(40),
  texture: oneOf('Texture', ['coarse', 'mixed', 'minced', 'blended']).default('mixed'),
  air: measure('filling.air').default(USUAL['filling.air']),
  /** Water cooked off the mixture, of the recipe as written. */
  cookedOffG: measure('filling.cookedOffG').default(USUAL['filling.cookedOffG']),
  /** The largest lump; by the texture when left out. */
  lumpMm: measure('filling.lumpMm').optional(),
  tipMm: measure('filling.tipMm').default(12),
  /** How warm it is when it meets the dough. */
  meetsC: measure('filling.meetsC').default(USUAL['filling.meetsC']),
  /** Stiffness measured in any way; replaces the rule. */
  yieldStressPa: measure('filling.yieldStressPa').optional(),
  /** A level spoonful left to spread; replaces both. */
  spoonTest: z
    .strictObject({
      volumeMl: measure('filling.spoonTest.volumeMl'),
      diameterMm: measure('filling.spoonTest.diameterMm'),
    })
    .optional(),
  /** A spoonful on a towel: what it gave up, and what its solids hold against the table by that. */
  towelTest: z
    .strictObject({
      spoonfulG: measure('filling.towelTest.spoonfulG'),
      wetG: measure('filling.towelTest.wetG'),
      holdingFactor: measure('filling.towelTest.holdingFactor'),
    })
    .optional(),
  /** What the filling is fried or sweated in; an oil without listed allergens when left out. */
  panFat: id.optional(),
  cooling: z
    .strictObject({
      fromC: measure('filling.cooling.fromC').default(80),
      depthMm: measure('filling.cooling.depthMm').default(15),
      on: oneOf('Cools on', COOLED_ON).default('shelf'),
      covered: z.boolean({ error: 'Covered must be true or false' }).default(false),
    })
    .prefault({}),
});

const sheetSchema = z.strictObject({
  /** The roller as it stood when the plan was made, so that the plan can be read anywhere. */
  roller: rollerSchema,
  thicknessMm: measure('sheet.thicknessMm'),
  /** The rolled sheet with its edges straightened. */
  widthMm: measure('sheet.widthMm'),
  benchMm: measure('sheet.benchMm').default(900),
  endMm: measure('sheet.endMm').default(USUAL['sheet.endMm']),
  /** Sheets no longer than the bench, or longer, laid in loose floured folds and filled a length at a time. */
  long: oneOf('Long sheets', ['bench', 'folds']).default(USUAL['sheet.long']),
  passes: oneOf('Passes', PASS_STYLES).default(USUAL['sheet.passes']),
  speed: oneOf('Speed', ['slow', 'even', 'fast']).default(USUAL['sheet.speed']),
  people: measure('sheet.people').default(USUAL['sheet.people']),
  /** To fill, close and cut one piece; by the shape when left out. */
  secondsPerPiece: measure('sheet.secondsPerPiece').optional(),
  rh: measure('sheet.rh').default(0.55),
  air: oneOf('Air', ['still', 'fan']).default(USUAL['sheet.air']),
  dust: z
    .strictObject({
      kind: oneOf('Dust', DUST_KINDS).default(USUAL['sheet.dust.kind']),
      gPerKg: measure('sheet.dust.gPerKg').default(20),
      /** Which flour it is; the usual one of its kind when left out. */
      id: id.optional(),
    })
    .prefault({}),
});

const shapeSchema = z.strictObject({
  family: oneOf('Shape', FAMILY_IDS),
  sizeMm: measure('shape.sizeMm'),
  pitchMm: measure('shape.pitchMm').default(30),
  acrossMm: measure('shape.acrossMm').default(45),
  /** The mould, by its pockets. */
  mould: shortText('Mould', 60).optional(),
  pocketMm: measure('shape.pocketMm').default(36),
  depthMm: measure('shape.depthMm').default(10),
  rows: measure('shape.rows').default(3),
  columns: measure('shape.columns').default(4),
  pocket: oneOf('Pocket', ['square', 'disc']).default('square'),
  blank: oneOf('Cut as', ['square', 'disc']).default('square'),
  edge: oneOf('Edge line', ['plain', 'fluted']).default(USUAL['shape.edge']),
  sheets: oneOf('Sheets', SHEET_WAYS).default('book'),
  gapMm: measure('shape.gapMm').default(USUAL['shape.gapMm']),
  doseG: measure('shape.doseG'),
  laid: oneOf('Laid', LAID).default('spooned'),
  finish: oneOf('Edge', FINISH_IDS),
});

const phaseSchema = z.strictObject({
  place: oneOf('Held', PHASE_PLACES),
  minutes: measure('hold.phases.minutes'),
});

const holdSchema = z.strictObject({
  medium: oneOf('Seal with', MEDIA).default(USUAL['hold.medium']),
  /** What is between the faces: nothing, flour, or filling that was smeared on the lip. */
  faces: oneOf('Faces', FACES).default(USUAL['hold.faces']),
  air: oneOf('Air out', AIR_WAYS).default(USUAL['hold.air']),
  /** What the pieces stand on. */
  surface: oneOf('Kept on', SURFACES).default(USUAL['hold.surface']),
  /** What the tray is strewn with; the bench's flour, or the surface's usual one, when left out. */
  strewn: id.optional(),
  /** Where they wait, one place after the other; none when they go straight into the pot. */
  phases: z
    .array(phaseSchema)
    .max(8, 'Phases must be at most 8')
    .default([{ place: 'fridge', minutes: 60 }]),
});

const boilSchema = z.strictObject({
  waterL: measure('boil.waterL').default(4),
  saltGPerL: measure('boil.saltGPerL').default(10),
  style: oneOf('Boil', ['simmer', 'rolling']).default('simmer'),
  /** Pieces at a time by the cook's own count; by the pot's rules when left out. */
  atOnce: measure('boil.atOnce').optional(),
  /** Overrides the core temperature derived from what is in the filling. */
  safeCoreC: measure('boil.safeCoreC').optional(),
  altitudeM: measure('boil.altitudeM').default(USUAL['boil.altitudeM']),
  /** What the burner gives to the water. */
  powerW: measure('boil.powerW').default(USUAL['boil.powerW']),
  /** Finished in the sauce. */
  sauceMin: measure('boil.sauceMin').default(USUAL['boil.sauceMin']),
});

/** What those who eat may not be given. */
const guestsSchema = z.strictObject({
  diet: oneOf('Diet', GUEST_DIETS).default('any'),
  without: z.array(oneOf('Allergen', ALLERGENS)).max(ALLERGENS.length).default([]),
});

/** The plan document: the one truth for database, actions, files and forms. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT, { error: `Format must be "${PLAN_FORMAT}"` }),
  version: z.literal(PLAN_VERSION),
  name: shortText('Name', 120),
  note: z.string().max(4000, 'Note must be at most 4000 characters').default(''),
  /** Words to find it by. */
  tags: z.array(shortText('Tag', 30)).max(12, 'Tags must be at most 12').default([]),
  /** The filling's own colour in the drawings. */
  colour: z
    .string()
    .regex(/^#[0-9a-fA-F]{6}$/, 'Colour must be # and six hexadecimal digits')
    .default('#8fa87e'),
  serving: oneOf('Serving', ['firstCourse', 'main', 'broth']).default('firstCourse'),
  guests: guestsSchema.prefault({}),
  batch: batchSchema,
  dough: doughSchema,
  filling: fillingSchema,
  sheet: sheetSchema,
  shape: shapeSchema,
  hold: holdSchema.prefault({}),
  boil: boilSchema.prefault({}),
});

/** A plan as the product works with it: every default filled in. */
export type Plan = z.infer<typeof planSchema>;
