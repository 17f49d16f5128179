'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { DrillGear } from '@/core/drills/drill';
import { DECISION_IDS, type DecisionId } from '@/core/paper/decision';
import { DECISIONS } from '@/core/paper/decisions';
import { paperBatch } from '@/core/paper/paperBatch';
import { nextDecision, type Chosen, type Pending } from '@/core/paper/play';
import { useKeptOffline } from '@/ui/browser/useKeptOffline';
import { WordsHere } from '@/ui/glossary/WordsHere';
import { anotherSeed } from './anotherSeed';
import { DrillPicture } from './DrillPicture';
import { PracticeHead } from './PracticeHead';
import { PaperEnd } from './PaperEnd';
import { useUnits } from '@/ui/units/UnitsContext';

/** A whole batch played through its decisions, in a kitchen of which not everything is known. */
export function PaperPage({ first, gear }: { first: number; gear: DrillGear }) {
  const [seed, setSeed] = useState(first);
  useKeptOffline();
  return (
    <>
      <PracticeHead says="Decide as you would at the bench; what each decision cost is told at the end." />
      <h1 className="font-display text-[2rem] leading-tight">A batch on paper</h1>
      <Batch key={seed} seed={seed} gear={gear} onAnother={() => setSeed(anotherSeed())} />
      <div className="mt-8">
        <WordsHere words={['dose', 'mound']} />
      </div>
    </>
  );
}

function Batch({ seed, gear, onAnother }: { seed: number; gear: DrillGear; onAnother(): void }) {
  const batch = useMemo(() => paperBatch(seed, gear), [seed, gear]);
  const [chosen, setChosen] = useState<Chosen>({});
  const pending = nextDecision(batch, chosen);
  return (
    <div className="mt-3 grid max-w-[48rem] gap-5">
      {pending ? (
        <Deciding
          key={pending.id}
          pending={pending}
          onChoose={(way) => setChosen({ ...chosen, [pending.id]: way })}
        />
      ) : (
        <PaperEnd
          batch={batch}
          gear={gear}
          chosen={chosen}
          onAgain={() => setChosen({})}
          onAnother={onAnother}
        />
      )}
      {pending && <SoFar chosen={chosen} onBack={(id) => setChosen(before(chosen, id))} />}
    </div>
  );
}

/** The ways chosen before a decision: it and what came after are open again. */
const before = (chosen: Chosen, id: DecisionId): Chosen =>
  Object.fromEntries(
    DECISION_IDS.slice(0, DECISION_IDS.indexOf(id)).map((each) => [each, chosen[each]]),
  );

function Deciding({
  pending: { id, n, of, sees, picture },
  onChoose,
}: {
  pending: Pending;
  onChoose(way: string): void;
}) {
  const { sentence } = useUnits();
  const { name, asks, ways } = DECISIONS[id];
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    // The next decision is read from its head; the first is where the page begins.
    if (n > 1) head.current?.focus();
  }, [n]);
  return (
    <section aria-labelledby={`paper-${id}`} className="grid gap-4">
      <div>
        <p className="text-small text-ink-dim">
          {name}, {n} of {of}
        </p>
        <h2
          ref={head}
          id={`paper-${id}`}
          tabIndex={-1}
          className="font-display text-figure leading-tight outline-none"
        >
          {asks}
        </h2>
      </div>
      {picture && <DrillPicture picture={picture} />}
      <p className="max-w-prose">{sentence(sees)}</p>
      <div className="grid gap-3" role="group" aria-label="Ways">
        {Object.entries(ways).map(([way, { says }]) => (
          <button
            key={way}
            type="button"
            className="btn min-h-[52px] justify-start px-5 text-left text-lead"
            onClick={() => onChoose(way)}
          >
            {says}
          </button>
        ))}
      </div>
    </section>
  );
}

function SoFar({ chosen, onBack }: { chosen: Chosen; onBack(id: DecisionId): void }) {
  const made = DECISION_IDS.filter((id) => chosen[id] !== undefined);
  if (made.length === 0) return null;
  return (
    <section aria-label="Decided so far" className="border-t-[1.5px] border-board-rule pt-4">
      <h2 className="text-small text-ink-dim">Decided so far</h2>
      <ul className="mt-1 grid gap-1">
        {made.map((id) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-3">
            <b>{DECISIONS[id].name}</b> {DECISIONS[id].ways[chosen[id]!]!.says}
            <button type="button" className="link min-h-[44px]" onClick={() => onBack(id)}>
              Decide again
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
