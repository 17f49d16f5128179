'use client';

import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { pantryWith, type PantryRows } from '@/core/composition/pantry';
import { cautionsFor } from '@/core/plan/cautions';
import { evaluatePlan } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/schema';
import { familyOf } from '@/core/shapes/families';
import { FINISHES } from '@/core/shapes/finish';
import { MEDIUM_NAMES, SERVING_NAMES, stationAdvice, weakestText } from '@/features/plan/words';
import { rollingsText } from '@/features/plan/stations/sheetWords';
import { DIET_NAMES } from '@/features/plan/contentsWords';
import { PlanBar } from '@/features/shell/PlanBar';
import { STATIONS } from '@/core/plan/stations';
import { PieceSection } from '@/ui/drawings/PieceSection';
import { LayoutDrawing } from '@/ui/drawings/LayoutDrawing';
import { STATE_WORDS } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import './card.css';

const LAID = { ball: 'rolled to a ball', piped: 'piped', spooned: 'spooned' } as const;
const KEPT = { bench: 'on the bench', chilled: 'chilled', frozen: 'frozen' } as const;

/** The bench card: one page to print and prop up with floury hands. */
export function BenchCard({
  id,
  plan,
  revision,
  ownRows,
  kitchenName,
}: {
  id: string;
  plan: Plan;
  revision: number;
  ownRows: PantryRows;
  kitchenName: string;
}) {
  const { text, spoons } = useUnits();
  const result = useMemo(() => evaluatePlan(plan, pantryWith(ownRows)), [plan, ownRows]);
  const { dough, filling, sheet, shape, counts, edge } = result;
  const family = familyOf(shape.family);
  const weakest = weakestText(result, text);
  const asks = STATIONS.flatMap((station) => stationAdvice(station, result, text) ?? []);
  const spoon = spoons(filling.doseMl);
  return (
    <>
      <PlanBar
        id={id}
        name={plan.name}
        here="card"
        actions={
          <button type="button" className="btn-slate" onClick={() => window.print()}>
            <Printer size={18} aria-hidden /> Print
          </button>
        }
      />
      <main className="card-page">
        <article className="card" aria-label="Bench card">
          <header className="card-head">
            <div>
              <h1>{plan.name}</h1>
              <p>
                {kitchenName}, revision {revision}. {family.name}, {SERVING_NAMES[plan.serving]}
              </p>
            </div>
            <p className="card-count">
              <b>{result.pieces}</b>
              <span>
                pieces: {result.portions} × {plan.batch.piecesPerPortion}, {counts.tasted} to taste,{' '}
                {counts.spare} spare
              </span>
            </p>
          </header>

          <div className="card-columns">
            <section>
              <h2>
                Dough <b>{text(dough.totalG, 'g')}</b>
              </h2>
              <WeighTable
                rows={dough.parts
                  .filter(({ g }) => g >= 0.05)
                  .map(({ id: part, name, g, count }) => ({
                    key: part,
                    name: count
                      ? `${name}, ${count.n} ${count.word}${count.n === 1 ? '' : 's'}`
                      : name,
                    g: text(g, 'g'),
                  }))}
              />
              <p>
                <b>Hold back {text(dough.holdBackG, 'g')} flour</b>; work it in only while it
                sticks. Hydration {text(dough.hydration, 'share')}, wants {text(dough.low, 'share')}{' '}
                to {text(dough.high, 'share')}. Knead {text(dough.work.kneadMin, 'min')} by{' '}
                {dough.work.by}, rest {text(dough.work.restMin, 'min')}{' '}
                {plan.dough.work.restAt === 'chilled' ? 'chilled' : 'wrapped'}, {dough.work.folds}{' '}
                letter folds.
                {dough.whites.count >= 0.5 &&
                  ` ${Math.round(dough.whites.count)} ${Math.round(dough.whites.count) === 1 ? 'white' : 'whites'} left.`}
              </p>
            </section>
            <section>
              <h2>
                Filling <b>{text(filling.totalG, 'g')}</b>
              </h2>
              <WeighTable
                rows={filling.parts.map(({ id: part, name, preparation, g, preparedG }) => ({
                  key: part,
                  name:
                    preparation === 'As it is'
                      ? name
                      : `${name}, ${preparation.toLowerCase()} → ${text(preparedG, 'g')}`,
                  g: text(g, 'g'),
                }))}
              />
              <p>
                Raw weights. {text(result.ledger.filling.inBowlG, 'g')} stays in the{' '}
                {plan.batch.fillingLoss.kind}.
                {filling.cookedOffG > 0 &&
                  ` Mixed, cook off ${text(filling.cookedOffG, 'g')} of water.`}
                {filling.cooling.hot && ' Cool it before egg and dough.'}
              </p>
            </section>
          </div>

          <dl className="card-figures">
            <Fact
              term="Roller"
              value={`dial ${sheet.setting}`}
              says={`${sheet.between ? 'near; ' : ''}${text(sheet.thicknessMm, 'mm')}, ${plan.sheet.roller.name}`}
            />
            <Fact
              term="Sheets"
              value={String(sheet.count)}
              says={`of ${text(sheet.massG, 'g')}, ${text(sheet.lengthMm, 'mm')} × ${text(sheet.widthMm, 'mm')}`}
            />
            <Fact
              term={family.dimensions[0]?.label ?? 'Blank'}
              value={text(shape.sizeMm, 'mm')}
              says={
                family.dimensions.length > 1
                  ? `pinched every ${text(shape.pitchMm, 'mm')}`
                  : `${result.layout.inStack} across the sheet`
              }
            />
            <Fact
              term="Dose"
              value={text(shape.doseG, 'g')}
              says={[spoon, family.usesLaid ? LAID[plan.shape.laid] : null]
                .filter(Boolean)
                .join(', ')}
            />
            <Fact
              term="Edge"
              value={FINISHES[plan.shape.finish].name}
              says={`to ${text(edge.pressedMm, 'mm')}; lip ${text(shape.lipMm, 'mm')}, needs ${text(shape.neededLipMm, 'mm')}`}
            />
            <Fact
              term="Seal"
              value={MEDIUM_NAMES[plan.hold.medium]}
              says={`then ${KEPT[plan.hold.place]}, ${text(plan.hold.minutes, 'min')}`}
            />
            <Fact
              term="Pot"
              value={text(plan.boil.waterL, 'litre')}
              says={`salt ${text(result.saltG, 'g')}, ${plan.boil.style === 'simmer' ? 'gentle simmer' : 'rolling boil'}`}
            />
            <Fact
              term="Done"
              value={
                result.safeCore.tempC === null
                  ? 'bite the edge'
                  : `${text(result.safeCore.tempC, 'C')} inside`
              }
              says={`edge soft after about ${text(edge.softMin, 'min')}; floating is not done`}
            />
          </dl>

          <div className="card-drawings">
            <PieceSection result={result} colour={plan.colour} width={380} maxHeight={250} />
            <div>
              <LayoutDrawing result={result} colour={plan.colour} width={420} />
              <p>
                {result.layout.pieces} a {result.layout.laying.sheets === 2 ? 'pair' : 'sheet'}
                {', '}
                {rollingsText(result.layout.rollings)} Trim rolled again:{' '}
                {['never', 'once', 'twice'][plan.batch.rerolls]}.
              </p>
              <ol>
                {family.folding.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </div>
          </div>

          <section className="card-verdict">
            <p>
              {STATE_WORDS[result.weakestLink.state].mark} <b>{weakest.title}</b> (
              {STATE_WORDS[result.weakestLink.state].word}). {weakest.says} {asks.join(' ')}
            </p>
          </section>

          <footer className="card-foot">
            <p>
              <b>Allergens:</b>{' '}
              {result.allergens.length ? result.allergens.join(', ') : 'none of the listed ones'}.{' '}
              <b>Diet:</b> {DIET_NAMES[result.contents.piece.diet]}.
            </p>
            <p>{cautionsFor(plan, pantryWith(ownRows)).join(' ')}</p>
            {plan.note && <p className="card-note">{plan.note}</p>}
            <p className="card-blank">
              Made ______ Burst ______ Dough left ______ Filling left ______ Date ____________
            </p>
          </footer>
        </article>
      </main>
    </>
  );
}

function WeighTable({ rows }: { rows: readonly { key: string; name: string; g: string }[] }) {
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

function Fact({ term, value, says }: { term: string; value: string; says: string }) {
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
