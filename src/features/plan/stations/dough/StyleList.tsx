'use client';

import { DOUGH_STYLES, type DoughRecipeStyle } from '@/core/dough/styles';

/** The styles, each with what it is good for and what goes wrong with it. */
export default function StyleList({ onPick }: { onPick(style: DoughRecipeStyle): void }) {
  return (
    <ul>
      {DOUGH_STYLES.map((style) => (
        <li key={style.id}>
          <button
            type="button"
            className="w-full rounded-md px-3 py-2 text-left hover:bg-band"
            onClick={() => onPick(style)}
          >
            <span className="block font-semibold">{style.name}</span>
            <span className="block text-small">{style.says}</span>
            <span className="block text-small text-ink-dim">{style.pitfall}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
