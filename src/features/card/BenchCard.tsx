'use client';

import { basisFrom, type BasisParts } from '@/core/basis/basis';
import { FileDown, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { cardBack, type BackPart } from '@/core/faults/cardBack';
import { cautionsFor } from '@/core/plan/questions/cautions';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { PlanBar } from '@/features/shell/PlanBar';
import { LayoutDrawing } from '@/ui/drawings/LayoutDrawing';
import { PieceSection } from '@/ui/drawings/PieceSection';
import { STATE_WORDS } from '@/ui/figure/StateMark';
import { CheckField } from '@/ui/fields/CheckField';
import { useView } from '@/ui/layout/ViewContext';
import { useUnits } from '@/ui/units/UnitsContext';
import { cardContents, type CardFact, type CardWeighed } from './cardContents';
import './card.css';
import { PAPER_IDS, PAPERS } from '@/core/templates/page';

/** The bench card: one page to print and prop up with floury hands. */
export function BenchCard({
  id,
  plan,
  revision,
  basisParts,
  kitchenName,
}: {
  id: string;
  plan: Plan;
  revision: number;
  basisParts: BasisParts;
  kitchenName: string;
}) {
  const { text, spoons } = useUnits();
  const view = useView();
  const [back, setBack] = useState(false);
  const basis = useMemo(() => basisFrom(basisParts), [basisParts]);
  const result = useMemo(() => evaluatePlan(plan, basis), [plan, basis]);
  const card = cardContents(plan, result, { kitchenName, revision, text, spoons });
  return (
    <>
      <PlanBar
        id={id}
        name={plan.name}
        here="card"
        actions={
          <>
            {PAPER_IDS.map((paper) => (
              <a
                key={paper}
                className="btn-slate"
                href={`/api/plans/${id}/card?paper=${paper}${back ? '&back=1' : ''}`}
                download
              >
                <FileDown size={18} aria-hidden /> PDF {PAPERS[paper].name}
              </a>
            ))}
            <button type="button" className="btn-slate" onClick={() => window.print()}>
              <Printer size={18} aria-hidden /> Print
            </button>
          </>
        }
      />
      <main id="main" tabIndex={-1} className="card-page">
        <div className="no-print mx-auto mb-3 max-w-[210mm]">
          <CheckField
            label="With its back: what goes wrong, and what to do"
            checked={back}
            onChange={setBack}
          />
        </div>
        <article className="card" aria-label="Bench card">
          <header className="card-head">
            <div>
              <h1>{card.title}</h1>
              <p>{card.from}</p>
            </div>
            <p className="card-count">
              <b>{card.pieces}</b>
              <span>{card.counts}</span>
            </p>
          </header>

          <div className="card-columns">
            <section>
              <h2>
                Dough <b>{card.dough.total}</b>
              </h2>
              <WeighTable rows={card.dough.rows} />
              <p>
                <b>{card.dough.holdBack}</b>
                {card.dough.says}
              </p>
            </section>
            <section>
              <h2>
                Filling <b>{card.filling.total}</b>
              </h2>
              <WeighTable rows={card.filling.rows} />
              <p>{card.filling.says}</p>
            </section>
          </div>

          <dl className="card-figures">
            {card.facts.map((fact) => (
              <Fact key={fact.term} {...fact} />
            ))}
          </dl>

          <section className="card-ladder">
            <p>
              <b>Passes.</b> {card.portions}
            </p>
            <ol>
              {card.rungs.map(({ dial, does, leaves, long }) => (
                <li key={`${dial}${does}`}>
                  <b>{dial}</b>
                  <span>{does}</span>
                  <span>{leaves}</span>
                  <span>{long}</span>
                </li>
              ))}
            </ol>
          </section>

          <div className="card-drawings">
            <PieceSection
              rules={basis.rules}
              result={result}
              colour={plan.colour}
              width={320}
              maxHeight={230}
            />
            <div>
              <LayoutDrawing
                result={result}
                colour={plan.colour}
                width={view === 'phone' ? 270 : 420}
                tallest={110}
              />
              <p>{card.layout}</p>
              <ol>
                {card.folding.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </div>
          </div>

          <section className="card-verdict">
            <p>
              {STATE_WORDS[result.verdict.state].mark} <b>{card.weakest.title}</b> (
              {STATE_WORDS[result.weakestLink.state].word}). {card.weakest.says} <b>{card.asks}</b>
            </p>
          </section>

          <footer className="card-foot">
            <p>
              <b>{card.contains}</b> <b>Diet:</b> {card.diet}.
            </p>
            <p>{cautionsFor(plan, basis.pantry).join(' ')}</p>
            {card.note && <p className="card-note">{card.note}</p>}
            <p className="card-blank">
              Made ______ Burst ______ Dough left ______ Filling left ______ Date ____________
            </p>
          </footer>
        </article>
        {back && <CardBack title={card.title} parts={cardBack(plan, basis)} />}
      </main>
    </>
  );
}

function WeighTable({ rows }: { rows: readonly CardWeighed[] }) {
  return (
    <table>
      <tbody>
        {rows.map(({ key, name, g }, index) => (
          <tr key={`${key}${index}`}>
            <th scope="row">{name}</th>
            <td>{g}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Fact({ term, value, says }: CardFact) {
  return (
    <div>
      <dt>{term}</dt>
      <dd>
        <b>{value}</b>
        <span>{says}</span>
      </dd>
    </div>
  );
}

/** The card's other side: the signs of this plan, their likeliest causes, and what to do. */
function CardBack({ title, parts }: { title: string; parts: readonly BackPart[] }) {
  return (
    <article className="card card-back" aria-label="Back of the card">
      <h2>{title}: what goes wrong</h2>
      <div className="card-signs">
        {parts.map((part) => (
          <section key={part.title}>
            <h3>{part.title}</h3>
            <dl>
              {part.lines.map(({ sign, name, mostly, now }) => (
                <div key={sign}>
                  <dt>{name}</dt>
                  <dd>
                    Mostly: {mostly.join('; ').toLowerCase()}. {now}
                  </dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
      <p>Estimates for this plan. Local food codes and licensed practice come first.</p>
    </article>
  );
}
