import * as z from 'zod';
import { ALLERGENS } from '../composition/allergens';
import { oneOf, quantity, shortText } from '../fields';
import { timeZoneSchema } from './localTime';
import { genericRollers } from '../sheet/genericRollers';
import { rollerSchema } from '../sheet/roller';

/** Version of the kitchen document this product writes. */
const KITCHEN_VERSION = 1;

const cutterSchema = z.strictObject({
  name: shortText('Cutter name', 60),
  mm: quantity('Cutter size', { min: 12, max: 300, unit: 'mm' }),
  form: oneOf('Cutter form', ['square', 'round', 'wheel', 'stamp']),
  edge: oneOf('Cutter edge', ['plain', 'fluted']).default('plain'),
});

/** Between two pockets a mould has at least this much ridge, mm. */
export const LEAST_RIDGE_MM = 2;

const mouldSchema = z
  .strictObject({
    name: shortText('Mould name', 60),
    rows: quantity('Rows', { min: 1, max: 40, whole: true }),
    columns: quantity('Columns', { min: 1, max: 40, whole: true }),
    pitchMm: quantity('Pocket to pocket', { min: 15, max: 200, unit: 'mm' }),
    pocketMm: quantity('Pocket across', { min: 8, max: 190, unit: 'mm' }),
    depthMm: quantity('Pocket depth', { min: 1, max: 80, unit: 'mm' }),
    pocket: oneOf('Pocket', ['square', 'disc']),
  })
  .superRefine(({ pitchMm, pocketMm }, context) => {
    const most = pitchMm - LEAST_RIDGE_MM;
    if (pocketMm <= most + 1e-9) return;
    context.addIssue({
      code: 'custom',
      path: ['pocketMm'],
      message: `Pocket across must be at most ${most} mm, ${LEAST_RIDGE_MM} mm less than pocket to pocket, not ${pocketMm}`,
    });
  });

export type Mould = z.infer<typeof mouldSchema>;
export type Cutter = z.infer<typeof cutterSchema>;

const spoonSchema = z.strictObject({
  name: shortText('Spoon name', 60),
  ml: quantity('Spoon volume', { min: 0.5, max: 200, unit: 'ml' }),
});

const tipSchema = z.strictObject({
  name: shortText('Tip name', 60),
  mm: quantity('Tip opening', { min: 1, max: 80, unit: 'mm' }),
});

export const potSchema = z.strictObject({
  name: shortText('Pot name', 60),
  litres: quantity('Pot volume', { min: 0.5, max: 200, unit: 'litres' }),
});

/** What a day's clock reckons with beside rollers and pots. */
export const roomSchema = z.strictObject({
  burners: quantity('Burners', { min: 0, max: 60, whole: true }).default(4),
  ovens: quantity('Ovens', { min: 0, max: 40, whole: true }).default(1),
  /** Room for trays at once. */
  fridgeTrays: quantity('Trays in the fridge', { min: 0, max: 400, whole: true }).default(6),
  freezerTrays: quantity('Trays in the freezer', { min: 0, max: 400, whole: true }).default(4),
  trays: quantity('Trays', { min: 1, max: 400, whole: true }).default(8),
  trayLengthMm: quantity('Tray length', { min: 100, max: 2000, unit: 'mm' }).default(530),
  trayWidthMm: quantity('Tray width', { min: 100, max: 2000, unit: 'mm' }).default(325),
});

export type Room = z.infer<typeof roomSchema>;

/** The cook's own gear: what rulers are marked with and plans choose from. */
export const kitchenSchema = z.strictObject({
  format: z.literal('mortar-sheet/kitchen'),
  version: z.literal(KITCHEN_VERSION),
  name: shortText('Kitchen name', 120),
  cooks: z.array(shortText('Cook name', 60)).max(40),
  /** Weight of one egg's contents, as the cook's eggs run, g. */
  eggG: quantity('Egg without shell', { min: 6, max: 200, unit: 'g' }),
  yolkG: quantity('Yolk', { min: 2, max: 90, unit: 'g' }),
  /** Whose days and clock the kitchen keeps; the machine's own when left out. */
  timeZone: timeZoneSchema.optional(),
  /** The air where the dough is made. */
  roomC: quantity('Kitchen temperature', { min: 0, max: 45, unit: '°C' }).default(22),
  rh: quantity('Kitchen humidity', { min: 0.05, max: 0.95 }).default(0.55),
  /** Piping tips, by what comes out. */
  tips: z.array(tipSchema).max(20).default([]),
  bagMl: quantity('Piping bag', { min: 50, max: 5000, unit: 'ml' }).default(450),
  rollers: z.array(rollerSchema).min(1, 'Rollers must hold at least one').max(20),
  cutters: z.array(cutterSchema).max(40),
  /** Trays and plates with pockets. */
  moulds: z.array(mouldSchema).max(20).default([]),
  /** The longest sheet that the bench and the arms take. */
  benchMm: quantity('Longest sheet', { min: 80, max: 10_000, unit: 'mm' }).default(900),
  spoons: z.array(spoonSchema).max(20),
  pots: z.array(potSchema).max(20),
  room: roomSchema.prefault({}),
  /** Allergens handled here, whatever a plan holds: labels say that a piece may contain them. */
  alsoHandles: z.array(oneOf('Allergen', ALLERGENS)).max(ALLERGENS.length).default([]),
  /** What was learnt but is kept at typical, as `quantity/key`; `*` for all of it. */
  held: z.array(z.string().max(160)).max(400).default([]),
  /** Causes found for what went wrong in no batch of the logbook, how often each. */
  found: z
    .record(z.string().max(60), quantity('Times found', { min: 0, max: 100_000, whole: true }))
    .default({}),
});

export type Kitchen = z.infer<typeof kitchenSchema>;

/** The kitchen a new user starts with: one roller, one pot and common cutters, until they say what they own. */
export const startingKitchen: Kitchen = {
  format: 'mortar-sheet/kitchen',
  version: KITCHEN_VERSION,
  name: 'My kitchen',
  cooks: [],
  eggG: 50,
  yolkG: 17,
  roomC: 22,
  rh: 0.55,
  tips: [
    { name: '10 mm plain', mm: 10 },
    { name: '14 mm plain', mm: 14 },
  ],
  bagMl: 450,
  rollers: genericRollers.slice(0, 1),
  cutters: [
    { name: '50 cutter', mm: 50, form: 'square', edge: 'plain' },
    { name: '60 cutter', mm: 60, form: 'square', edge: 'plain' },
    { name: '70 cutter', mm: 70, form: 'square', edge: 'plain' },
    { name: '60 ring', mm: 60, form: 'round', edge: 'plain' },
    { name: '80 ring', mm: 80, form: 'round', edge: 'plain' },
  ],
  moulds: [],
  benchMm: 900,
  spoons: [
    { name: '1 tsp', ml: 5 },
    { name: '2 tsp', ml: 10 },
    { name: '1 tbsp', ml: 15 },
  ],
  pots: [{ name: 'Pot', litres: 5 }],
  room: roomSchema.parse({}),
  alsoHandles: [],
  held: [],
  found: {},
};
