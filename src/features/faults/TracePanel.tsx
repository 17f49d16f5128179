'use client';

import { ChevronRight } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';
import type { CauseId } from '@/core/faults/causes';
import { DONT_KNOW, QUESTIONS, type QuestionId } from '@/core/faults/questions';
import type { ToldCause } from '@/core/faults/report';
import { SIGNS, SIGN_IDS, type SignId } from '@/core/faults/signs';
import { STAGES, STAGE_NAMES, within, type Stage } from '@/core/faults/stages';
import type { Quoted } from '@/core/risk/remedy';
import { QuestionDrawing, SignDrawing } from './FaultScene';
import { likelyWords } from './likely';
import type { Trace } from './useTrace';

/** How it is dressed: for a page on the board, or at the bench. */
export interface TraceLook {
  readonly key: string;
  readonly chip: string;
  readonly dim: string;
  readonly warn: string;
  readonly card: string;
  readonly drawing: string;
  readonly small: string;
  readonly title: string;
  /** How its two halves stand beside each other. */
  readonly halves: string;
}

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
    <div className="grid gap-6">
      <PickedSigns trace={trace} look={look} />
      <div className={look.halves}>
        <div className="grid content-start gap-6">
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

function SignPicker({
  trace,
  look,
  signs,
  now,
}: {
  trace: Trace;
  look: TraceLook;
  signs: readonly SignId[];
  now: Stage | undefined;
}) {
  const stages = STAGES.filter((stage) => signs.some((sign) => SIGNS[sign].stage === stage));
  // What can be seen by now comes first, the latest of it at the top.
  const seen = now ? stages.filter((stage) => within(stage, ['dough', now])).reverse() : stages;
  const ordered = [...seen, ...stages.filter((stage) => !seen.includes(stage))];
  return (
    <div className="grid gap-6">
      {ordered.map((stage) => (
        <section key={stage} aria-label={STAGE_NAMES[stage]} className="grid gap-3">
          <h2 className={look.title}>{STAGE_NAMES[stage]}</h2>
          <ul
            className="grid gap-3"
            style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 15em), 1fr))' }}
          >
            {signs
              .filter((sign) => SIGNS[sign].stage === stage)
              .map((sign) => (
                <li key={sign} className="grid">
                  <button
                    type="button"
                    className={`${look.key} !flex items-center justify-start gap-3 !text-left`}
                    onClick={() => trace.pick(sign)}
                  >
                    <SignDrawing sign={sign} className={look.drawing} />
                    <span className="min-w-0 leading-tight">
                      <span className="block font-semibold">{SIGNS[sign].name}</span>
                      <span className={`block font-normal ${look.dim} ${look.small}`}>
                        {SIGNS[sign].looks}
                      </span>
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function PickedSigns({ trace, look }: { trace: Trace; look: TraceLook }) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <ul className="contents" aria-label="What you see">
        {trace.signs.map((sign) => (
          <li key={sign} className="contents">
            <button
              type="button"
              className={look.chip}
              onClick={() => trace.drop(sign)}
              aria-label={`Not this: ${SIGNS[sign].name}`}
            >
              {SIGNS[sign].name} <span aria-hidden>✕</span>
            </button>
          </li>
        ))}
      </ul>
      <label>
        <span className="sr-only">Something else as well</span>
        <select
          className={look.chip}
          value=""
          onChange={(event) => {
            const sign = SIGN_IDS.find((id) => id === event.target.value);
            if (sign) trace.pick(sign);
          }}
        >
          <option value="">Something else as well…</option>
          {SIGN_IDS.filter((id) => !trace.signs.includes(id)).map((id) => (
            <option key={id} value={id}>
              {SIGNS[id].name}
            </option>
          ))}
        </select>
      </label>
      <button type="button" className={look.chip} onClick={trace.startAgain}>
        Start again
      </button>
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

function CauseCard({
  cause,
  look,
  open,
  remedyText,
  onMend,
  onConfirm,
  confirmed,
}: {
  cause: ToldCause;
  look: TraceLook;
  open: boolean;
  remedyText(remedy: Quoted): string;
  onMend?: ((cause: CauseId, remedy: Quoted) => void) | undefined;
  onConfirm(cause: CauseId): void;
  confirmed: boolean;
}) {
  const percent = Math.round(100 * cause.probability);
  const told: [string, ReactNode][] = [
    ['What it does', cause.does],
    ['How to know it', cause.known],
    ['Now', cause.now],
    ['Next time', cause.next],
  ];
  return (
    <li className={look.card}>
      <details open={open || confirmed} className="group">
        <summary className="flex min-h-[44px] list-none flex-wrap items-baseline justify-between gap-x-4 marker:hidden">
          <span className={look.title}>
            <ChevronRight
              size="1em"
              aria-hidden
              className="mr-1 inline-block align-[-0.12em] group-open:rotate-90"
            />
            {cause.name}
          </span>
          <span className={`${look.dim} ${look.small}`}>
            {likelyWords(cause.probability)}, {percent < 1 ? 'under 1' : percent} in 100
          </span>
          <span aria-hidden className="mt-1 block h-2 w-full overflow-hidden rounded bg-current/15">
            <span className="block h-full bg-current" style={{ width: `${percent}%` }} />
          </span>
        </summary>
        <dl className="mt-3 grid gap-3">
          {told.map(([title, says]) => (
            <div key={title}>
              <dt className={`${look.dim} ${look.small}`}>{title}</dt>
              <dd>{says}</dd>
            </div>
          ))}
        </dl>
        {cause.caution && <p className={`mt-3 ${look.warn}`}>{cause.caution}</p>}
        <Speaks title="For it" evidence={cause.for} look={look} />
        <Speaks title="Against it" evidence={cause.against} look={look} />
        {onMend && cause.remedies.length > 0 && (
          <div className="mt-4 grid gap-2">
            <p className={`${look.dim} ${look.small}`}>In the plan</p>
            {cause.remedies
              .filter(({ kind }, i, all) => all.findIndex((each) => each.kind === kind) === i)
              .slice(0, 3)
              .map((remedy) => (
                <button
                  key={remedy.kind}
                  type="button"
                  className={`${look.key} !justify-start !text-left`}
                  onClick={() => onMend(cause.id, remedy)}
                >
                  {remedyText(remedy)}
                </button>
              ))}
          </div>
        )}
        <div className="mt-4 flex">
          <button
            type="button"
            className={look.key}
            aria-pressed={confirmed}
            onClick={() => onConfirm(cause.id)}
          >
            {confirmed ? '✓ It was this' : 'It was this'}
          </button>
        </div>
      </details>
    </li>
  );
}

function Speaks({
  title,
  evidence,
  look,
}: {
  title: string;
  evidence: ToldCause['for'];
  look: TraceLook;
}) {
  if (evidence.length === 0) return null;
  return (
    <div className="mt-3">
      <p className={`${look.dim} ${look.small}`}>{title}</p>
      <ul className={look.small}>
        {evidence.slice(0, 5).map(({ says, weight, from }) => (
          <li key={`${from}${says}`} className="flex justify-between gap-4">
            <span>{says}</span>
            <span className={look.dim} title="Log-odds it adds">
              {weight > 0 ? '+' : '−'}
              {Math.abs(weight).toFixed(1)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
