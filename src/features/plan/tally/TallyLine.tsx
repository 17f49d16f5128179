'use client';

import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../editor/EditorContext';
import { STATION_NAMES, weakestText } from '../words';
import { asksOf } from './asks';

/** The tally in one line, for narrow screens: it stays at the foot of the page. */
export function TallyLine() {
  const { result } = useShown();
  const { text } = useUnits();
  const [failure] = asksOf(result, text).failures;
  const { title } = weakestText(result, text);
  return (
    <a
      href="#tally"
      className="slate no-print sticky bottom-0 z-30 grid grid-cols-[auto_1fr_auto] items-center gap-3 border-t border-bench-line bg-bench px-4 py-2 text-chalk lg:hidden"
    >
      <span className="numeral text-[1.75rem] leading-none">
        {result.pieces}
        <span className="block font-text text-[0.75rem] font-normal text-chalk-dim">pieces</span>
      </span>
      <span className="text-small leading-snug">
        <span className="block">
          Dough <b>{text(result.dough.totalG, 'g')}</b>
        </span>
        <span className="block">
          Filling <b>{text(result.filling.totalG, 'g')}</b>
        </span>
      </span>
      <span className="max-w-[42vw] text-right text-small leading-snug">
        <StateMark state={failure ? 'fails' : result.weakestLink.state} slate />{' '}
        {failure ? `${STATION_NAMES[failure.station]} fails` : title}
      </span>
    </a>
  );
}
