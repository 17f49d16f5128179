'use client';

import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { basisFrom, type BasisParts } from '@/core/basis/basis';
import type { Kitchen } from '@/core/kitchen/kitchen';
import type { Plan } from '@/core/plan/document/schema';
import type { StationId } from '@/core/plan/stations';
import type { TestedBatch } from '@/server/repositories/batch';
import { useWholePantry } from '../pantry/useWholePantry';
import { BenchBar } from '@/ui/layout/BenchBar';
import { whenIdle } from '@/ui/layout/whenIdle';
import { useView } from '@/ui/layout/ViewContext';
import { EditorProvider } from './editor/EditorContext';
import { usePlanEditor } from './editor/usePlanEditor';
import { PieceView } from './page/PieceView';
import { PlanActions } from './page/PlanActions';
import { PlanNotices } from './page/PlanNotices';
import { usePlanCommands } from './page/usePlanCommands';
import { useStation } from './page/useStation';
import { PlanName } from './PlanName';
import { RunNav } from './RunNav';
import { SaveTrouble } from './SaveMark';
import { StationAnswer } from './StationAnswer';
import { modelClient } from './search/modelClient';
import { fetchStations, firstStation, laterStations } from './stations/stationParts';
import { Tally } from './tally/Tally';
import { TallyLine } from './tally/TallyLine';
import { STATION_NAMES } from './stationNames';
import { STATION_TERMS } from './words';
import { WordsHere } from '@/ui/glossary/WordsHere';

export interface PlanPageProps {
  readonly id: string;
  readonly stored: { readonly plan: Plan; readonly edition: number; readonly revision: number };
  readonly kitchen: Kitchen;
  readonly basisParts: BasisParts;
  /** What the batch on the bench was tested to be. */
  readonly batch: TestedBatch | null;
}

/** The plan page: the run, the open station, the piece, the tally. */
export function PlanPage({ id, stored, kitchen, basisParts, batch }: PlanPageProps) {
  const { rows, whole } = useWholePantry(basisParts.pantry, true);
  const basis = useMemo(() => basisFrom({ ...basisParts, pantry: rows }), [basisParts, rows]);
  const editor = usePlanEditor(id, stored, { basis, whole });
  return (
    <EditorProvider editor={editor} planId={id} kitchen={kitchen} basis={basis} batch={batch}>
      <PlanBench id={id} />
    </EditorProvider>
  );
}

function PlanBench({ id }: { id: string }) {
  const [at, setAt] = useStation();
  const [first] = useState(at);
  // The run answers at once; the station opens into the page after it.
  const open = useDeferredValue(at);
  const heading = useRef<HTMLHeadingElement>(null);
  const go = useCallback(
    (station: StationId) => {
      void setAt(station);
      heading.current?.focus();
    },
    [setAt],
  );
  usePlanCommands(id, go);
  useEffect(() => {
    const timer = setTimeout(() => {
      fetchStations();
      // A first, cold answer takes longest: better while nothing is asked.
      whenIdle(() => void modelClient().catch(() => {}));
    }, 1000);
    return () => clearTimeout(timer);
  }, []);
  return (
    <>
      <BenchBar actions={<PlanActions id={id} />}>
        <PlanName />
      </BenchBar>
      <SaveTrouble />
      <RunNav at={at} onGo={go} />
      <main id="main" tabIndex={-1} className="outline-none">
        <h2 ref={heading} tabIndex={-1} aria-live="polite" className="sr-only">
          {STATION_NAMES[at]}
        </h2>
        <OpenStation at={open} first={open === first} />
      </main>
      <PlanNotices />
      <TallyLine />
    </>
  );
}

/**
 * On a phone one under the other: the answer, what is set, what follows, the piece, the tally. They stand in the page
 * in that order too: what was drawn first must not be pushed away by what comes after it over a slow line.
 */
function OpenStation({ at, first }: { at: StationId; first: boolean }) {
  const { Controls, Panel } = first ? firstStation[at] : laterStations[at];
  const view = useView();
  // Where the piece is set it leads; elsewhere the station's own answer does, and the piece gives way.
  const leads = at === 'sheet' || at === 'shape';
  const inSlate = view === 'wide' && !leads;
  const piece = !inSlate && (
    <section
      key="piece"
      aria-label="The piece"
      className={`min-w-0 border-board-line px-3 pt-4 lg:col-start-2 lg:px-6 ${
        leads ? 'border-b lg:row-start-1' : 'border-t'
      }`}
    >
      <PieceView view={view} />
    </section>
  );
  const set = (
    <div
      key="set"
      className="grid content-start items-start gap-5 border-board-line p-5 md:max-lg:block md:max-lg:columns-2 md:max-lg:gap-8 md:max-lg:*:mb-5 md:max-lg:*:break-inside-avoid lg:col-start-1 lg:row-span-2 lg:row-start-1 lg:border-r"
    >
      <Controls />
      <WordsHere words={STATION_TERMS[at]} />
    </div>
  );
  const follows = (
    <div
      key="follows"
      className={`min-w-0 border-t border-board-line p-5 lg:col-start-2 lg:border-t-0 lg:p-6 ${
        leads ? 'lg:row-start-2' : 'lg:row-span-2 lg:row-start-1'
      }`}
    >
      <Panel />
    </div>
  );
  return (
    <div className="flex flex-col lg:grid lg:min-h-[calc(100dvh-206px)] lg:grid-cols-[minmax(300px,345px)_minmax(0,1fr)_270px] lg:grid-rows-[auto_minmax(0,1fr)]">
      <StationAnswer at={at} />
      {leads ? [piece, set, follows] : [set, follows, piece]}
      <div id="tally" className="bg-bench lg:col-start-3 lg:row-span-2 lg:row-start-1">
        <div className="lg:sticky lg:top-0 lg:max-h-dvh lg:overflow-y-auto">
          <Tally />
          {inSlate && (
            <div className="px-3 pt-3 pb-2" style={{ colorScheme: 'dark' }}>
              <PieceView view="slate" />
            </div>
          )}
        </div>
      </div>
    </div>
  );
}
