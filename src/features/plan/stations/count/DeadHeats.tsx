'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { withHeatOption, type HeatOption } from '@/core/plan/questions/heatSearch';
import { familyOf } from '@/core/shapes/families';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { SearchProgress } from '../../search/SearchProgress';
import { useSearch } from '../../search/useSearch';
import { cuttersFor } from '@/core/kitchen/cuttersFor';
import { CheckField } from '@/ui/fields/CheckField';
import { steadily } from '@/ui/layout/steadily';
import { Button } from '@/ui/buttons/Button';

// Nothing is found before something is searched for.
const HeatTable = dynamic(() =>
  steadily(() => import('./HeatTable')).then((found) => found.HeatTable),
);

/** Other ways to use both up: every thickness and blank inside its band, ranked, one tap to adopt. */
export function DeadHeats() {
  const { plan, tested, on, result } = useShown();
  const { edit } = useEdit();
  const { kitchen } = useWorld();
  const { state, start, cancel } = useSearch<HeatOption[]>();
  const [ownTools, setOwnTools] = useState(false);
  const [size] = familyOf(plan.shape.family).dimensions;
  const own = cuttersFor(plan, kitchen.cutters)
    .map(({ mm }) => mm)
    .filter((mm) => size && mm >= size.minMm && mm <= size.maxMm);

  const look = () => {
    const bands = ownTools ? { sizesMm: own } : {};
    start((search, onProgress) => search.searchHeats(tested, on, bands, onProgress));
  };

  return (
    <section aria-label="Other ways to use both up" className="grid gap-3">
      <h3>Other ways to use both up</h3>
      <div className="flex flex-wrap items-center gap-4">
        <Button strong onClick={look} resting={state.at === 'running'}>
          Search every thickness and blank
        </Button>
        {own.length > 0 && (
          <CheckField
            label="only sizes my own cutters cut"
            checked={ownTools}
            onChange={(checked) => setOwnTools(checked)}
          />
        )}
      </div>
      <SearchProgress
        state={state}
        found={(ways) => (ways.length === 1 ? 'One way found' : `${ways.length} ways found`)}
        onCancel={cancel}
      />
      {state.at === 'done' &&
        (state.result.length ? (
          <HeatTable
            options={state.result}
            springBack={result.dough.springBack}
            onAdopt={(option) => edit((p) => withHeatOption(p, option))}
          />
        ) : (
          <p>Nothing in these bands makes even one piece.</p>
        ))}
    </section>
  );
}
