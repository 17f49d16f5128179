'use client';

import type { Pantry } from '@/core/composition/pantry';
import type { Known } from '@/core/faults/evidence';
import type { Quoted } from '@/core/risk/remedy';
import { spareWords } from '@/features/plan/marginWords';
import { changeText, costText } from '@/features/plan/words';
import { useUnits } from '@/ui/units/UnitsContext';

/** A remedy as something to do, with what it leaves and what it costs. */
export function useRemedyText(pantry: Pantry, { model }: Known): (remedy: Quoted) => string {
  const { text } = useUnits();
  const scale = model ? model.batch.batch.filling.inG / model.filling.composition.massG : 1;
  return (remedy) => {
    const cost = costText(remedy.cost, text);
    const gain = spareWords(remedy.weakest, remedy.margin);
    return `${changeText(remedy, text, { pantry, scale })}: then ${gain}${cost && `; ${cost}`}`;
  };
}
