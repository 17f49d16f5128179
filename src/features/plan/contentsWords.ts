import type { Diet } from '@/core/composition/diet';
import { contentsChange, type Contents } from '@/core/plan/model/contents';
import { say } from '@/ui/layout/say';

export const DIET_NAMES: Record<Diet, string> = {
  plant: 'plant',
  vegetarian: 'vegetarian',
  fish: 'with fish',
  meat: 'with meat',
  ask: 'ask: a stock may be either',
};

/** What a change of ingredients brought in, in a line: `Now contains milk. No longer plant: vegetarian.` */
function contentsText(change: NonNullable<ReturnType<typeof contentsChange>>): string {
  return [
    change.added.length > 0 && `Now contains ${change.added.join(', ')}.`,
    change.gone.length > 0 && `No longer contains ${change.gone.join(', ')}.`,
    change.diet && `Diet is now: ${DIET_NAMES[change.diet]}.`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** Says what a change brought in or took out; nothing when it did neither. */
export function sayContents(before: Contents, after: Contents): void {
  const change = contentsChange(before, after);
  if (change) void say(contentsText(change));
}
