import { sheetsOf } from '../../sheet/setting';
import { hold, type Remedy } from '../remedy';

/** Another step of the plan's own dial, in the shape's band or a little over it. */
export const thickness: Remedy<'thickness'> = {
  kind: 'thickness',
  lifts: ['lip', 'thinning', 'open', 'seep', 'lift', 'face'],
  propose({ plan, piece: { input }, rolling, sheet }) {
    const [thin, thick] = input.family.thicknessBandMm;
    // The step it stands on, or nearly, is no change.
    const here = sheet.setting.between ? null : sheet.setting.label;
    return sheetsOf(plan.sheet.roller, rolling.springBack)
      .filter(({ mm, label }) => mm >= thin - 0.01 && mm <= thick + 0.21 && label !== here)
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
