import { NO_END, type Margin } from './margin';

/** The air left in the pocket has room to swell. */
export const burst = {
  id: 'burst',
  station: 'boil',
  needs: 'room for the air in it',
  of: ({ boil }) => ({ capacity: boil.burst.room, demand: boil.burst.growth }),
  over: ({ plan, boil: { burst }, basis: { rules } }) => {
    const rough = rules['boil.room'].value * rules[`boil.rough.${plan.boil.style}`].value;
    const { growth } = burst;
    return growth > 0
      ? ({ sheet, lip }) => (rough * sheet.sealFactor * Math.min(1, lip)) / growth
      : () => NO_END;
  },
} as const satisfies Margin;
