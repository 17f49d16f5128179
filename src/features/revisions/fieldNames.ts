import { PLAN_FIELDS } from '@/core/plan/planFields';
import { startingPantry } from '@/core/composition/pantry';
import { FINISHES, type Finish } from '@/core/shapes/finish';
import { FAMILY_IDS, familyOf } from '@/core/shapes/families';
import { MEDIUM_NAMES, SERVING_NAMES, type WriteFigure } from '@/features/plan/words';
import type { FigureUnit } from '@/core/working/working';
import type { Plan } from '@/core/plan/schema';

const SECTIONS: Record<string, string> = {
  batch: 'How many',
  dough: 'Dough',
  filling: 'Filling',
  sheet: 'Sheet',
  shape: 'Shape',
  hold: 'Seal and hold',
  boil: 'Boil',
};

const NAMES: Record<string, string> = {
  name: 'Name',
  note: 'Note',
  colour: 'Colour',
  serving: 'Served as',
  'batch.wayIn': 'Start from',
  'dough.style': 'How it is worked',
  'filling.texture': 'Texture',
  'sheet.widthMm': 'Sheet width',
  'shape.family': 'Family',
  'shape.laid': 'Filling laid',
  'shape.finish': 'Edge',
  'hold.medium': 'Seal with',
  'hold.air': 'Air pressed out',
  'hold.place': 'Kept',
  'hold.minutes': 'Time to boiling',
  'boil.style': 'Water at',
};

const UNITS: readonly (readonly [RegExp, FigureUnit])[] = [
  [/(G|\.g)$/, 'g'],
  [/(Mm|\.mm)$/, 'mm'],
  [/(Share|\.share|\.rh|\.air|trimUsable)$/, 'share'],
  [/minutes$/, 'min'],
  [/waterL$/, 'litre'],
  [/CoreC$/, 'C'],
  [/Pa$/, 'Pa'],
];

const VALUE_NAMES: Record<string, Readonly<Record<string, string>>> = {
  serving: SERVING_NAMES,
  'shape.family': Object.fromEntries(FAMILY_IDS.map((id) => [id, familyOf(id).name])),
  'shape.finish': Object.fromEntries(
    (Object.keys(FINISHES) as Finish[]).map((id) => [id, FINISHES[id].name]),
  ),
  'hold.medium': MEDIUM_NAMES satisfies Record<Plan['hold']['medium'], string>,
};

/** A field's path as people call it: `shape.doseG` → `Shape: Dose`. */
export function fieldName(path: string): string {
  const [section = '', ...rest] = path.split('.');
  const own = NAMES[path];
  const last = rest[rest.length - 1] ?? '';
  const known = (PLAN_FIELDS as Record<string, { label: string } | undefined>)[last]?.label;
  const prefix = SECTIONS[section];
  if (rest[0] === 'parts') {
    const [, id = '', field] = rest;
    const plainId = id.replace(/ \(\d+\)$/, '');
    const name = startingPantry.ingredients.get(plainId)?.name ?? plainId;
    return `${prefix}: ${name}${field && field !== 'g' ? `, ${field === 'weighedG' ? 'weighed' : field}` : ''}`;
  }
  const label = own ?? known ?? rest.join(' ');
  return prefix ? `${prefix}: ${label}` : label;
}

/** A field's value as people write it; a dash when it was not there. */
export function fieldValue(path: string, value: string, write: WriteFigure): string {
  if (value === '') return '–';
  const named = VALUE_NAMES[path]?.[value];
  if (named) return named;
  const unit = UNITS.find(([pattern]) => pattern.test(path))?.[1];
  return unit && Number.isFinite(Number(value)) ? write(Number(value), unit) : value;
}
