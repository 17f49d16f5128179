'use client';

import { useMemo } from 'react';
import { foldSteps } from '@/core/shapes/foldSteps';
import { familyOf } from '@/core/shapes/families';
import { FoldStepDrawing, foldScale } from '@/ui/drawings/FoldStepDrawing';
import { PieceAbove } from '@/ui/drawings/PieceAbove';
import { useShown, useWorld } from '../../editor/EditorContext';

/** Order of folding in short drawn steps, and the finished piece from above. */
export function FoldingPanel() {
  const { plan, result } = useShown();
  const { rules } = useWorld().basis;
  const family = familyOf(plan.shape.family);
  const steps = useMemo(
    () => foldSteps(family, plan.shape, result.shape.mound, plan.shape.laid),
    [family, plan.shape, result.shape.mound],
  );
  const scale = foldScale(steps);
  return (
    <section aria-label="Folding" className="grid gap-4">
      <ol className="grid gap-4 sm:grid-cols-2 lg:grid-cols-2 xl:grid-cols-4">
        {steps.map((step, index) => (
          <li key={step.says} className="grid content-start gap-1">
            <FoldStepDrawing step={step} scale={scale} colour={plan.colour} />
            <p>
              <b>{index + 1}.</b> {step.says}
            </p>
          </li>
        ))}
      </ol>
      <div className="grid items-center gap-4 sm:grid-cols-[150px_1fr]">
        <figure className="max-sm:mx-auto max-sm:w-[150px]">
          <PieceAbove rules={rules} result={result} colour={plan.colour} size={150} />
          <figcaption className="text-center text-small text-ink-dim">
            From above; thick line, the lip
          </figcaption>
        </figure>
        <div className="grid gap-1.5">
          <p>
            {family.name}: {family.summary}.
          </p>
          {family.alsoCalled && <p className="text-ink-dim">{family.alsoCalled}</p>}
        </div>
      </div>
    </section>
  );
}
