import { SURFACE_NAMES } from '@/core/hold/surfaces';
import { PLAN_FIELDS, type PlanField } from '@/core/plan/document/planFields';
import type { QuantityKind } from '@/core/units/parse';
import type { Pantry } from '@/core/composition/pantry';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import {
  AIR_NAMES,
  FACE_NAMES,
  MEDIUM_NAMES,
  PLACE_NAMES,
  SERVING_NAMES,
} from '@/features/plan/words';
import type { WriteFigure } from '@/core/units/format';
import { SHEET_WAY_NAMES } from '@/core/layout/sheetWay';
import { DUSTS } from '@/core/sheet/dust';
import { PASS_STYLE_NAMES } from '@/core/sheet/passes';
import type { FigureUnit } from '@/core/working/working';
import type { PhasePlace } from '@/core/hold/phases';
import type { Plan } from '@/core/plan/document/schema';

const SECTIONS: Record<string, string> = {
  batch: 'How many',
  dough: 'Dough',
  filling: 'Filling',
  sheet: 'Sheet',
  shape: 'Shape',
  hold: 'Seal and hold',
  boil: 'Boil',
  guests: 'Guests',
};

const NAMES: Record<string, string> = {
  name: 'Name',
  note: 'Note',
  colour: 'Colour',
  serving: 'Served as',
  'batch.wayIn': 'Start from',
  'dough.style': 'Method',
  'dough.work.by': 'Kneaded by',
  'dough.work.restAt': 'Rested at',
  'dough.roundUp': 'Made up to whole eggs',
  'filling.texture': 'Texture',
  'batch.trimTo': 'Last trim',
  'sheet.passes': 'Passes',
  'sheet.speed': 'Turned',
  'sheet.air': 'Air',
  'sheet.dust.kind': 'Bench dust',
  'sheet.dust.id': 'Dusting flour',
  'hold.strewn': 'On the tray',
  'filling.panFat': 'Fat in the pan',
  'filling.cooling.on': 'Cools on',
  'filling.cooling.covered': 'Covered while it cools',
  'guests.diet': 'Diet',
  'shape.mould': 'Mould',
  'shape.pocket': 'Pockets',
  'shape.blank': 'Cut as',
  'shape.edge': 'Edge line',
  'shape.sheets': 'Sheets',
  'shape.family': 'Family',
  'shape.laid': 'Filling laid',
  'sheet.long': 'A sheet longer than the bench',
  'shape.finish': 'Edge',
  'hold.medium': 'Seal with',
  'hold.air': 'Air pressed out',
  'hold.faces': 'Faces',
  'hold.surface': 'Kept on',
  'boil.style': 'Water at',
};

/** The unit a kind of quantity is written in. */
const UNIT_OF: Partial<Record<QuantityKind, FigureUnit>> = {
  mass: 'g',
  length: 'mm',
  share: 'share',
  minutes: 'min',
  litres: 'litre',
  temperature: 'C',
};

/** A table of words, by the same ids. */
const mapped = <T>(table: Readonly<Record<string, T>>, name: (entry: T) => string) =>
  Object.fromEntries(Object.entries(table).map(([id, entry]) => [id, name(entry)]));

const VALUE_NAMES: Record<string, Readonly<Record<string, string>>> = {
  serving: SERVING_NAMES,
  'shape.family': Object.fromEntries(FAMILY_IDS.map((id) => [id, familyOf(id).name])),
  'shape.finish': Object.fromEntries(Object.entries(FINISH_NAMES)),
  'dough.roundUp': { true: 'yes', false: 'no' },
  'shape.laid': {
    ball: 'rolled ball',
    ring: 'gathered with a ring',
    piped: 'piped',
    spooned: 'spooned',
  },
  'sheet.long': { bench: 'cut to the bench', folds: 'in loose floured folds' },
  'sheet.passes': mapped(PASS_STYLE_NAMES, ({ name }) => name),
  'sheet.dust.kind': mapped(DUSTS, ({ name }) => name),
  'shape.sheets': mapped(SHEET_WAY_NAMES, ({ name }) => name),
  'hold.surface': SURFACE_NAMES,
  'hold.faces': FACE_NAMES,
  'hold.air': AIR_NAMES,
  'hold.medium': MEDIUM_NAMES satisfies Record<Plan['hold']['medium'], string>,
};

/** The number field at a path; ingredients are alike whichever they are. */
function planField(path: string): PlanField | undefined {
  const plain = path
    .replace(/^(dough|filling)\.parts\..*\.(\w+)$/, '$1.parts.$2')
    .replace(/^hold\.phases\.\d+\./, 'hold.phases.');
  return (PLAN_FIELDS as Record<string, PlanField | undefined>)[plain];
}

/** A field's path as people call it: `shape.doseG` → `Shape: Dose`. */
export function fieldName(path: string, pantry: Pantry): string {
  if (path.startsWith('tags.')) return 'Tag';
  if (path.startsWith('guests.without.')) return 'Guests: not to be given';
  const [section = '', ...rest] = path.split('.');
  const own = NAMES[path] ?? planField(path)?.label;
  const prefix = SECTIONS[section];
  if (rest[0] === 'parts') {
    const [, id = '', field] = rest;
    const plainId = id.replace(/ \(\d+\)$/, '');
    const name = pantry.ingredients.get(plainId)?.name ?? plainId;
    return `${prefix}: ${name}${field && field !== 'g' ? `, ${field === 'weighedG' ? 'weighed' : field}` : ''}`;
  }
  if (rest[0] === 'phases') {
    return `${prefix}: stretch ${rest[1]}, ${rest[2] === 'minutes' ? 'how long' : 'where'}`;
  }
  const label = own ?? rest.join(' ');
  return prefix ? `${prefix}: ${label}` : label;
}

/** A field's value as people write it; a dash when it was not there. */
export function fieldValue(path: string, value: string, write: WriteFigure): string {
  if (value === '') return '–';
  const named =
    VALUE_NAMES[path]?.[value] ??
    (/^hold\.phases\.\d+\.place$/.test(path) ? PLACE_NAMES[value as PhasePlace] : undefined);
  if (named) return named;
  const kind = planField(path)?.kind;
  // A roller kept in the plan has lengths of its own.
  const unit = kind ? UNIT_OF[kind] : /(Mm|\.mm)$/.test(path) ? 'mm' : undefined;
  return unit && Number.isFinite(Number(value)) ? write(Number(value), unit) : value;
}
