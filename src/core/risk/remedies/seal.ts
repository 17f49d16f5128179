import { AIR_WAYS, airLeft } from '../../hold/seal';
import type { Remedy } from '../remedy';

/** A face wetted as it should be: water, where it was dry or too wet. */
export const medium: Remedy<'medium'> = {
  kind: 'medium',
  lifts: ['seal', 'burst'],
  propose: ({ plan: { hold }, basis: { rules } }) =>
    rules[`seal.medium.${hold.medium}`].value < rules['seal.medium.water'].value
      ? [{ kind: 'medium', from: hold.medium, to: 'water' }]
      : [],
  apply: (plan, { to }) => ({ ...plan, hold: { ...plan.hold, medium: to } }),
};

/** Clean faces: flour brushed off, filling wiped away. */
export const faces: Remedy<'faces'> = {
  kind: 'faces',
  lifts: ['seal', 'burst'],
  propose: ({ plan: { hold } }) =>
    hold.faces === 'clean' ? [] : [{ kind: 'faces', from: hold.faces }],
  apply: (plan) => ({ ...plan, hold: { ...plan.hold, faces: 'clean' } }),
};

/** A way of closing that leaves less air. */
export const air: Remedy<'air'> = {
  kind: 'air',
  lifts: ['burst'],
  propose: ({ plan: { hold }, basis: { rules } }) =>
    AIR_WAYS.filter((to) => airLeft(to, rules) < airLeft(hold.air, rules)).map((to) => ({
      kind: 'air',
      from: hold.air,
      to,
    })),
  apply: (plan, { to }) => ({ ...plan, hold: { ...plan.hold, air: to } }),
};

/** A gentle pot. */
export const simmer: Remedy<'simmer'> = {
  kind: 'simmer',
  lifts: ['burst'],
  propose: ({ plan: { boil } }) => (boil.style === 'rolling' ? [{ kind: 'simmer' }] : []),
  apply: (plan) => ({ ...plan, boil: { ...plan.boil, style: 'simmer' } }),
};
