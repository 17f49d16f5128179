'use client';

import { useEffect, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import { clock, mark, type Drill } from '@/core/drills/drill';
import { DRILLS } from '@/core/drills/drills';
import { SURE, type Sure } from '@/core/drills/skill';
import { Button } from '@/ui/buttons/Button';
import { Choice } from '@/ui/fields/Choice';
import { goToRefused } from '@/ui/fields/goToRefused';
import { QuantityField } from '@/ui/fields/QuantityField';
import { WordsHere } from '@/ui/glossary/WordsHere';
import { useUnits } from '@/ui/units/UnitsContext';
import { DrillPicture } from './DrillPicture';
import { practice } from './usePractice';

interface ExerciseProps {
  readonly drill: Drill;
  /** What the way on is called. */
  readonly next: string;
  onNext(): void;
}

/** One exercise: what is seen, the answer given, and how the right one comes. */
export function Exercise({ drill: each, next, onNext }: ExerciseProps) {
  const [given, setGiven] = useState<string | number | null>(null);
  const [sure, setSure] = useState<Sure | null>(null);
  const [marked, setMarked] = useState<ReturnType<typeof mark> | null>(null);
  const [elapsedS, setElapsed] = useState(0);
  const told = useRef<HTMLDivElement>(null);
  const { words } = DRILLS[each.kind];
  const { text, sentence } = useUnits();
  const answer = (value: string | number) => {
    if (marked) return;
    const result = mark(each, value);
    setGiven(value);
    setMarked(result);
    practice().keep({
      id: newId(),
      kind: each.kind,
      seed: each.seed,
      given: value,
      right: result.right,
      sure,
      at: new Date().toISOString(),
    });
  };
  useEffect(() => {
    // What was answered is told where the answer was given.
    if (marked) told.current?.focus();
  }, [marked]);
  return (
    <div className="mt-3 grid max-w-[44rem] gap-5">
      <h2 className="font-display text-figure leading-tight">{each.asks}</h2>
      <DrillPicture picture={each.picture} elapsedS={elapsedS} />
      <p className="max-w-prose">{sentence(each.sees)}</p>
      {!marked && (
        <>
          <Choice<Sure | 'unsaid'>
            label="How sure are you? You may leave it"
            value={sure ?? 'unsaid'}
            options={[
              { value: 'unsaid', label: 'Not sure' },
              ...(Object.keys(SURE) as Sure[]).map((id) => ({ value: id, label: SURE[id].says })),
            ]}
            onChange={(next) => setSure(next === 'unsaid' ? null : next)}
          />
          <Answer drill={each} onElapsed={setElapsed} onAnswer={answer} />
        </>
      )}
      {marked && (
        <div
          ref={told}
          tabIndex={-1}
          role="group"
          aria-label="What it is"
          className="rounded-lg px-5 py-4 text-verdict-ink outline-none"
          style={{ background: `var(--verdict-${marked.right ? 'holds' : 'edge'})` }}
        >
          <p className="font-display text-figure">
            <span aria-hidden>{marked.right ? '✓' : '✕'}</span> {marked.right ? 'Right' : 'Not so'}
            {given !== null && typeof given === 'number' && each.asked.kind === 'number' && (
              <>, you said {text(given, each.asked.unit)}</>
            )}
            {each.asked.kind === 'moment' && typeof given === 'number' && (
              <>, lifted out at {clock(given)}</>
            )}
          </p>
          <ul className="mt-2 grid gap-1">
            {each.working.map((line) => (
              <li key={line}>{sentence(line)}</li>
            ))}
          </ul>
          <div className="mt-4">
            <button type="button" className="btn btn-strong" onClick={onNext}>
              {next}
            </button>
          </div>
        </div>
      )}
      {words.length > 0 && <WordsHere words={words} />}
    </div>
  );
}

function Answer({
  drill: { asked },
  onElapsed,
  onAnswer,
}: {
  drill: Drill;
  onElapsed(seconds: number): void;
  onAnswer(given: string | number): void;
}) {
  const [value, setValue] = useState<number | undefined>(undefined);
  // What was typed is settled by the very press that answers with it.
  const settled = useRef<number | undefined>(undefined);
  const form = useRef<HTMLFormElement>(null);
  switch (asked.kind) {
    case 'choice':
      return (
        <div className="flex flex-wrap gap-3" role="group" aria-label="Answers">
          {asked.choices.map(({ id, says }) => (
            <button
              key={id}
              type="button"
              className="btn min-h-[52px] px-6 text-lead"
              onClick={() => onAnswer(id)}
            >
              {says}
            </button>
          ))}
        </div>
      );
    case 'number':
      return (
        <form
          ref={form}
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (goToRefused(event.currentTarget)) return;
            if (settled.current !== undefined) onAnswer(settled.current);
            else form.current?.querySelector('input')?.focus();
          }}
        >
          <div className="w-[12rem]">
            <QuantityField
              label={asked.label}
              kind={asked.unit === 'g' ? 'mass' : 'length'}
              range={{ min: asked.min, max: asked.max, unit: asked.unit }}
              value={value}
              step={asked.step}
              onChange={(next) => {
                settled.current = next;
                setValue(next);
              }}
            />
          </div>
          <Button strong submits>
            Check answer
          </Button>
        </form>
      );
    case 'moment':
      return <Clock untilS={asked.untilS} onElapsed={onElapsed} onLift={onAnswer} />;
  }
}

/** The pot's clock runs so many times faster than a kitchen's. */
const FASTER = 8;

function Clock({
  untilS,
  onElapsed,
  onLift,
}: {
  untilS: number;
  onElapsed(seconds: number): void;
  onLift(seconds: number): void;
}) {
  const [began, setBegan] = useState<number | null>(null);
  const elapsed = () => (began === null ? 0 : ((performance.now() - began) / 1000) * FASTER);
  useEffect(() => {
    if (began === null) return;
    const timer = setInterval(() => {
      const seconds = ((performance.now() - began) / 1000) * FASTER;
      onElapsed(Math.floor(seconds));
      if (seconds >= untilS) onLift(Math.round(seconds));
    }, 120);
    return () => clearInterval(timer);
  });
  if (began === null) {
    return (
      <div>
        <Button strong onClick={() => setBegan(performance.now())}>
          Put it in
        </Button>
        <p className="mt-2 text-small text-ink-dim">
          The clock runs {FASTER} times as fast as a kitchen’s.
        </p>
      </div>
    );
  }
  return (
    <Button strong onClick={() => onLift(Math.round(elapsed()))}>
      Lift it out
    </Button>
  );
}
