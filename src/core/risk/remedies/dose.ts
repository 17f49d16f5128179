import { doseBand, largestDose } from '../../shapes/piece';
import { hold, type Remedy } from '../remedy';

const halfGrams = (g: number): number => Math.floor(g * 2) / 2;

/** Less filling in each piece. */
export const dose: Remedy<'dose'> = {
  kind: 'dose',
  lifts: ['lip', 'thinning', 'lift', 'face', 'burst'],
  propose({ piece: { input }, basis: { rules } }) {
    const least = doseBand(input, rules)?.[0] ?? input.family.usualDoseG[0];
    const most = halfGrams(
      largestDose(input, { margin: rules['risk.aim'].value, maxG: input.doseG }, rules),
    );
    // When the lip is not what is short, a gram less still lowers the dome.
    const toG = most < input.doseG && most >= least ? most : halfGrams(input.doseG - 1);
    return toG >= least ? [{ kind: 'dose', fromG: input.doseG, toG }] : [];
  },
  apply: (plan, { toG }) => ({
    ...plan,
    ...hold(plan, 'dose'),
    shape: { ...plan.shape, doseG: toG },
  }),
};
