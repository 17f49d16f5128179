import type { Remedy } from '../remedy';

/** More than these get in each other's way at one sheet. */
const MOST_HANDS = 4;

/** One more pair of hands: the sheet is filled sooner. */
export const people: Remedy<'people'> = {
  kind: 'people',
  lifts: ['open', 'seal'],
  propose: ({ plan: { sheet } }) =>
    sheet.people < MOST_HANDS ? [{ kind: 'people', from: sheet.people, to: sheet.people + 1 }] : [],
  apply: (plan, { to }) => ({ ...plan, sheet: { ...plan.sheet, people: to } }),
};

/** The shortest sheet worth rolling, mm. */
const SHORTEST_MM = 250;
const STEP_MM = 50;

/** Shorter sheets, so that each is filled before it dries. */
export const bench: Remedy<'bench'> = {
  kind: 'bench',
  lifts: ['open', 'seal'],
  propose({ plan, sheet: { fill }, basis: { rules } }) {
    const { benchMm, long } = plan.sheet;
    if (long !== 'bench' || fill.fillMin <= 0) return [];
    const share = fill.openMin / fill.fillMin / rules['risk.aim'].value;
    const toMm = Math.floor((benchMm * share) / STEP_MM) * STEP_MM;
    return toMm >= SHORTEST_MM && toMm < benchMm ? [{ kind: 'bench', fromMm: benchMm, toMm }] : [];
  },
  apply: (plan, { toMm }) => ({ ...plan, sheet: { ...plan.sheet, benchMm: toMm } }),
};
