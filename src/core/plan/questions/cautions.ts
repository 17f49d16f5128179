import { SHARED_EQUIPMENT } from '../contentsText';
import { findIngredient, type Pantry } from '../../composition/pantry';
import type { Plan } from '../document/schema';
import type { Drive } from '../../sheet/drive';

/** What each way of rolling can do to a hand; a pin does nothing. */
const ROLLER_CAUTIONS: Readonly<Record<Drive, string>> = {
  crank: 'Fingers, hair and sleeves away from the rollers. ',
  powered: 'Fingers, hair and sleeves away from powered rollers: switch off before you reach in. ',
  sheeter: 'Fingers, hair and sleeves away from powered rollers: switch off before you reach in. ',
  pin: '',
};

/** The cautions that go with a plan, most pressing first. */
export function cautionsFor(plan: Plan, pantry: Pantry): string[] {
  const groups = new Set(
    [...plan.dough.parts, ...plan.filling.parts].map(
      (part) => findIngredient(pantry, part.id).group,
    ),
  );
  const ids = new Set(plan.filling.parts.map((part) => part.id));
  const lines = ['Do not eat raw flour or raw dough.'];
  if (groups.has('egg') || plan.hold.medium === 'egg' || plan.hold.medium === 'eggWhite') {
    lines.push(
      'Do not eat raw egg. Egg dough: use the same day or freeze the pieces; never keep it warm.',
    );
  }
  const hot = plan.filling.parts.some(
    ({ preparation }) => pantry.preparations.get(preparation)?.hot,
  );
  if (groups.has('meat') || groups.has('fish') || hot) {
    lines.push(
      'Cool hot filling fast, spread thin; then keep it at 5 °C (41 °F) or below. Never onto dough while warm.',
    );
  }
  lines.push('No more than 2 hours in all at room temperature. Freeze at −18 °C (0 °F).');
  if (ids.has('nettle-raw') || ids.has('wild-greens-raw')) {
    lines.push('Foraged plants only when surely identified; gloves for stinging ones.');
  }
  lines.push(SHARED_EQUIPMENT);
  lines.push(
    `${ROLLER_CAUTIONS[plan.sheet.roller.drive]}Knives, wheels and cutters cut. Steam and boiling water scald. Flour on a floor is slippery.`,
  );
  lines.push(
    'Times and temperatures are guidance: local food codes and licensed practice come first.',
  );
  return lines;
}
