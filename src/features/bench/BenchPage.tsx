'use client';

import './bench.css';
import { parseAsStringLiteral, useQueryState } from 'nuqs';
import { CircleAlert, Scale } from 'lucide-react';
import { Link } from '@/ui/layout/Link';
import { useEffect, useRef, useState } from 'react';
import { STEP_IDS, type StepId } from '@/core/run/events';
import { behind, meanwhileOf, stepNow, stepsOf } from '@/core/run/steps/steps';
import type { PageParam } from '@/ui/browser/pageParams';
import { useInBrowser } from '@/ui/browser/useInBrowser';
import { useKeptOffline } from '@/ui/browser/useKeptOffline';
import { BenchProvider, useBench, type GivenRun } from './BenchContext';
import { Clocks } from './Clocks';
import { cookHere } from './cookHere';
import { DevicesProvider } from './devices/DevicesContext';
import { DevicesPanel } from './devices/DevicesPanel';
import { Foot } from './Foot';
import { StepView } from './StepView';
import { TroubleProvider, useTrouble } from './TroubleContext';
import { TroublePanel } from './TroublePanel';
import { useAwake } from './useClock';

const STEP = parseAsStringLiteral(STEP_IDS).withOptions({ history: 'push' });

/** A run at the bench: one step fills the screen. */
export function BenchPage({ run, cooks }: { run: GivenRun; cooks: readonly string[] }) {
  const kept = useInBrowser(() => cookHere().read() ?? '', '');
  const [chosen, setCook] = useState<string | null>(null);
  const cook = chosen ?? kept;
  return (
    <BenchProvider given={run} cook={cook}>
      <DevicesProvider>
        <TroubleProvider>
          <BenchView
            cooks={cooks}
            cook={cook}
            onCook={(next) => {
              cookHere().write(next);
              setCook(next);
            }}
          />
        </TroubleProvider>
      </DevicesProvider>
    </BenchProvider>
  );
}

/** Keys that a page-turner or a knuckle on a keyboard sends for “next”. */
const NEXT_KEYS = [' ', 'PageDown', 'ArrowRight'];

function BenchView({
  cooks,
  cook,
  onCook,
}: {
  cooks: readonly string[];
  cook: string;
  onCook(cook: string): void;
}) {
  const { bench, given, state, happen } = useBench();
  const [at, setAt] = useQueryState('step' satisfies PageParam, STEP);
  const [devices, setDevices] = useState(false);
  const trouble = useTrouble();
  const steps = stepsOf(bench);
  const now = stepNow(bench);
  const passed = behind(state);
  // A page that was kept may have been kept at another step: the address counts once the page stands.
  const stands = useInBrowser(() => true, false);
  const here = (stands && steps.find(({ id }) => id === at)) || now;
  const body = useRef<HTMLElement>(null);
  const open = state.status === 'open';
  useAwake(open);
  // The bench goes on without a server.
  useKeptOffline();

  useEffect(() => {
    // The first tap of a run is its opening.
    if (open && state.beganAt === null) happen({ kind: 'begun' });
  }, [open, state.beganAt, happen]);

  useEffect(() => {
    // Opened by no step of its own, it is at one all the same: Back from the next leads here.
    if (at === null && stands) void setAt(now.id, { history: 'replace' });
  }, [at, stands, now.id, setAt]);

  const go = (step: StepId) => {
    trouble.close();
    void setAt(step);
    window.scrollTo({ top: 0 });
    body.current?.focus({ preventScroll: true });
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!NEXT_KEYS.includes(event.key) || event.ctrlKey || event.metaKey || event.altKey) return;
      const target = event.target as HTMLElement;
      if (target.closest('input, textarea, select, button, a, summary')) return;
      event.preventDefault();
      body.current?.querySelector<HTMLButtonElement>('[data-next]')?.click();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  const tabs = useRef<HTMLElement>(null);
  useEffect(() => {
    const tab = tabs.current?.querySelector<HTMLElement>('[aria-current]');
    if (tab && tabs.current) {
      tabs.current.scrollLeft = tab.offsetLeft - (tabs.current.clientWidth - tab.clientWidth) / 2;
    }
  }, [here.id]);

  const next = steps[steps.indexOf(here) + 1];
  return (
    <div className="bench">
      <header className="bench-head">
        <Link href={`/plans/${given.planId}`} className="bench-name underline underline-offset-8">
          {given.plan.name}
        </Link>
        <CookPicker cooks={cooks} cook={cook} onCook={onCook} />
        <button
          type="button"
          className="bench-chip"
          aria-expanded={devices}
          onClick={() => setDevices(!devices)}
        >
          <Scale size={28} aria-hidden className="min-[1501px]:hidden" />
          <span className="max-[1500px]:sr-only">Scale and probe</span>
        </button>
        <button
          type="button"
          className="bench-chip"
          aria-expanded={trouble.signs !== null}
          onClick={() => (trouble.signs ? trouble.close() : trouble.open([]))}
        >
          <CircleAlert size={28} aria-hidden className="sm:hidden" />
          <span className="max-sm:sr-only">Something is wrong</span>
        </button>
        <div className="bench-clocks ml-auto">
          <Clocks />
        </div>
      </header>
      <nav ref={tabs} aria-label="Steps" className="bench-tabs">
        {steps.map((step) => {
          const done = passed.has(step.id);
          return (
            <button
              key={step.id}
              type="button"
              className="bench-tab"
              aria-current={step === here ? 'step' : undefined}
              data-done={done ? '' : undefined}
              onClick={() => go(step.id)}
            >
              {done && (
                <>
                  <span aria-hidden>✓ </span>
                  <span className="sr-only">done: </span>
                </>
              )}
              {step.title(bench)}
            </button>
          );
        })}
      </nav>
      <main id="main" ref={body} tabIndex={-1} className="bench-body outline-none">
        {!open && <Ended />}
        {devices && <DevicesPanel />}
        {trouble.signs ? (
          <TroublePanel key={trouble.signs.join()} step={here.id} signs={trouble.signs} />
        ) : (
          <>
            <StepView key={here.id} id={here.id} go={go} />
            <Meanwhile here={here.id} go={go} />
          </>
        )}
      </main>
      <Foot next={next?.title(bench).toLowerCase() ?? null} />
    </div>
  );
}

