'use client';

import { useState } from 'react';
import { DRILL_IDS } from '@/core/drills/drill';
import { DRILLS } from '@/core/drills/drills';
import { comingBack, dueBy } from '@/core/drills/comingBack';
import { skillsOf, SURE, surenessOf, type DrillAnswer } from '@/core/drills/skill';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { useKeptOffline } from '@/ui/browser/useKeptOffline';
import { SelectField } from '@/ui/fields/SelectField';
import { Link } from '@/ui/layout/Link';
import { Moment } from '@/ui/text/Moment';
import { practice, usePractice } from './usePractice';

/** Where an exercise may be taken from here without a line. */
const LEADS_TO = ['back', 'paper', ...DRILL_IDS].map((each) => `/practice/${each}`);

/** Kinds of exercises, how good this hand is at each, and whether it knows what it knows. */
export function PracticeHome({
  classSeed,
  cooks,
}: {
  classSeed: number;
  cooks: readonly string[];
}) {
  const { cook, answers, waiting } = usePractice();
  const now = useInBrowser(minuteNow, '');
  useKeptOffline(LEADS_TO);
  const skills = skillsOf(answers);
  const sureness = surenessOf(answers).filter(({ said }) => said > 0);
  const [seed, setSeed] = useState(String(classSeed));
  return (
    <>
      <h1 className="font-display text-[2rem] leading-tight">Practice</h1>
      <p className="mt-1 max-w-[42rem]">
        Exercises that the product’s own model makes, each another, with its answer worked out.
      </p>
      <div className="mt-4 max-w-[22rem]">
        <SelectField
          label="Cook"
          value={cook}
          options={[
            { value: '', label: 'Nobody’s in particular' },
            ...[...new Set([...cooks, ...(cook ? [cook] : [])])].map((each) => ({
              value: each,
              label: each,
            })),
          ]}
          hint={keptWords(cook, waiting.length)}
          onChange={(next) => practice().name(next)}
        />
      </div>
      {now && answers.length > 0 && <Back answers={answers} now={now} />}
      <ul className="mt-6 grid gap-4 sm:grid-cols-2">
        {DRILL_IDS.map((id) => {
          const { answered, right, low, high } = skills[id];
          return (
            <li key={id}>
              <Link
                href={`/practice/${id}`}
                className="grid h-full content-start gap-1 rounded-lg border-[1.5px] border-board-rule p-5 hover:bg-board-raised"
              >
                <span className="font-display text-figure leading-tight">{DRILLS[id].name}</span>
                <span>{DRILLS[id].trains}</span>
                {answered === 0 ? (
                  <span className="text-small text-ink-dim">Not tried yet</span>
                ) : (
                  <>
                    <span className="text-small text-ink-dim">
                      {right} of the last {answered} right: {Math.round(100 * low)} to{' '}
                      {Math.round(100 * high)} in 100
                    </span>
                    <span aria-hidden className="relative mt-1 block h-2 rounded bg-ink/10">
                      <span
                        className="absolute inset-y-0 rounded bg-verdigris"
                        style={{ left: `${100 * low}%`, right: `${100 - 100 * high}%` }}
                      />
                    </span>
                  </>
                )}
              </Link>
            </li>
          );
        })}
        <li>
          <Link
            href="/practice/paper"
            className="grid h-full content-start gap-1 rounded-lg border-[1.5px] border-board-rule p-5 hover:bg-board-raised"
          >
            <span className="font-display text-figure leading-tight">A batch on paper</span>
            <span>
              Nine decisions in a kitchen that hides something from you: a damp day, a roller that
              leaves more than it says, small eggs. It ends with what each decision cost.
            </span>
          </Link>
        </li>
      </ul>
      {sureness.length > 0 && (
        <section aria-label="How sure you were" className="mt-8">
          <h2 className="font-display text-figure">How sure you were</h2>
          <ul className="mt-2">
            {sureness.map(({ sure, said, right }) => (
              <li key={sure}>
                “{SURE[sure].says}”: right {right} times of {said}.{' '}
                {said >= 5 && earned(SURE[sure].share, right / said)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="A class" className="mt-8">
        <h2 className="font-display text-figure">A class</h2>
        <p className="mt-1 max-w-[42rem]">
          A set for everybody: the same number makes the same exercises. It prints on a sheet, with
          the answers on the back.
        </p>
        <form action="/practice/set" className="mt-3 flex flex-wrap items-end gap-3">
          <label>
            <span className="mb-1 block text-small text-ink-dim">Number of the set</span>
            <input
              name="seed"
              inputMode="numeric"
              pattern="[0-9]{1,9}"
              required
              className="field w-[10rem]"
              value={seed}
              onChange={(event) => setSeed(event.target.value)}
            />
          </label>
          <button type="submit" className="btn btn-strong">
            Make the set
          </button>
        </form>
      </section>
    </>
  );
}

/** To the minute: it must be the same each time it is asked for. */
const minuteNow = (): string => new Date(Math.floor(Date.now() / 60_000) * 60_000).toISOString();

function keptWords(cook: string, waiting: number): string {
  if (cook === '') return 'What you answer stays on this device.';
  if (waiting === 0) return 'What you answer is kept in the kitchen.';
  return `${waiting} ${waiting === 1 ? 'answer waits' : 'answers wait'} for the line.`;
}

/** What was missed and comes back. */
function Back({ answers, now }: { answers: readonly DrillAnswer[]; now: string }) {
  const coming = comingBack(answers);
  if (coming.length === 0) return null;
  const due = dueBy(coming, now).length;
  const [next] = coming;
  return (
    <section
      aria-label="What comes back"
      className="mt-6 flex flex-wrap items-center justify-between gap-4 rounded-lg bg-band px-5 py-4"
    >
      <div>
        <h2 className="font-display text-figure leading-tight">
          {due === 0
            ? 'Nothing comes back today'
            : `${due} ${due === 1 ? 'comes' : 'come'} back today`}
        </h2>
        <p>
          {coming.length} missed in all; each returns just before it would be forgotten
          {due === 0 && (
            <>
              , the next on <Moment at={next!.dueAt} />
            </>
          )}
          .
        </p>
      </div>
      {due > 0 && (
        <Link className="btn btn-strong" href="/practice/back">
          Take {due === 1 ? 'it' : 'them'}
        </Link>
      )}
    </section>
  );
}

/** Off by more than this is surer, or less sure, than is earned. */
const EARNED_WITHIN = 0.15;

/** Whether being so sure is borne out by how often it was right. */
function earned(should: number, was: number): string {
  if (was > should + EARNED_WITHIN) return 'You know more than you say.';
  if (was >= should - EARNED_WITHIN) return 'As expected.';
  return should < 0.5 ? 'A guess, indeed.' : 'Surer than is earned.';
}
