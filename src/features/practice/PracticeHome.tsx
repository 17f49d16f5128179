'use client';

import { useState } from 'react';
import { DRILL_IDS } from '@/core/drills/drill';
import { DRILLS } from '@/core/drills/drills';
import { skillsOf, SURE, surenessOf } from '@/core/drills/skill';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { Link } from '@/ui/layout/Link';
import { keptAnswers } from './answersKept';

/** Kinds of exercises, how good this hand is at each, and whether it knows what it knows. */
export function PracticeHome({ classSeed }: { classSeed: number }) {
  const text = useInBrowser(() => JSON.stringify(keptAnswers()), '[]');
  const answers = JSON.parse(text) as ReturnType<typeof keptAnswers>;
  const skills = skillsOf(answers);
  const sureness = surenessOf(answers).filter(({ said }) => said > 0);
  const [seed, setSeed] = useState(String(classSeed));
  return (
    <>
      <h1 className="font-display text-[2rem] leading-tight">Practice</h1>
      <p className="mt-1 max-w-[42rem]">
        Exercises that the product’s own model makes, each another, with its answer worked out. What
        you answer stays on this device.
      </p>
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
      </ul>
      <section aria-label="A batch on paper" className="mt-8">
        <h2 className="font-display text-figure">A batch on paper</h2>
        <p className="mt-1 max-w-[42rem]">
          A whole batch, decision by decision, in a kitchen that hides something from you: a damp
          day, a roller that leaves more than it says, small eggs. It ends with what was plated, and
          what each decision cost.
        </p>
        <Link className="btn btn-strong mt-3" href="/practice/paper">
          Begin a batch
        </Link>
      </section>
      {sureness.length > 0 && (
        <section aria-label="How sure you were" className="mt-8">
          <h2 className="font-display text-figure">How sure you were</h2>
          <ul className="mt-2">
            {sureness.map(({ sure, said, right }) => (
              <li key={sure}>
                “{SURE[sure].says}”: right {right} times of {said}
                {said >= 5 &&
                  (right / said < SURE[sure].share - 0.15
                    ? '. Surer than is earned.'
                    : right / said > SURE[sure].share + 0.15
                      ? '. You know more than you say.'
                      : '. As it should be.')}
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
