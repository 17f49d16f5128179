import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { Asleep } from './Asleep';
import { steadily } from './steadily';

const Fetching = () => (
  <p data-asleep className="text-ink-dim">
    Fetching…
  </p>
);

/** A part that comes after the page, tried for until it is there. */
export const after = (load: () => Promise<ComponentType>): ComponentType =>
  dynamic(
    () =>
      steadily(load).then((Part) => {
        const Awake = () => (
          <>
            <Asleep />
            <Part />
          </>
        );
        return Awake;
      }),
    { loading: Fetching },
  );
