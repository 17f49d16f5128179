'use client';

import { DOUGH_STAGES } from '@/core/dough/stages';
import { Figure } from '@/ui/figure/Figure';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';

/** How ready it is, when it can be rolled at the earliest, and what each stage should show. */
export default function MixAndRest() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { working: w, dough: d } = result;
  const { ready, work } = d;
  const { kneadedEnough: kneaded, restedEnough: rested } = ready;
  const minutes: Record<string, string> = {
    knead: `${text(work.kneadMin, 'min')} by ${work.by}; enough at ${text(ready.kneadWantedMin, 'min')}`,
    rest: `${text(work.restMin, 'min')} at ${text(work.restC, 'C')}; enough at ${text(ready.restWantedMin, 'min')}`,
    roll: `${work.folds} letter folds at the widest`,
  };
  return (
    <div className="grid gap-4">
      <p>
        <span className="numeral text-figure">
          <Figure working={w.readiness} />
        </span>{' '}
        ready to roll. {!kneaded && <b>Knead it longer. </b>}
        {!rested && <b>Rest it longer, wrapped. </b>}
        At the earliest{' '}
        <b>
          <Figure working={w.earliest}>{text(ready.earliestMin, 'min')}</Figure>
        </b>{' '}
        after the flour is wet, an estimate.
      </p>
      <ol className="grid gap-3">
        {DOUGH_STAGES.map((stage) => (
          <li key={stage.id} className="border-l-[3px] border-dough-edge pl-3">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <b>{stage.name}</b>
              {minutes[stage.id] && (
                <span className="text-small text-ink-dim">{minutes[stage.id]}</span>
              )}
              {stage.id === 'knead' && <StateMark state={kneaded ? 'holds' : 'edge'} />}
              {stage.id === 'rest' && <StateMark state={rested ? 'holds' : 'edge'} />}
            </p>
            <p>{stage.looks}</p>
            <p>
              <span className="text-ink-dim">Test:</span> {stage.test} {stage.passes}
            </p>
          </li>
        ))}
      </ol>
      <p className="text-small text-ink-dim">
        {d.hasEgg
          ? 'Egg dough greys within a day: chilled, the same day; later, freeze the pieces. Never keep it warm. '
          : ''}
        A crust from bad wrapping never dissolves: cut it away.{' '}
        {plan.dough.work.restMin > 1440 && 'More than a day is long for any dough.'}
      </p>
    </div>
  );
}
