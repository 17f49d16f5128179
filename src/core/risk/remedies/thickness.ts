import { sheetsOf } from '../../sheet/setting';
import { hold, type Remedy } from '../remedy';

/** Another step of the plan's own dial, in the shape's band or a little over it. */
export const thickness: Remedy<'thickness'> = {
  kind: 'thickness',
  lifts: ['lip', 'thinning'],
  propose({ plan, piece: { input }, rolling }) {
    const [thin, thick] = input.family.thicknessBandMm;
    return sheetsOf(plan.sheet.roller, rolling.springBack)
      .filter(({ mm }) => mm >= thin - 0.01 && mm <= thick + 0.21 && mm !== input.thicknessMm)
      .map(({ mm, label }) => ({
        kind: 'thickness',
        fromMm: input.thicknessMm,
        toMm: mm,
        setting: label,
      }));
  },
  apply: (plan, { toMm }) => ({
    ...plan,
    ...hold(plan, 'thickness'),
    sheet: { ...plan.sheet, thicknessMm: toMm },
  }),
};
