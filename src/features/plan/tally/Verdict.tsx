'use client';

import { useRef } from 'react';
import { applyChange } from '@/core/risk/remedies';
import type { Quoted } from '@/core/risk/remedy';
import { Figure } from '@/ui/figure/Figure';
import { STATE_WORDS, StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { MARGIN_FIGURES, spareWords } from '../marginWords';
import { STATION_NAMES } from '../stationNames';
import { changeText, costText, weakestText } from '../words';
import { asksOf } from './asks';

/** The best of each kind before the second best of any: three ways out, not one thrice. */
const variedFirst = (remedies: readonly Quoted[]): Quoted[] => {
  const best = remedies.filter(
    ({ kind }, i) => remedies.findIndex((each) => each.kind === kind) === i,
  );
  return [...best, ...remedies.filter((each) => !best.includes(each))];
};

/** What fails, then the weakest link and what to do about it, then what else asks for a look. */
export function Verdict() {
  const { result } = useShown();
  const { text } = useUnits();
  const { state, name } = result.weakestLink;
  const { title, says } = weakestText(result, text);
  const { mark } = STATE_WORDS[state];
  const { failures, others } = asksOf(result, text);
  const own = useRef<HTMLDivElement>(null);
  return (
    <div className="mt-2">
      {failures.length > 0 && (
        <ul
          className="grid gap-2 px-5 py-3 text-verdict-ink"
          style={{ background: 'var(--verdict-fails)' }}
        >
          {failures.map(({ station, advice }) => (
            <li key={station}>
              <p className="text-small font-semibold">
                <span aria-hidden>{STATE_WORDS.fails.mark}</span> {STATION_NAMES[station]} fails
              </p>
              <p className="leading-snug font-semibold">{advice}</p>
            </li>
          ))}
        </ul>
      )}
      {/* What is taken goes from the list: the focus stays with the verdict it changed. */}
      <div
        ref={own}
        tabIndex={-1}
        role="group"
        aria-label="Verdict"
        className="verdict px-5 py-3 text-verdict-ink"
        style={{ background: `var(--verdict-${state})` }}
        data-testid="verdict"
      >
        <p className="text-small font-semibold">
          <span aria-hidden>{mark}</span>{' '}
          {state === 'holds'
            ? failures.length
              ? 'The piece itself holds'
              : 'Holds. Weakest link'
            : state === 'edge'
              ? 'On the edge'
              : 'Fails'}
        </p>
        <p className="font-display text-[1.25rem] leading-tight font-semibold">
          <Figure working={result.working[MARGIN_FIGURES[name]]} className="no-underline">
            {title}
          </Figure>
        </p>
        <p className="mt-1">{says}</p>
        {state !== 'holds' && (
          <Remedies onTaken={() => own.current?.focus({ preventScroll: true })} />
        )}
      </div>
      {others.length > 0 && (
        <ul className="grid gap-2 px-5 py-4">
          {others.map(({ station, advice, state: asks }) => (
            <li key={station} className="flex gap-2">
              <StateMark state={asks} slate />
              <span>
                <span className="sr-only">{STATION_NAMES[station]}: </span>
                {advice}
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Ways to lift the weakest link, the three best. Each is quoted by a whole plan: only where one is asked for. */
function Remedies({ onTaken }: { onTaken(): void }) {
  const { result } = useShown();
  const { edit } = useEdit();
  const { pantry } = useWorld();
  const { text } = useUnits();
  const { remedies } = result.weakestLink;
  if (remedies.length === 0) return null;
  return (
    <ul className="mt-2 grid gap-1.5">
      {variedFirst(remedies)
        .slice(0, 3)
        .map((remedy) => {
          const says = changeText(remedy, text, { pantry, scale: result.filling.scale });
          const cost = costText(remedy.cost, text);
          return (
            <li key={`${remedy.kind}${says}`}>
              <button
                type="button"
                onClick={() => {
                  edit((plan) => applyChange(plan, remedy));
                  onTaken();
                }}
                className="flex min-h-[44px] w-full items-center justify-between gap-3 rounded-md border-[1.5px] border-verdict-ink/45 px-3 text-left leading-tight hover:bg-white/35"
              >
                <span className="py-1">
                  {says}
                  <span className="block text-small">
                    {spareWords(remedy.weakest, remedy.margin)}
                    {cost && `; ${cost}`}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
    </ul>
  );
}
