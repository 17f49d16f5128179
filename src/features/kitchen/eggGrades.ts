import { EGG_GRADES, type EggSize } from '@/core/dough/eggSizes';
import type { WriteFigure } from '@/core/units/format';
import type { SelectOption } from '@/ui/fields/SelectField';

/** The grades of eggs as a list to pick from, with what each holds. */
export const eggGradeOptions = (write: WriteFigure): readonly SelectOption<string>[] =>
  EGG_GRADES.map(({ id, name, eggG, yolkG, system }) => ({
    value: id,
    label: `${name}, ${write(eggG, 'g')}, yolk ${write(yolkG, 'g')}`,
    group: system,
  }));

/** The grade that was picked; undefined for what is none. */
export const eggGrade = (id: string): EggSize | undefined =>
  EGG_GRADES.find((grade) => grade.id === id);
