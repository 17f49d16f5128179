'use client';

import type { WriteFigure } from '@/core/units/format';
import type { Working } from '@/core/working/working';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { applyChange } from '@/core/risk/remedies';
import { STATIONS } from '@/core/plan/stations';
import { Figure } from '@/ui/figure/Figure';
import { STATE_WORDS, StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from './editor/EditorContext';
import { spareWords } from './marginWords';
import { changeText, costText, STATION_NAMES, stationAdvice, weakestText } from './words';

/** The tally: pieces, dough, filling, what is left, and the weakest link. Always in sight. */
export function Tally() {
  const { plan, result } = useEditor();
  const { working: w, counts } = result;
  const { text } = useUnits();
  const doughShare = Math.round((100 * result.ratio) / (1 + result.ratio));
  return (
    <section aria-label="Tally" className="slate bg-bench text-chalk">
      <div className="px-5 pt-3">
        <h2 className="text-base font-normal text-chalk-dim">Pieces</h2>
        <p className="numeral text-huge leading-none">
          <Figure working={w.pieces} />
        </p>
        <p className="mt-1 text-chalk-dim">
          {result.portions} {result.portions === 1 ? 'portion' : 'portions'} of{' '}
          {plan.batch.piecesPerPortion}
          {counts.tasted > 0 && `, ${counts.tasted} to taste`}
          {counts.spare > 0 && `, ${counts.spare} spare`}
        </p>
      </div>
      <dl className="mt-2 px-5">
        <Row label="Dough">
          <Big working={w.doughTotal} />
        </Row>
        <Row label="Filling">
          <Big working={w.fillingTotal} />
        </Row>
        <Row
          label="Left over"
          note={
            <>
              <Figure working={w.inBowl}>{text(w.inBowl.value, 'g')}</Figure> of filling stays in
              the {plan.batch.fillingLoss.kind}
            </>
          }
        >
          <Big working={w.leftoverDough} /> <span className="mx-0.5 text-chalk-dim">·</span>{' '}
          <Big working={w.leftoverFilling} />
        </Row>
        <Row label="Dough : filling">
          <span className="numeral text-[1.25rem]">
            <Figure working={w.ratio}>
              {doughShare} : {100 - doughShare}
            </Figure>
          </span>
        </Row>
        <Row label="Sheets">
          <Big working={w.sheets} />
          <span className="ml-1 text-small text-chalk-dim">
            of <Figure working={w.sheetMass}>{text(result.sheet.massG, 'g')}</Figure>
          </span>
        </Row>
      </dl>
      <VerdictPanel />
    </section>
  );
}

function Row({
  label,
  note,
  children,
}: {
  label: string;
  note?: React.ReactNode;
  children: React.ReactNode;
}) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3 border-t border-bench-line py-0.5 pointer-coarse:py-0">
      <dt className="text-chalk-dim">{label}</dt>
      <dd className="text-right whitespace-nowrap">{children}</dd>
      {note && <dd className="w-full text-small text-chalk-dim">{note}</dd>}
    </div>
  );
}

const Big = ({ working }: { working: Working }) => (
  <span className="numeral text-[1.25rem]">
    <Figure working={working} />
  </span>
);

/** What the stations ask for beside the piece: those that fail whatever it is worth, and the others. */
function asksOf(result: PlanResult, write: WriteFigure) {
  const asks = STATIONS.flatMap((station) => {
    const advice = stationAdvice(station, result, write);
    return advice ? [{ station, advice, state: result.stations[station].state }] : [];
  });
  return {
    failures: asks.filter(({ state }) => state === 'fails'),
    others: asks.filter(({ state }) => state !== 'fails'),
  };
}

/** What fails, then the weakest link and what to do about it, then what else asks for a look. */
function VerdictPanel() {
  const { result, pantry, edit } = useEditor();
  const { text } = useUnits();
  const { state, remedies, name } = result.weakestLink;
  const { title, says } = weakestText(result, text);
  const { mark, word } = STATE_WORDS[state];
  const { failures, others } = asksOf(result, text);
  return (
    <div className="mt-2" aria-live="polite">
      {failures.length > 0 && (
        <ul
          className="grid gap-2 px-5 py-3 text-verdict-ink"
          style={{ background: 'var(--verdict-fails)' }}
        >
          {failures.map(({ station, advice }) => (
            <li key={station}>
              <p className="text-small font-semibold">
                <span aria-hidden>{STATE_WORDS.fails.mark}</span> {STATION_NAMES[station]} fails
              </p>
              <p className="leading-snug font-semibold">{advice}</p>
            </li>
          ))}
        </ul>
      )}
      <div
        className="px-5 py-3 text-verdict-ink"
        style={{ background: `var(--verdict-${state})` }}
        data-testid="verdict"
      >
        <p className="text-small font-semibold">
          <span aria-hidden>{mark}</span>{' '}
          {state === 'holds'
            ? failures.length
              ? 'The piece itself holds'
              : 'Holds. Weakest link'
            : state === 'edge'
              ? 'On the edge'
              : 'Fails'}
          <span className="sr-only"> ({word})</span>
        </p>
        <p className="font-display text-[1.25rem] leading-tight font-semibold">
          <Figure
            working={name === 'lip' ? result.working.lipMargin : result.working.thinningMargin}
            className="no-underline"
          >
            {title}
          </Figure>
        </p>
        <p className="mt-1">{says}</p>
        {state !== 'holds' && remedies.length > 0 && (
          <ul className="mt-2 grid gap-1.5">
            {remedies.slice(0, 3).map((remedy) => {
              const says = changeText(remedy, text, { pantry, scale: result.filling.scale });
              const cost = costText(remedy.cost, text);
              return (
                <li key={`${remedy.kind}${says}`}>
                  <button
                    type="button"
                    onClick={() => edit((plan) => applyChange(plan, remedy))}
                    className="flex min-h-[44px] w-full items-center justify-between gap-3 rounded-md border-[1.5px] border-verdict-ink/45 px-3 text-left leading-tight hover:bg-white/35"
                  >
                    <span className="py-1">
                      {says}
                      <span className="block text-small">
                        {spareWords(remedy.weakest, remedy.margin)}
                        {cost && `; ${cost}`}
                      </span>
                    </span>
                  </button>
                </li>
              );
            })}
          </ul>
        )}
      </div>
      {others.length > 0 && (
        <ul className="grid gap-2 px-5 py-4">
          {others.map(({ station, advice, state: asks }) => (
            <li key={station} className="flex gap-2">
              <StateMark state={asks} slate />
              <span>
                <span className="sr-only">{STATION_NAMES[station]}: </span>
                {advice}
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** The tally in one line, for narrow screens: it stays at the foot of the page. */
export function TallyLine() {
  const { result } = useEditor();
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
