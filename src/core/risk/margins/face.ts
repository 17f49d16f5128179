import type { Margin } from './margin';

/** The skin stands the pot for as long as the middle and the edge need. */
export const face = {
  id: 'face',
  station: 'boil',
  needs: 'a skin that stands the pot',
  of: ({ boil }) => ({ capacity: boil.skinStandsMin, demand: boil.potMin }),
  over: ({ basis: { rules } }) => {
    const stands = rules['boil.skinStands'].value;
    const standsMin = rules['boil.skinStandsMin'].value;
    return ({ sheet, potMin }) => (stands * sheet.faceMin + standsMin) / potMin;
  },
} as const satisfies Margin;
