import { EGG_GRADES, type EggSize } from '@/core/dough/eggSizes';
import type { SelectOption } from '@/ui/fields/SelectField';

/** The grades of eggs as a list to pick from, with what each holds. */
export const eggGradeOptions: readonly SelectOption<string>[] = EGG_GRADES.map(
  ({ id, name, eggG, yolkG, system }) => ({
    value: id,
    label: `${name}, ${eggG} g, yolk ${yolkG} g`,
    group: system,
  }),
);

/** The grade that was picked; undefined for what is none. */
export const eggGrade = (id: string): EggSize | undefined =>
  EGG_GRADES.find((grade) => grade.id === id);
