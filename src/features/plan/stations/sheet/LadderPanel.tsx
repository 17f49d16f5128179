'use client';

import { PASS_STYLE_NAMES } from '@/core/sheet/passes';
import type { Ladder, Rung } from '@/core/sheet/ladder';
import { settled } from '@/ui/drawings/svg';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';
import { plural } from '../sheetWords';
import { DataTable } from '@/ui/lists/DataTable';

/** The ladder: how many portions, and the passes of one, drawn to scale, thinning step by step. */
export function LadderPanel() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { ladder } = result;
  const { portions, rough, rungs } = ladder;
  if (result.dough.totalG < 1) return <p>No dough, no sheet: give more in How many.</p>;
  const stop = rungs[rungs.length - 1];
  const torn = rungs.filter(({ mayTear }) => mayTear);
  const whole = portions.count > 0;
  return (
    <section aria-label="Passes" className="grid gap-4">
      <div>
        <p className="text-lead">
          <b>
            {whole ? `${plural(portions.count, 'portion')} of ${text(portions.eachG, 'g')}` : ''}
            {whole && portions.lastG > 0 ? ', ' : ''}
            {portions.lastG > 0 ? `one of ${text(portions.lastG, 'g')}` : ''}
          </b>
          {stop && (
            <>
              ; stop at <b>dial {stop.label}</b>, {text(stop.thicknessMm, 'mm')}
            </>
          )}
        </p>
        <p>
          Pat each out to about {text(rough.widthMm, 'mm')} × {text(rough.lengthMm, 'mm')},{' '}
          {text(rough.thicknessMm, 'mm')} thick; keep the rest wrapped. Each becomes{' '}
          {plural(portions.sheetsEach, 'sheet')}, in about{' '}
          {text(Math.max(1, Math.round(ladder.seconds / 60)), 'min')}.
        </p>
      </div>
      <LadderTable ladder={ladder} />
      <div className="grid gap-1.5 text-small text-ink-dim">
        <p>
          {PASS_STYLE_NAMES[plan.sheet.passes].name}: {PASS_STYLE_NAMES[plan.sheet.passes].says}.
          Thickness allows for {text(result.dough.springBack, 'share')} of spring-back at the last
          setting. Feed one straight edge, carry the sheet on the backs of the hands. Folded at a
          narrow setting it rips: after a fold, always back to the widest.
        </p>
        <p>
          Times are for one strip once through: turn so that it takes as long.{' '}
          {plan.sheet.speed === 'fast' && 'Turned fast, the sheet comes out thicker. '}Bars are true
          to one another in length; thickness is drawn{' '}
          {Math.round(thicknessScale(rungs) / lengthScale(rungs))} times as large.
        </p>
        <p>Fingers, hair and sleeves away from powered rollers.</p>
      </div>
      {torn.length > 0 && (
        <p className="font-semibold text-[var(--ochre)]">
          <span aria-hidden>▲</span> At dial {torn.map(({ label }) => label).join(' and ')} the
          sheet is drawn out further in one go than this dough stretches (
          {text(result.dough.stretch, 'share')}): it may tear. Take every setting.
        </p>
      )}
    </section>
  );
}

const seconds = (s: number) => `${Math.max(1, Math.round(s))} s`;

const BAR = 170;
const TALLEST = 20;

const lengthScale = (rungs: readonly Rung[]): number =>
  BAR / Math.max(...rungs.map(({ lengthMm }) => lengthMm), 1);

const thicknessScale = (rungs: readonly Rung[]): number =>
  TALLEST / Math.max(...rungs.map(({ thicknessMm }) => thicknessMm), 1);

function LadderTable({ ladder }: { ladder: Ladder }) {
  const { text } = useUnits();
  const { rungs } = ladder;
  return (
    <DataTable
      rows={rungs}
      keyOf={({ kind, label }) => `${kind}${label}`}
      rowClassName={({ stop }) => `align-middle ${stop ? 'bg-band' : ''}`}
      columns={[
        {
          id: 'dial',
          head: 'Dial',
          names: true,
          headClassName: 'w-14',
          className: 'pl-1',
          cell: ({ label }) => <span className="numeral text-[1.25rem] font-bold">{label}</span>,
        },
        {
          id: 'times',
          head: 'Times',
          headClassName: 'w-[6.2rem]',
          className: 'whitespace-nowrap',
          cell: ({ kind, repeats, runS }) =>
            `${kind === 'fold' ? 'fold, ' : ''}${repeats} × ${seconds(runS)}`,
        },
        {
          id: 'leaves',
          head: 'Leaves',
          headClassName: 'w-20',
          className: 'whitespace-nowrap',
          cellClassName: 'numeral',
          cell: ({ thicknessMm }) => text(thicknessMm, 'mm'),
        },
        {
          id: 'long',
          head: 'Long',
          headClassName: 'w-28',
          className: 'whitespace-nowrap',
          cellClassName: 'numeral',
          cell: (rung) => (
            <>
              {rung.strips > 1 && `${rung.strips} × `}
              {text(rung.lengthMm, 'mm')}
              <span className="block sm:hidden">
                <Bar rung={rung} rungs={rungs} />
                <Notes rung={rung} />
              </span>
            </>
          ),
        },
        {
          id: 'drawn',
          head: 'Drawn to scale',
          unseen: true,
          className: 'py-1 max-sm:hidden',
          cell: (rung) => (
            <span className="flex flex-wrap items-center gap-x-2">
              <Bar rung={rung} rungs={rungs} />
              <Notes rung={rung} />
            </span>
          ),
        },
      ]}
    />
  );
}

/** What else is done at a rung. */
function Notes({ rung }: { rung: Rung }) {
  const notes = [
    rung.dust ? 'dust' : null,
    rung.cut ? 'cut in half' : null,
    rung.mayTear ? '▲ may tear' : null,
    rung.stop ? 'stop' : null,
  ].filter(Boolean);
  return notes.length ? <b className="text-small">{notes.join(', ')}</b> : null;
}

function Bar({ rung, rungs }: { rung: Rung; rungs: readonly Rung[] }) {
  const w = settled(rung.lengthMm * lengthScale(rungs));
  const h = settled(Math.max(1.5, rung.thicknessMm * thicknessScale(rungs)));
  return (
    <svg
      viewBox={`0 0 ${BAR + 2} ${TALLEST + 4}`}
      aria-hidden
      className="w-[172px] max-w-full shrink-0 max-sm:w-[110px]"
    >
      <rect
        x={1}
        y={settled((TALLEST - h) / 2 + 2)}
        width={w}
        height={h}
        fill="var(--dough)"
        stroke="var(--draw)"
        strokeWidth={1}
      />
      {rung.kind === 'fold' &&
        [1 / 3, 2 / 3].map((share) => (
          <line
            key={share}
            x1={1 + w * share}
            x2={1 + w * share}
            y1={(TALLEST - h) / 2}
            y2={(TALLEST + h) / 2 + 4}
            stroke="var(--draw)"
            strokeDasharray="2 2"
          />
        ))}
      {rung.cut && (
        <line
          x1={1 + w / 2}
          x2={1 + w / 2}
          y1={0}
          y2={TALLEST + 4}
          stroke="var(--brick)"
          strokeWidth={1.8}
        />
      )}
    </svg>
  );
}
