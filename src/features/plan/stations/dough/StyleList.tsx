'use client';

import { DOUGH_STYLES, type DoughRecipeStyle } from '@/core/dough/styles';
import { StartRow } from '../StartFrom';

/** The styles, each with what it is good for and what goes wrong with it. */
export default function StyleList({ onPick }: { onPick(style: DoughRecipeStyle): void }) {
  return (
    <ul>
      {DOUGH_STYLES.map((style) => (
        <StartRow
          key={style.id}
          name={style.name}
          says={style.says}
          aside={style.pitfall}
          onPick={() => onPick(style)}
        />
      ))}
    </ul>
  );
}
