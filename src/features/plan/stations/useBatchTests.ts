'use client';

import { v4 as newId } from 'uuid';
import { happeningsOf, testsThatHold, type BatchTests } from '@/core/run/batchTests';
import type { Happening, RunEvent } from '@/core/run/events';
import { noteBatchTests } from '@/server/actions/runs';
import { useAction } from '../../actions/useAction';
import { cookHere } from '../../bench/cookHere';
import { useEdit, usePlan, useWorld } from '../editor/EditorContext';

/** A test by the event that notes it. */
type Test = 'hangMm' | 'spoonMm' | 'towelG';

/** Tests of the batch that is being made, as a plan's page notes them. */
export interface NotedTests {
  /** What stands in the batch, whether or not it still is of this dough and filling. */
  readonly noted: BatchTests;
  /** What of it is reckoned with. */
  readonly counted: BatchTests;
  /** The run it stands in. */
  readonly run: string | null;
  readonly busy: boolean;
  note(tests: BatchTests): void;
  takeBack(test: Test): void;
}

/**
 * Tests made of a plan's dough and filling. They belong to its batch at the bench: the plan stays as it was
 * planned, and the next batch is not taken for this one.
 */
export function useBatchTests(): NotedTests {
  const { planId, batch } = useWorld();
  const plan = usePlan((all) => all);
  const { flush, getSnapshot } = useEdit();
  const { busy, run } = useAction();
  const send = (happenings: readonly Happening[], done: string) => {
    const at = new Date().toISOString();
    const id = newId();
    const by = cookHere().read();
    const events = happenings.map(
      (each) => ({ id: newId(), at, ...(by && { by }), ...each }) as RunEvent,
    );
    void run(
      async () => {
        // A batch is of the plan as it is kept.
        await flush();
        return getSnapshot().save.kind === 'saved'
          ? noteBatchTests({ id, planId, events })
          : { ok: false, error: 'The plan is not saved yet: note the test once it is.' };
      },
      { done },
    );
  };
  return {
    noted: batch?.tests ?? {},
    counted: batch ? testsThatHold(plan, batch.of, batch.tests) : {},
    run: batch?.run ?? null,
    busy,
    note: (tests) => send(happeningsOf(tests), 'Noted in the batch'),
    takeBack: (test) =>
      send(
        (batch?.events ?? []).flatMap((event) =>
          event.kind === 'measured' && event.test === test
            ? [{ kind: 'takenBack' as const, event: event.id }]
            : [],
        ),
        'Taken back in the batch',
      ),
  };
}
