'use client';

import { basisWith } from '@/core/basis/basis';
import { ClipboardList, History, Printer, Redo2, ShoppingBasket, Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import type { Kitchen } from '@/core/kitchen/kitchen';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { STATIONS, type StationId } from '@/core/plan/stations';
import { PieceSection } from '@/ui/drawings/PieceSection';
import { useCommands, type Command } from '@/ui/commands/commands';
import { BenchBar } from '@/ui/layout/BenchBar';
import { EditorProvider, type EditorValue } from './editor/EditorContext';
import { usePlanEditor } from './editor/usePlanEditor';
import { PlanName } from './PlanName';
import { RunNav } from './RunNav';
import { SaveMark, SaveTrouble } from './SaveMark';
import { fetchStations, stationParts } from './stations/stationParts';
import { Tally, TallyLine } from './Tally';
import { StationAnswer } from './StationAnswer';
import { STATION_NAMES } from './words';
import { steadily } from '@/ui/layout/steadily';
import { say, sayTrouble } from '@/ui/layout/say';

export interface PlanPageProps {
  readonly id: string;
  readonly stored: { readonly plan: Plan; readonly edition: number; readonly revision: number };
  readonly kitchen: Kitchen;
  readonly ownRows: PantryRows;
  readonly startAt: StationId;
}

/** The plan page: the run, the open station, the piece, the tally. */
export function PlanPage({ id, stored, kitchen, ownRows, startAt }: PlanPageProps) {
  const pantry = useMemo(() => pantryWith(ownRows), [ownRows]);
  const basis = useMemo(() => basisWith(pantry), [pantry]);
  const { editor, state } = usePlanEditor(id, stored, basis);
  const [at, setAt] = useState<StationId>(startAt);
  const router = useRouter();
  const { plan } = state;
  const result = useMemo(() => evaluatePlan(plan, basis), [plan, basis]);
  const value = useMemo<EditorValue>(
    () => ({
      plan,
      result,
      kitchen,
      pantry,
      basis,
      edit: editor.edit,
      tryEdit: editor.tryEdit,
      settle: () => editor.flush().then(() => {}),
    }),
    [plan, result, kitchen, pantry, basis, editor],
  );

  useEffect(() => {
    const timer = setTimeout(fetchStations, 1000);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    if (state.refused) void sayTrouble(`Not taken: ${state.refused}`);
  }, [state.refused]);
  useEffect(() => {
    if (state.restored) void say('What could not be saved last time has been brought back.');
  }, [state.restored]);

  // A substitution that changes who may eat it says so, whatever made it.
  const contents = useRef(result.contents.piece);
  useEffect(() => {
    const [before, after] = [contents.current, result.contents.piece];
    contents.current = after;
    if (JSON.stringify(before) === JSON.stringify(after)) return;
    void steadily(() => import('./contentsWords')).then(({ sayContents }) =>
      sayContents(before, after),
    );
  }, [result.contents.piece]);

  const go = useCallback((station: StationId) => {
    setAt(station);
    window.history.replaceState(null, '', `?at=${station}`);
  }, []);
  /** Leaves for a page that reads the store, with everything sent first. */
  const leaveFor = useCallback(
    async (path: string) => {
      await editor.flush();
      router.push(`/plans/${id}${path}`);
    },
    [editor, id, router],
  );

  const goShopping = useCallback(
    () => void editor.flush().then(() => router.push(`/shopping?plans=${id}`)),
    [editor, id, router],
  );

  const commands = useMemo<Command[]>(
    () => [
      ...STATIONS.map((station, index) => ({
        id: `at-${station}`,
        label: STATION_NAMES[station],
        group: 'Stations',
        keys: String(index + 1),
        run: () => go(station),
      })),
      {
        id: 'undo',
        label: 'Undo',
        group: 'This plan',
        keys: 'mod+z',
        disabled: !state.canUndo,
        run: editor.undo,
      },
      {
        id: 'redo',
        label: 'Redo',
        group: 'This plan',
        keys: 'shift+mod+z|mod+y',
        disabled: !state.canRedo,
        run: editor.redo,
      },
      {
        id: 'card',
        label: 'Bench card',
        group: 'This plan',
        keys: 'c|mod+p',
        run: () => void leaveFor('/card'),
      },
      { id: 'log', label: 'Log', group: 'This plan', keys: 'l', run: () => void leaveFor('/log') },
      {
        id: 'shopping',
        label: 'Shopping list',
        group: 'This plan',
        keys: 's',
        run: goShopping,
      },
      {
        id: 'revisions',
        label: 'Revisions',
        group: 'This plan',
        keys: 'r',
        run: () => void leaveFor('/revisions'),
      },
    ],
    [editor, go, goShopping, leaveFor, state.canRedo, state.canUndo],
  );
  useCommands(commands);

  const { Controls, Panel } = stationParts[at];
  // Where the piece is set it leads; elsewhere the station's own answer does, and the piece gives way.
  const leads = at === 'sheet' || at === 'shape';
  return (
    <EditorProvider value={value}>
      <BenchBar
        actions={
          <>
            <SaveMark save={state.save} />
            <IconButton label="Undo" keys="Ctrl Z" disabled={!state.canUndo} onClick={editor.undo}>
              <Undo2 size={20} aria-hidden />
            </IconButton>
            <IconButton
              label="Redo"
              keys="Ctrl Shift Z"
              disabled={!state.canRedo}
              onClick={editor.redo}
            >
              <Redo2 size={20} aria-hidden />
            </IconButton>
            <IconButton label="Bench card" keys="C" onClick={() => void leaveFor('/card')} words>
              <Printer size={18} aria-hidden />
            </IconButton>
            <IconButton label="Log" keys="L" onClick={() => void leaveFor('/log')} words>
              <ClipboardList size={18} aria-hidden />
            </IconButton>
            <IconButton label="Shopping list" keys="S" roomy onClick={goShopping}>
              <ShoppingBasket size={20} aria-hidden />
            </IconButton>
            <IconButton
              label="Revisions"
              keys="R"
              roomy
              onClick={() => void leaveFor('/revisions')}
            >
              <History size={20} aria-hidden />
            </IconButton>
          </>
        }
      >
        <PlanName revision={state.revision} />
      </BenchBar>
      <SaveTrouble save={state.save} editor={editor} />
      <RunNav at={at} onGo={go} />
      {/* On a phone one under the other: the answer, the piece where it is set, what is set, what follows. */}
      <main className="flex flex-col lg:grid lg:min-h-[calc(100dvh-206px)] lg:grid-cols-[minmax(300px,345px)_minmax(0,1fr)_270px] lg:grid-rows-[auto_minmax(0,1fr)]">
        <h2 className="sr-only">{STATION_NAMES[at]}</h2>
        <StationAnswer at={at} />
        <section
          aria-label="The piece"
          className={`min-w-0 border-board-line px-3 pt-4 lg:col-start-2 lg:px-6 ${
            leads ? 'border-b lg:row-start-1' : 'border-t max-lg:order-1 lg:hidden'
          }`}
        >
          <div className="max-md:hidden">
            <PieceSection result={result} colour={plan.colour} width={640} maxHeight={300} />
          </div>
          <div className="md:hidden">
            <PieceSection result={result} colour={plan.colour} width={380} maxHeight={290} />
          </div>
          <p className="pb-2 text-center text-small text-ink-dim">
            Cut {result.shape.drawing.section.cut}, to scale, as it sits after a minute
          </p>
        </section>
        <div className="grid content-start items-start gap-5 border-board-line p-5 md:max-lg:block md:max-lg:columns-2 md:max-lg:gap-8 md:max-lg:*:mb-5 md:max-lg:*:break-inside-avoid lg:col-start-1 lg:row-span-2 lg:row-start-1 lg:border-r">
          <Controls />
        </div>
        <div
          className={`min-w-0 border-t border-board-line p-5 lg:col-start-2 lg:border-t-0 lg:p-6 ${
            leads ? 'lg:row-start-2' : 'lg:row-span-2 lg:row-start-1'
          }`}
        >
          <Panel />
        </div>
        <div
          id="tally"
          className="bg-bench max-lg:order-2 lg:col-start-3 lg:row-span-2 lg:row-start-1"
        >
          <div className="lg:sticky lg:top-0 lg:max-h-dvh lg:overflow-y-auto">
            <Tally />
            {!leads && (
              <div className="px-3 pt-3 pb-2 max-lg:hidden" style={{ colorScheme: 'dark' }}>
                <PieceSection
                  result={result}
                  colour={plan.colour}
                  width={246}
                  maxHeight={84}
                  bare
                />
              </div>
            )}
          </div>
        </div>
      </main>
      <TallyLine />
    </EditorProvider>
  );
}

function IconButton({
  label,
  keys,
  words = false,
  roomy = false,
  disabled,
  onClick,
  children,
}: {
  label: string;
  keys: string;
  /** Shows the label beside the sign where there is room. */
  words?: boolean;
  /** Only where there is room; on a phone it is among the commands. */
  roomy?: boolean;
  disabled?: boolean;
  onClick(): void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      className={`btn-slate ${roomy ? 'max-sm:hidden' : ''}`}
      aria-label={label}
      title={`${label} (${keys})`}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
      {words && <span className="max-xl:hidden">{label}</span>}
    </button>
  );
}
