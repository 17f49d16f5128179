'use client';

import { useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { linkToRun, takeLinksBack } from '@/server/actions/door';
import { Button } from '@/ui/buttons/Button';
import { say } from '@/ui/layout/say';

/** Links that let whoever has one look at a batch as it is made, and change nothing. */
export function RunLinks({ run, links }: { run: string; links: number }) {
  const [link, setLink] = useState<string | null>(null);
  const [given, setGiven] = useState(links);
  const { run: act } = useAction();
  const made = (path: string) => {
    const url = new URL(path, window.location.href).href;
    setLink(url);
    setGiven((n) => n + 1);
    // Not every browser, and no plain line, lets a page copy: the link stands there all the same.
    void navigator.clipboard?.writeText(url).then(
      () => void say('Link copied'),
      () => {},
    );
  };
  const make = () => act(() => linkToRun(run), { then: made });
  const takeBack = () =>
    act(() => takeLinksBack(run), {
      done: 'No link leads here any more',
      then: () => {
        setLink(null);
        setGiven(0);
      },
    });
  return (
    <section aria-label="Links to look at it" className="grid gap-2">
      <Button onClick={() => void make()}>Make a link to look at it</Button>
      {link && (
        <label>
          <span className="mb-1 block text-small text-ink-dim">
            Whoever has this can look at this batch, and at nothing else
          </span>
          <input
            className="field"
            readOnly
            value={link}
            onFocus={(event) => event.currentTarget.select()}
          />
        </label>
      )}
      {given > 0 && (
        <Button onClick={() => void takeBack()}>
          {given === 1 ? 'Take the link back' : `Take its ${given} links back`}
        </Button>
      )}
    </section>
  );
}