/** It is over; what is tapped still counts, and it can be taken up again. */
function Ended() {
  const { state, given, happen } = useBench();
  const ending = state.events.findLast(({ kind }) => kind === 'finished' || kind === 'abandoned');
  return (
    <div className="bench-panel">
      <p className="bench-warn">
        <b>This batch is {state.status === 'finished' ? 'closed' : 'given up'}.</b>
      </p>
      <div className="bench-keys">
        <Link href={`/logbook/${given.id}`} className="bench-key">
          <b>See results</b>
        </Link>
        {ending && (
          <button
            type="button"
            className="bench-key"
            onClick={() => happen({ kind: 'takenBack', event: ending.id })}
          >
            <b>Open it again</b>
          </button>
        )}
      </div>
    </div>
  );
}

function CookPicker({
  cooks,
  cook,
  onCook,
}: {
  cooks: readonly string[];
  cook: string;
  onCook(cook: string): void;
}) {
  if (cooks.length === 0) return null;
  return (
    <label className="flex items-center gap-3">
      <span className="sr-only">Who cooks</span>
      <select
        className="bench-field !w-auto max-sm:max-w-[50vw]"
        value={cook}
        onChange={(event) => onCook(event.target.value)}
      >
        <option value="">Cook?</option>
        {[...new Set([...cooks, ...(cook ? [cook] : [])])].map((each) => (
          <option key={each}>{each}</option>
        ))}
      </select>
    </label>
  );
}

/** What can be made while something rests or cools. */
function Meanwhile({ here, go }: { here: StepId; go(step: StepId): void }) {
  const { bench } = useBench();
  const steps = meanwhileOf(bench).filter(({ id }) => id !== here);
  if (steps.length === 0) return null;
  return (
    <div className="bench-keys" role="group" aria-label="While it waits">
      {steps.map((step) => (
        <button key={step.id} type="button" className="bench-key" onClick={() => go(step.id)}>
          <b>Meanwhile: {step.title(bench).toLowerCase()}</b>
          <span className="bench-dim">while something rests or cools</span>
        </button>
      ))}
    </div>
  );
}
