'use client';

import type { Working } from '@/core/working/working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { shareOut } from '@/core/plan/questions/shareOut';
import { plural } from '../stations/sheetWords';
import { useShown } from '../editor/EditorContext';
import { Strands } from './Strands';
import { Verdict } from './Verdict';

/** The tally: pieces, dough, filling, what is left, and the weakest link. Always in sight. */
export function Tally() {
  const { plan, result } = useShown();
  const { working: w, counts } = result;
  const { text } = useUnits();
  const { people, each, over } = shareOut(plan, result);
  const doughShare = Math.round((100 * result.ratio) / (1 + result.ratio));
  return (
    <section aria-label="Tally" className="slate bg-bench text-chalk">
      <div className="px-5 pt-3">
        <h2 className="text-base font-normal text-chalk-dim">Pieces</h2>
        <p className="numeral text-huge leading-none">
          <Figure working={w.pieces} />
        </p>
        <p className="mt-1 text-chalk-dim">
          {plan.batch.wayIn === 'portions'
            ? `${plural(result.portions, 'portion')} of ${each}`
            : `${each} each for ${people}${over > 0 ? `, ${over} over` : ''}`}
          {counts.tasted > 0 && `, ${counts.tasted} to taste`}
          {plan.batch.wayIn === 'portions' && counts.spare > 0 && `, ${counts.spare} spare`}
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
      <Verdict />
      <Strands />
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
