'use client';

import { useEffect, useRef } from 'react';
import type { StepId } from '@/core/run/events';
import type { StepLine } from '@/core/run/steps/step';
import { takeStep, WAITING, type Taking } from '@/core/devices/take';
import { useBench } from './BenchContext';
import { useDevices } from './devices/DevicesContext';

/**
 * What is ticked as it is done. With a scale, the weight of the next line is taken by itself once the pan is
 * steady at it: tare, pour, and it is ticked.
 */
export function Lines({ step, lines }: { step: StepId; lines: readonly StepLine[] }) {
  const { state, happen, bench } = useBench();
  const { reading } = useDevices();
  const taking = useRef<Taking>(WAITING);
  const isTicked = (item: string) => state.ticked.has(`${step}/${item}`);
  const next = lines.find(({ item, g }) => g !== null && !isTicked(item)) ?? null;
  const pan = reading('scale');
  const [value, steady] = [pan?.value ?? null, pan?.steady ?? false];
  const [wantedG, item] = [next?.g ?? null, next?.item ?? null];
  useEffect(() => {
    if (wantedG === null || item === null) return;
    const seen = value === null ? null : { value, steady };
    const stepped = takeStep(taking.current, seen, wantedG);
    taking.current = stepped.taking;
    if (stepped.take === null) return;
    happen(
      { kind: 'ticked', step, item },
      { kind: 'weighed', what: 'ingredient', item, g: Math.max(0, stepped.take) },
    );
  }, [value, steady, wantedG, item, happen, step]);
  return (
    <ul className="max-w-[52rem]">
      {lines.map((line) => {
        const ticked = isTicked(line.item);
        const event = state.events.findLast(
          (each) => each.kind === 'ticked' && each.step === step && each.item === line.item,
        );
        return (
          <li key={line.item}>
            <button
              type="button"
              role="checkbox"
              aria-checked={ticked}
              className="bench-line"
              onClick={() =>
                happen(
                  event
                    ? { kind: 'takenBack', event: event.id }
                    : { kind: 'ticked', step, item: line.item },
                )
              }
            >
              <span aria-hidden className="text-[2rem]">
                {ticked ? '✓' : '○'}
              </span>
              <span>{line.name}</span>
              <b>{line.amount}</b>
            </button>
          </li>
        );
      })}
      {next && pan && (
        <li role="status" className="bench-panel mt-4">
          <b>
            {bench.write(pan.value, 'g')} on the scale, {bench.write(next.g!, 'g')} of {next.name}{' '}
            wanted
          </b>
          <span className="bench-dim">
            Tare, then pour: it is taken by itself when it is steady.
          </span>
        </li>
      )}
    </ul>
  );
}
