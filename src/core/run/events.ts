import * as z from 'zod';
import { oneOf, quantity, shortText } from '../fields';
import { CORRECTIONS, FEELS } from '../dough/feel';
import { WAY_IDS } from './ways';

/** The steps of a batch, in the order of the work. */
export const STEP_IDS = [
  'weigh',
  'knead',
  'rest',
  'filling',
  'cool',
  'portion',
  'roll',
  'fill',
  'trays',
  'hold',
  'boil',
  'plate',
  'close',
] as const;

export type StepId = (typeof STEP_IDS)[number];

/** What a weight is of. */
export const WEIGHED = [
  'ingredient',
  'dough',
  'filling',
  'pieces',
  'doses',
  'doughLeft',
  'fillingLeft',
  'trimLeft',
] as const;

/** Clocks of the bench. */
export const TIMER_IDS = ['knead', 'rest', 'cool', 'open', 'hold', 'boil', 'sauce'] as const;

export type TimerId = (typeof TIMER_IDS)[number];

/** How a cooked edge ate. */
export const EDGES = ['hard', 'right', 'soft'] as const;

/** Longest picture that goes into a log, as text. */
export const MOST_PICTURE = 160_000;

const grams = (label: string) => quantity(label, { min: 0, max: 200_000, unit: 'g' });
const pieces = quantity('Pieces', { min: 0, max: 20_000, whole: true });
const step = oneOf('Step', STEP_IDS);
const item = shortText('Item', 120);

const common = {
  /** Made where it happened, so that one sent twice is one. */
  id: z.uuid({ error: 'Event id must be a UUID' }),
  /** By the clock at the bench. */
  at: z.iso.datetime({ error: 'Time must be as 2026-11-24T17:05:00Z' }),
  by: shortText('Cook', 60).optional(),
};

const event = <K extends string, T extends z.ZodRawShape>(kind: K, shape: T) =>
  z.strictObject({ ...common, kind: z.literal(kind), ...shape });

/**
 * Everything that can happen to a run. Events are added and never changed; a mistake is taken back by
 * another event.
 */
export const runEventSchema = z.discriminatedUnion('kind', [
  event('begun', {}),
  event('stepBegun', { step }),
  event('stepDone', { step }),
  /** One line of a step: an ingredient that went in, a rung that was rolled. */
  event('ticked', { step, item }),
  event('weighed', {
    what: oneOf('What was weighed', WEIGHED),
    g: grams('Weight'),
    /** So many together, where pieces or doses are weighed. */
    n: quantity('How many', { min: 1, max: 1000, whole: true }).optional(),
    item: item.optional(),
  }),
  /** A sheet closed and cut, with the pieces it gave; none when it tore. */
  event('sheetDone', {
    pieces,
    torn: z.boolean({ error: 'Torn must be true or false' }).default(false),
    /** From the sheet being down to its last piece closed, s. */
    seconds: quantity('Seconds', { min: 0, max: 36_000, unit: 's' }).optional(),
    people: quantity('People', { min: 1, max: 12, whole: true }).optional(),
  }),
  /** Pieces counted in all, where nobody counted sheets. */
  event('counted', { pieces }),
  event('roundDone', {
    pieces,
    minutes: quantity('Minutes', { min: 0, max: 120, unit: 'min' }).optional(),
  }),
  /** What the rest of the batch is made by from here on. */
  event('changed', {
    doseG: quantity('Dose', { min: 0.1, max: 200, unit: 'g' }).optional(),
    thicknessMm: quantity('Thickness', { min: 0.2, max: 6, unit: 'mm' }).optional(),
    /** Dough made beside the first, and filling. */
    moreDoughG: grams('More dough').optional(),
    moreFillingG: grams('More filling').optional(),
    /** What is over becomes ribbons, soup squares, or is kept. */
    rest: oneOf('The rest', ['ribbons', 'kept']).optional(),
  }),
  /** What the hand felt in the dough, and what was done. */
  event('corrected', {
    feel: oneOf('Feel', FEELS),
    did: oneOf('Correction', CORRECTIONS),
    amount: quantity('Amount', { min: 0, max: 100_000 }),
  }),
  event('measured', {
    test: oneOf('Test', [
      'thicknessMm',
      'hangMm',
      'spoonMm',
      'towelG',
      'coreC',
      'fillingC',
      'roomC',
      'rh',
    ]),
    value: quantity('Value', { min: -40, max: 100_000 }),
    /** What it was of: a spoon of so many ml, a spoonful of so many g. */
    of: quantity('Of', { min: 0, max: 100_000 }).optional(),
  }),
  event('timerSet', {
    timer: oneOf('Timer', TIMER_IDS),
    minutes: quantity('Minutes', { min: 0.05, max: 10_080, unit: 'min' }),
  }),
  event('timerStopped', { timerEvent: z.uuid() }),
  event('burst', { how: oneOf('How', WAY_IDS), pieces }),
  event('left', {
    what: oneOf('What is left', ['dough', 'filling', 'trim']),
    g: grams('What is left'),
  }),
  /** Why something went wrong, as the cook settled it: a cause and the signs that led there, by name. */
  event('traced', {
    cause: shortText('Cause', 60),
    signs: z.array(shortText('Sign', 60)).max(30, 'Signs must be at most 30').default([]),
  }),
  /** Who ate, and how many pieces they ate in all. */
  event('ate', {
    people: quantity('People', { min: 1, max: 5000, whole: true }),
    pieces,
  }),
  event('edgeAte', { edge: oneOf('Edge', EDGES) }),
  event('noted', {
    text: z.string().trim().min(1).max(4000, 'Note must be at most 4000 characters'),
  }),
  event('pictured', {
    image: z
      .string()
      .max(MOST_PICTURE, 'Picture must be smaller')
      .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'Picture must be an image'),
  }),
  event('finished', {
    /** The day it counts for, where it was written down later. */
    madeOn: z.iso.date({ error: 'Date must be a day as 2026-11-24' }).optional(),
  }),
  event('abandoned', { why: z.string().max(400).default('') }),
  /** It happened, but is not learnt from: a borrowed roller, a power cut. */
  event('leftOut', {}),
  /** Out of the logbook; taken back, it is in again. */
  event('struck', {}),
  event('takenBack', { event: z.uuid({ error: 'Event must be a UUID' }) }),
]);

export type RunEvent = z.infer<typeof runEventSchema>;

export type EventKind = RunEvent['kind'];

/** An event of one kind. */
export type EventOf<K extends EventKind> = Extract<RunEvent, { kind: K }>;

/** An event before it is given its id, time and cook. */
export type Happening = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, 'id' | 'at' | 'by'>
    : never
  : never;
