'use client';

import { findIngredient } from '@/core/composition/pantry';
import { doughAdvice } from '@/core/dough/advice';
import { doughColour } from '@/core/dough/doughColour';
import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useShown, useWorld } from '../../editor/EditorContext';

/** What is in the dough, and how that moves the sheet. */
export default function HowItRolls() {
  const { plan, result } = useShown();
  const { pantry, basis } = useWorld();
  const { working: w, dough: d } = result;
  const { parts } = plan.dough;
  const colour = doughColour(parts, pantry, plan.dough);
  const advice = doughAdvice(
    d.makeup,
    new Set(parts.map(({ id }) => findIngredient(pantry, id).group)),
    basis.rules,
  );
  return (
    <div className="grid gap-5">
      <dl className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-3">
        <Trait
          label="Strength"
          working={w.strength}
          says={
            d.strengthKPa < 12 ? 'weak: short lengths' : d.strengthKPa < 18 ? 'middling' : 'strong'
          }
        />
        <Trait
          label="Stretch"
          working={w.stretch}
          says={d.stretch < 0.5 ? 'tears early' : 'goes over a dome'}
        />
        <Trait
          label="Springs back"
          working={w.springBack}
          says={d.springBack > 0.1 ? 'rest it longer' : 'little'}
        />
        <Trait label="Gluten, of a wheat sheet" working={w.gluten} says="chew and strength" />
        <Trait
          label="Yolk in the egg"
          working={w.yolk}
          says={d.makeup.yolkShare === null ? 'no hen egg' : 'colour, tenderness'}
        />
        <Trait label="Fat" working={w.fat} says="tender, weaker" />
      </dl>
      <div className="flex items-center gap-3">
        <span
          aria-hidden
          className="h-[44px] w-24 shrink-0 rounded border-[1.5px] border-board-rule"
          style={{ background: colour }}
        />
        <p>
          About this colour, raw: flour by its bran, yolk, and what is put in for colour.{' '}
          <span className="text-ink-dim">Greens keep theirs; beetroot pales in the pot.</span>
        </p>
      </div>
      {advice.length > 0 && (
        <section aria-label="What to watch for">
          <h3>What to watch for</h3>
          <ul className="list-disc pl-5">
            {advice.map(({ id, says }) => (
              <li key={id}>{says}</li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Trait({ label, working, says }: { label: string; working: Working; says: string }) {
  return (
    <div>
      <dt className="text-small text-ink-dim">{label}</dt>
      <dd>
        <span className="numeral text-figure">
          <Figure working={working} />
        </span>
        <span className="block text-small">{says}</span>
      </dd>
    </div>
  );
}
