'use client';

import { useState } from 'react';
import type { StepTest } from '@/core/run/steps/step';
import { useBench } from './BenchContext';
import { useDevices } from './devices/DevicesContext';
import { Keypad } from './Keypad';
import { weighingsOf, type Weighing } from './weighings';

/** How many are weighed together. */
const TOGETHER = [1, 3, 5, 10] as const;

/** What can be weighed or measured at this step: a key each, then the number. */
export function Weigh({ tests }: { tests: readonly StepTest[] }) {
  const { bench, happen } = useBench();
  const [open, setOpen] = useState<Weighing | null>(null);
  const [n, setN] = useState<number>(3);
  const { reading } = useDevices();
  const all = weighingsOf(tests, bench);
  if (all.length === 0) return null;
  if (open) {
    return (
      <div className="grid max-w-[34rem] gap-4">
        {open.many && (
          <fieldset>
            <legend className="mb-2">How many together?</legend>
            <div className="flex flex-wrap gap-3">
              {TOGETHER.map((each) => (
                <button
                  key={each}
                  type="button"
                  aria-pressed={n === each}
                  className="bench-key !min-h-[72px]"
                  onClick={() => setN(each)}
                >
                  <b>{each}</b>
                </button>
              ))}
            </div>
          </fieldset>
        )}
        <Keypad
          asked={open.asked}
          reading={open.device && reading(open.device)}
          onCancel={() => setOpen(null)}
          onTake={(value) => {
            happen(...open.happens(value, open.many ? n : 1));
            setOpen(null);
          }}
        />
      </div>
    );
  }
  return (
    <div className="bench-keys" role="group" aria-label="Weigh and measure">
      {all.map((each) => {
        const last = each.last(bench);
        return (
          <button key={each.id} type="button" className="bench-key" onClick={() => setOpen(each)}>
            <b>{each.name}</b>
            {last && <span className="bench-dim">{last}</span>}
          </button>
        );
      })}
    </div>
  );
}
