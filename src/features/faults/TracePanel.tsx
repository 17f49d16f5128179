'use client';

import { useEffect, useRef } from 'react';
import type { CauseId } from '@/core/faults/causes';
import { DONT_KNOW, QUESTIONS, type QuestionId } from '@/core/faults/questions';
import type { ToldCause } from '@/core/faults/report';
import { SIGN_IDS, type SignId } from '@/core/faults/signs';
import type { Stage } from '@/core/faults/stages';
import type { Quoted } from '@/core/risk/remedy';
import { CauseCard } from './CauseCard';
import { QuestionDrawing } from './FaultScene';
import type { TraceLook } from './looks';
import { MoreSigns, PickedSigns, SignPicker } from './SignPicker';
import type { Trace } from './useTrace';

/** Causes shown; the rest are hardly why. */
const SHOWN = 4;
const LEAST_SHOWN = 0.02;

const worthSaying = ({ probability }: ToldCause, i: number): boolean =>
  i === 0 || (i < SHOWN && probability >= LEAST_SHOWN);

/**
 * From what is seen to its cause: signs to tap, what can be saved first, one question at a time, and the
 * causes as they stand.
 */
export function TracePanel({
  trace,
  look,
  signs = SIGN_IDS,
  now,
  remedyText,
  onMend,
  onConfirm,
  confirmed,
}: {
  trace: Trace;
  look: TraceLook;
  /** Signs offered. */
  signs?: readonly SignId[];
  /** Where the batch stands: its own signs come first. */
  now?: Stage | undefined;
  remedyText(remedy: Quoted): string;
  /** Makes a change of the plan; left out where there is none to change. */
  onMend?: ((cause: CauseId, remedy: Quoted) => void) | undefined;
  onConfirm(cause: CauseId): void;
  confirmed: CauseId | null;
}) {
  const { report } = trace;
  if (!report) return <SignPicker trace={trace} look={look} signs={signs} now={now} />;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6">
      <PickedSigns trace={trace} look={look} />
      <div className={look.halves}>
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-6">
          {report.rescues.length > 0 && (
            <section aria-label="What can be saved" className={look.card}>
              <h2 className={look.title}>First, save what can be saved</h2>
              <ul className="grid gap-3">
                {report.rescues.map(({ id, does, never, caution }) => (
                  <li key={id}>
                    <span aria-hidden>{never ? '✕ ' : '→ '}</span>
                    {does}
                    {caution && (
                      <span className={`block ${look.warn} ${look.small}`}>{caution}</span>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <Asked trace={trace} look={look} />
          <MoreSigns trace={trace} look={look} />
        </div>
        <section aria-label="Causes" className="grid content-start gap-4">
          <h2 className={look.title}>{report.clear ? 'This is why' : 'What it may be'}</h2>
          <ol className="grid gap-4">
            {report.causes.filter(worthSaying).map((cause, i) => (
              <CauseCard
                key={cause.id}
                cause={cause}
                look={look}
                open={i === 0}
                remedyText={remedyText}
                onMend={onMend}
                onConfirm={onConfirm}
                confirmed={confirmed === cause.id}
              />
            ))}
          </ol>
          <p className={`${look.dim} ${look.small}`}>
            Estimates from this plan, this batch and what you answered. Local food codes and
            licensed practice come first.
          </p>
        </section>
      </div>
    </div>
  );
}

/** The question that tells most, and what was answered before. */
function Asked({ trace, look }: { trace: Trace; look: TraceLook }) {
  const question = trace.report?.question ?? null;
  const answered = Object.entries(trace.answers) as [QuestionId, string][];
  const own = useRef<HTMLDivElement>(null);
  const moved = useRef(false);
  useEffect(() => {
    // The answer that was tapped is gone: the focus goes on to what is asked next.
    if (moved.current) own.current?.focus({ preventScroll: false });
    moved.current = false;
  }, [question?.id]);
  return (
    <section aria-label="Questions" className="grid gap-4">
      <div ref={own} tabIndex={-1} className={`${look.card} outline-none`} aria-live="polite">
        {question ? (
          <>
            <div className="flex items-center gap-4">
              <QuestionDrawing question={question.id} className={look.drawing} />
              <h2 className={look.title}>{question.asks}</h2>
            </div>
            <div className="flex flex-wrap gap-3" role="group" aria-label={question.asks}>
              {question.answers.map(({ id, says }) => (
                <button
                  key={id}
                  type="button"
                  className={`${look.key} ${id === DONT_KNOW ? look.dim : ''}`}
                  onClick={() => {
                    moved.current = true;
                    trace.answer(question.id, id);
                  }}
                >
                  {says}
                </button>
              ))}
            </div>
          </>
        ) : (
          <p>
            {trace.report?.clear
              ? 'Nothing more to ask: one cause is as good as sure.'
              : 'Nothing more to ask that would tell these apart.'}
          </p>
        )}
      </div>
      {answered.length > 0 && (
        <ul className="flex flex-wrap gap-3" aria-label="What you answered">
          {answered.map(([id, answer]) => (
            <li key={id}>
              <button type="button" className={look.chip} onClick={() => trace.forget(id)}>
                <span className="sr-only">Take back: {QUESTIONS[id].asks} </span>
                {(QUESTIONS[id].answers as Readonly<Record<string, string>>)[answer] ??
                  'I don’t know'}{' '}
                <span aria-hidden>✕</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
