import type { Rules } from '../basis/rules';
import type { DoughMakeup } from './makeup';

/** Something this very dough will do, and what helps. */
export interface DoughAdvice {
  readonly id: string;
  readonly says: string;
}

/**
 * Pitfalls of a dough by what is in it. Rules with plain bounds: gluten under 0.75 of a wheat sheet,
 * fibre over 5 % of the flour, yolk over 60 % of the egg, fat over 8 % of the dough, salt over 2 %.
 * @param ids ingredients in it
 */
export function doughAdvice(
  { glutenRatio, fibreShare, yolkShare, fatShare, saltShare, glutenFreeShare }: DoughMakeup,
  groups: ReadonlySet<string>,
  rules: Rules,
): DoughAdvice[] {
  const reference = rules['dough.gluten.reference'].value;
  const found: DoughAdvice[] = [];
  const say = (id: string, when: boolean, says: string) => when && found.push({ id, says });
  const strength = Math.round((100 * glutenRatio) / reference);
  say(
    'weak',
    glutenRatio < 0.75 * reference,
    `Weak gluten, ${strength} % of a wheat sheet: roll it a step thicker, handle it in short lengths, or mix in strong flour.`,
  );
  say(
    'no-gluten',
    glutenFreeShare > 0.3,
    'A third or more of the flour has no gluten: it will not stretch over a dome. Keep mounds low.',
  );
  say(
    'bran',
    fibreShare > 0.05,
    'Bran drinks slowly: judge it after half an hour wrapped, not at first. Sharp bran cuts thin sheets.',
  );
  say(
    'yolk',
    (yolkShare ?? 0) > 0.6,
    'Yolk wets flour slowly: stiff and cracked at first. Press it together, wrap it, knead again after 15 minutes.',
  );
  say(
    'no-egg',
    yolkShare === null && !groups.has('egg-substitute'),
    'No egg to set it in the pot: keep it moist, seal soon, boil gently.',
  );
  say(
    'plant-egg',
    groups.has('egg-substitute'),
    'Plant egg sets softer than hen egg: a strong flour, a gentle boil, a shorter hold.',
  );
  say(
    'colour',
    groups.has('colour'),
    'The purée’s own water is counted, but differs each time: squeeze it, and add the last of it by feel.',
  );
  say(
    'fat',
    fatShare > 0.08,
    'Rich in fat: tender, shorter in stretch, and it seals less readily.',
  );
  say('salt', saltShare > 0.02, 'Over 2 % salt in the flour tightens it: rest it longer.');
  return found;
}
