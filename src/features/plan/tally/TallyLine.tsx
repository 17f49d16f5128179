'use client';

import { Undo2 } from 'lucide-react';
import { IconButton } from '@/ui/buttons/IconButton';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useEditorState, useShown } from '../editor/EditorContext';
import { STATION_NAMES } from '../stationNames';
import { weakestText } from '../words';
import { asksOf } from './asks';

/** The tally in one line, for narrow screens: it stays at the foot of the page. */
export function TallyLine() {
  const { result } = useShown();
  const { text } = useUnits();
  const { undo } = useEdit();
  const canUndo = useEditorState((state) => state.canUndo);
  const [failure] = asksOf(result, text).failures;
  const { title } = weakestText(result, text);
  return (
    <div className="slate no-print sticky bottom-0 z-30 flex border-t border-bench-line bg-bench text-chalk lg:hidden">
      {canUndo && (
        // The bar above scrolls away; a slip of the finger should not need a search.
        <IconButton on="slate" label="Undo the last change" className="shrink-0" onClick={undo}>
          <Undo2 size={20} aria-hidden />
        </IconButton>
      )}
      <a
        href="#tally"
        className="grid min-w-0 grow grid-cols-[auto_1fr_auto] items-center gap-3 px-4 py-2 [@media(max-height:30rem)]:py-0.5"
      >
        <span className="numeral text-[1.75rem] leading-none [@media(max-height:30rem)]:text-lead">
          {result.pieces}
          <span className="block font-text text-[0.75rem] font-normal text-chalk-dim">pieces</span>
        </span>
        <span className="text-small leading-snug">
          <span className="block">
            Dough <b>{text(result.dough.totalG, 'g')}</b>
          </span>
          <span className="block [@media(max-height:30rem)]:hidden">
            Filling <b>{text(result.filling.totalG, 'g')}</b>
          </span>
        </span>
        <span className="max-w-[42vw] text-right text-small leading-snug">
          <StateMark state={result.verdict.state} slate />{' '}
          {failure ? `${STATION_NAMES[failure.station]} fails` : title}
        </span>
      </a>
    </div>
  );
}
