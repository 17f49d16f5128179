import { SURFACES } from '../../hold/surfaces';
import { holdMinutes, type Phase } from '../../hold/phases';
import { PLAN_FIELDS } from '../../plan/document/planFields';
import type { Remedy } from '../remedy';

/** Something underneath that takes up more. */
export const surface: Remedy<'surface'> = {
  kind: 'surface',
  lifts: ['seep', 'lift'],
  propose({ plan: { hold }, basis: { rules } }) {
    const takes = (each: typeof hold.surface) => rules[`hold.surface.${each}`].value;
    return SURFACES.filter((to) => takes(to) > takes(hold.surface)).map((to) => ({
      kind: 'surface',
      from: hold.surface,
      to,
    }));
  },
  apply: (plan, { to }) => ({ ...plan, hold: { ...plan.hold, surface: to } }),
};

/** So long at room temperature, at most, before the freezer. */
const SOON_MIN = 30;

/** Frozen at once in place of what is held. */
export const freeze: Remedy<'freeze'> = {
  kind: 'freeze',
  lifts: ['seep', 'lift'],
  propose({ plan: { hold } }) {
    const all = holdMinutes(hold.phases);
    if (hold.phases.at(-1)?.place === 'freezer' || all <= SOON_MIN) return [];
    const first = hold.phases[0];
    const soon: Phase[] =
      first && first.place !== 'fridge' && first.minutes <= SOON_MIN ? [first] : [];
    const minutes = Math.min(all - holdMinutes(soon), PLAN_FIELDS['hold.phases.minutes'].max);
    return [{ kind: 'freeze', phases: [...soon, { place: 'freezer', minutes }] }];
  },
  apply: (plan, { phases }) => ({ ...plan, hold: { ...plan.hold, phases: [...phases] } }),
};

const STEP_MIN = 10;

/** A shorter hold: the last of it cut to what the sheet is good for. */
export const shorter: Remedy<'shorter'> = {
  kind: 'shorter',
  lifts: ['seep', 'lift'],
  propose({ plan: { hold }, hold: { goodFor }, basis: { rules } }) {
    const last = hold.phases.at(-1);
    if (!last || !goodFor) return [];
    const rest = holdMinutes(hold.phases) - last.minutes;
    const wanted = goodFor.minute / rules['risk.aim'].value - rest;
    const minutes = Math.floor(wanted / STEP_MIN) * STEP_MIN;
    if (minutes <= 0 || minutes >= last.minutes) return [];
    return [
      {
        kind: 'shorter',
        phases: [...hold.phases.slice(0, -1), { ...last, minutes }],
        byMin: last.minutes - minutes,
      },
    ];
  },
  apply: (plan, { phases }) => ({ ...plan, hold: { ...plan.hold, phases: [...phases] } }),
};
