'use client';

import { allergensOf } from '@/core/composition/allergens';
import { dietOf } from '@/core/composition/diet';
import { STARTING_FILLINGS, type StartingFilling } from '@/core/plan/starting/startingFillings';
import { useWorld } from '../../editor/EditorContext';
import { StartRow } from '../StartFrom';

/** The fillings to begin from, each with who may eat it. */
export default function FillingStarts({ onPick }: { onPick(filling: StartingFilling): void }) {
  const { pantry } = useWorld();
  return (
    <ul>
      {STARTING_FILLINGS.map((filling) => {
        const ids = filling.parts.map(({ id }) => id);
        return (
          <StartRow
            key={filling.id}
            name={filling.name}
            says={filling.says}
            aside={[dietOf(ids, pantry), ...allergensOf(ids, pantry)].join(', ')}
            onPick={() => onPick(filling)}
          />
        );
      })}
    </ul>
  );
}
