import type { Remedy } from '../remedy';

/** A finish that needs less lip. */
export const finish: Remedy<'finish'> = {
  kind: 'finish',
  lifts: ['lip', 'burst'],
  propose({ piece: { input }, basis: { rules } }) {
    const width = (id: typeof input.finish) => rules[`shape.finish.${id}`].value;
    return input.family.finishes
      .filter((id) => width(id) < width(input.finish))
      .map((to) => ({ kind: 'finish', from: input.finish, to }));
  },
  apply: (plan, { to }) => ({ ...plan, shape: { ...plan.shape, finish: to } }),
};
