'use client';

import { SIGNS, SIGN_IDS, type SignId } from '@/core/faults/signs';
import { STAGES, STAGE_NAMES, within, type Stage } from '@/core/faults/stages';
import { SignDrawing } from './FaultScene';
import type { TraceLook } from './looks';
import type { Trace } from './useTrace';

/** Signs to tap, those of where the batch stands first. */
export function SignPicker({
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

/** What was picked, and the ways to pick more or begin again. */
export function PickedSigns({ trace, look }: { trace: Trace; look: TraceLook }) {
  return (
    <ul className="flex flex-wrap items-center gap-3" aria-label="What you see">
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
  );
}

/** What else is seen, or all of it anew: below what can be saved and the question, which come first. */
export function MoreSigns({ trace, look }: { trace: Trace; look: TraceLook }) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="min-w-0 max-w-full">
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
