'use client';

import { containsText } from '@/core/plan/contentsText';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown, useWorld } from '../../editor/EditorContext';
import { Says } from '../Says';
import { spareWords } from '../../marginWords';
import { capital } from '../../words';
import { plural } from '../sheetWords';
import { CookChart } from './CookChart';
import { PotDrawing } from './PotDrawing';

const BOUND = {
  heat: 'more would cool the water too far',
  litres: 'more would be too much for the water',
  surface: 'more would have no room to move',
  cook: 'your own number',
  batch: 'all at once',
} as const;

export function BoilPanel() {
  const { plan, result } = useShown();
  const { pantry, basis } = useWorld();
  const { text } = useUnits();
  const { working, safeCore, contents, boil } = result;
  const { rounds } = boil;
  const airAt = (style: 'simmer' | 'rolling') =>
    (result.margins.burst * basis.rules[`boil.rough.${style}`].value) /
    basis.rules[`boil.rough.${plan.boil.style}`].value;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6">
      <section aria-label="How long">
        <h3 className="font-display text-figure leading-tight">
          <Figure working={working.cookFor} className="no-underline">
            {text(boil.potMin, 'min')} in the pot
          </Figure>
          {boil.frozen && ' from frozen'}
        </h3>
        <p className="mt-1">
          {plan.boil.sauceMin > 0 && `Then ${text(plan.boil.sauceMin, 'min')} in the sauce. `}
          {boil.coreS === null
            ? `This pot stays under ${text(boil.bathC, 'C')}: its middle is never ${text(boil.targetC, 'C')}.`
            : `The middle is ${text(boil.targetC, 'C')} after `}
          {boil.coreS !== null && (
            <>
              <Figure working={working.core} />, the edge is soft after{' '}
              <Figure working={working.edgeSoft} />, the face after{' '}
              <Figure working={working.faceSoft} />.
            </>
          )}
        </p>
        <div className="mt-3 grid gap-4 min-[1700px]:grid-cols-2">
          <CookChart
            title="From the fridge"
            cooking={boil.fresh}
            course={boil.freshCourse}
            boil={boil}
          />
          <CookChart
            title="From frozen"
            cooking={boil.fromFrozen}
            course={boil.frozenCourse}
            boil={boil}
          />
        </div>
      </section>
      <section aria-label="The pot" className="flex flex-wrap items-center gap-6">
        <PotDrawing rounds={rounds} />
        <div className="min-w-[15rem] flex-1">
          <h3>
            {plural(rounds.rounds, 'round')} of <Figure working={working.potRound} />
          </h3>
          <p>
            {rounds.boundBy === 'batch'
              ? 'All go in at once. '
              : `${capital(BOUND[rounds.boundBy])}. `}
            The water cools by <Figure working={working.potDip} /> and is hot again after{' '}
            <Figure working={working.potRecovers} />.
          </p>
          <p className="mt-1">
            All of them in about <Figure working={working.potTotal} />. Salt for{' '}
            {text(plan.boil.waterL, 'litre')}: <Figure working={working.salt} />.
          </p>
        </div>
      </section>
      <dl className="grid gap-3">
        <Says term="Floating is not done">
          A piece floats before its middle is hot. Give it another minute or two, then bite the
          thick edge.
        </Says>
        {safeCore.tempC !== null && (
          <Says term={`Middle at ${text(safeCore.tempC, 'C')}`}>
            Check one with a probe before serving
            {safeCore.because.length > 0 && `: ${safeCore.because.join(', ').toLowerCase()}`}. The
            time is worked out for a piece of this shape; a probe knows better.
          </Says>
        )}
        <Says term={plan.boil.style === 'simmer' ? 'Gentle simmer' : 'Rolling boil'}>
          Small batches with room to move, stirred once. Lift out with a skimmer, do not pour.
          {` Air at a gentle simmer: ${spareWords('burst', airAt('simmer'))}; at a rolling boil: ${spareWords('burst', airAt('rolling'))}.`}
        </Says>
      </dl>
      <section>
        <h3>Allergens in the whole piece</h3>
        <p>{containsText(contents)}</p>
        <h3 className="mt-3">Cautions</h3>
        <ul className="list-disc pl-5 text-small">
          {cautionsFor(plan, pantry).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>
    </div>
  );
}
