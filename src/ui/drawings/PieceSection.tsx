'use client';

import { useId } from 'react';
import type { Rules } from '@/core/basis/rules';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import { stateOfMargin, type State } from '@/core/basis/state';
import { FigureMark } from '../figure/Figure';
import { lipText } from '../figure/lipText';
import { STATE_WORDS } from '../figure/StateMark';
import { useUnits } from '../units/UnitsContext';
import { WeakMark } from './WeakMark';
import { Dimension } from './Dimension';
import { grain, pathOf, roundScale, settled } from './svg';

const STATE_COLOUR: Record<State, string> = {
  holds: 'var(--verdigris)',
  edge: 'var(--ochre)',
  fails: 'var(--brick)',
};

const GRAIN = grain(90);

/** The piece cut through, to true scale, as it sits after a minute; the weakest link is marked where it would fail. */
export function PieceSection({
  result,
  rules,
  colour,
  width,
  maxHeight,
  bare = false,
}: {
  result: PlanResult;
  /** That the plan was worked out by. */
  rules: Rules;
  colour: string;
  width: number;
  maxHeight: number;
  /** Small, without figures or dimension lines: what it is and where it would fail. */
  bare?: boolean;
}) {
  const { text } = useUnits();
  const clip = useId();
  const { shape, margins, edge, sheet, weakestLink, working } = result;
  const { section } = shape.drawing;
  const pieceMm = section.piece.toX - section.piece.fromX;
  const fullMm = section.top[1] - section.bottomY;
  const narrow = width < 480;
  const room = bare
    ? { left: 12, right: 12, top: 8, bottom: 12 }
    : { left: narrow ? 78 : 82, right: narrow ? 70 : 82, top: 50, bottom: 68 };
  const scale = roundScale(
    pieceMm,
    fullMm,
    width - room.left - room.right,
    maxHeight - room.top - room.bottom,
  );
  // In steps, so that the page below does not creep while a ruler is dragged.
  const least = bare ? 24 : 72;
  const height = room.top + room.bottom + Math.max(least, Math.ceil((fullMm * scale) / 24) * 24);
  const middleMm = (section.piece.fromX + section.piece.toX) / 2;
  const baseY = height - room.bottom;
  const placing = {
    scale,
    x0: room.left + (width - room.left - room.right) / 2 - middleMm * scale,
    y0: baseY + section.bottomY * scale,
  };
  const X = (mm: number) => settled(placing.x0 + mm * scale);
  const Y = (mm: number) => settled(placing.y0 - mm * scale);
  const lipState = stateOfMargin(margins.lip, rules);
  const thinState = stateOfMargin(margins.thinning, rules);
  const lipColour = STATE_COLOUR[lipState];
  const lipX: [number, number] = [X(section.lip.fromX), X(section.lip.toX)];
  // A lip that is gone is drawn where the mound overruns the edge.
  const lipFrom = Math.min(...lipX);
  const lipTo = Math.max(...lipX);
  const edgeY = Y(section.lip.y);
  const bracketY = edgeY - 26;
  // Beside the dome where there is room, else against the edge of the drawing.
  const lipLabelX = settled(lipFrom + sheet.thicknessMm * scale + 5);
  const lipLabel =
    lipLabelX + 118 > width
      ? { x: width - 3, textAnchor: 'end' as const }
      : { x: lipLabelX, textAnchor: 'start' as const };
  const lipBox = lipLabel.textAnchor === 'end' ? lipLabel.x - 115 : lipLabel.x;
  const topX = X(section.top[0]);
  const topY = Y(section.top[1]);
  const topLabelX = settled(Math.max(80, Math.min(topX, width - 80)));
  // Over a low mound the two labels would meet: this one goes above the other.
  const topLabelY =
    lipBox < topLabelX + 80 && topY - 28 > bracketY - 44
      ? settled(bracketY - 44)
      : settled(topY - 28);
  const thinWeakest = weakestLink.name === 'thinning' && thinState !== 'holds';
  const box = {
    x: X(section.mound.fromX),
    y: topY,
    w: (section.mound.toX - section.mound.fromX) * scale,
    h: fullMm * scale,
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={`${shape.name} cut through: ${text(pieceMm, 'mm')} across, mound ${text(
        2 * shape.mound.radiusMm,
        'mm',
      )}, ${lipText(shape.lipMm, text)} of ${text(shape.neededLipMm, 'mm')} needed, ${
        STATE_WORDS[lipState].word
      }; ${text(shape.overTopMm, 'mm')} of dough over the top.`}
      className="block w-full"
    >
      <defs>
        <clipPath id={clip}>
          <path d={pathOf(section.filling, placing)} />
        </clipPath>
      </defs>
      {bench(X(section.piece.fromX) - 16, X(section.piece.toX) + 16, baseY + 4)}
      <g stroke="var(--draw)" strokeWidth={1.6} strokeLinejoin="round">
        {section.dough.map((outline, index) => (
          <path key={index} d={pathOf(outline, placing)} fill="var(--dough)" />
        ))}
        <path d={pathOf(section.filling, placing)} fill={colour} />
      </g>
      <g clipPath={`url(#${clip})`}>
        {GRAIN.map(({ x, y, r }, index) => (
          <circle
            key={index}
            cx={settled(box.x + x * box.w)}
            cy={settled(box.y + y * box.h)}
            r={settled(r * 1.5)}
            fill={index % 3 ? '#000' : '#fff'}
            opacity={index % 3 ? 0.2 : 0.35}
          />
        ))}
      </g>
      {!bare && (
        <>
          <line
            x1={topX}
            x2={topX}
            y1={topY - 4}
            y2={topLabelY + 6}
            stroke="var(--dim-line)"
            strokeWidth={1.2}
          />
          <FigureMark working={working.overTop}>
            <rect
              x={topLabelX - 80}
              y={topLabelY - 26}
              width={160}
              height={50}
              fill="transparent"
            />
            <text
              x={topLabelX}
              y={topLabelY}
              textAnchor="middle"
              fontSize={15}
              fontWeight={thinWeakest ? 700 : 500}
              fill={thinWeakest ? STATE_COLOUR[thinState] : 'var(--ink)'}
            >
              {thinWeakest ? `${STATE_WORDS[thinState].mark} ` : ''}
              {text(shape.overTopMm, 'mm')} over the top
            </text>
          </FigureMark>
        </>
      )}
      {thinWeakest && (
        <circle
          cx={topX}
          cy={topY + 3}
          r={11}
          fill="none"
          stroke={STATE_COLOUR[thinState]}
          strokeWidth={2.5}
        />
      )}
      {weakestLink.state !== 'holds' && (
        <WeakMark
          link={weakestLink.name}
          colour={STATE_COLOUR[weakestLink.state]}
          mound={box}
          baseY={baseY}
          lip={{ from: lipFrom, to: lipTo, y: settled(edgeY + (edge.pressedMm * scale) / 2) }}
        />
      )}
      <g stroke={lipColour} fill="none" strokeWidth={2}>
        {!bare && <path d={`M${lipFrom} ${edgeY - 2}V${bracketY}H${lipTo}V${edgeY - 2}`} />}
        <rect
          x={lipFrom}
          y={edgeY - 2}
          width={Math.max(2, lipTo - lipFrom)}
          height={settled(Math.max(4, edge.pressedMm * scale + 4))}
          fill={lipColour}
          fillOpacity={lipState === 'holds' ? 0.12 : 0.3}
          strokeWidth={lipState === 'holds' ? 1.2 : 2.4}
        />
      </g>
      {!bare && (
        <>
          <FigureMark working={working.lip}>
            <rect x={lipBox} y={bracketY - 44} width={118} height={50} fill="transparent" />
            <text {...lipLabel} y={bracketY - 23} fontSize={16} fontWeight={700} fill={lipColour}>
              {STATE_WORDS[lipState].mark} {lipText(shape.lipMm, text)}
            </text>
            <text {...lipLabel} y={bracketY - 7} fontSize={14} fill={lipColour}>
              needs {text(shape.neededLipMm, 'mm')}
            </text>
          </FigureMark>
          <FigureMark working={working.edge}>
            <rect
              x={X(section.piece.toX) + 4}
              y={settled(edgeY + (edge.pressedMm * scale) / 2 - 20)}
              width={58}
              height={50}
              fill="transparent"
            />
            <text
              x={X(section.piece.toX) + 10}
              y={settled(edgeY + (edge.pressedMm * scale) / 2 - 2)}
              fontSize={14}
              fill="var(--ink-dim)"
            >
              edge
              <tspan x={X(section.piece.toX) + 10} dy={15}>
                {text(edge.pressedMm, 'mm')}
              </tspan>
            </text>
          </FigureMark>
          <Dimension
            vertical
            from={topY}
            to={baseY}
            at={X(section.piece.fromX) - 14}
            text={text(fullMm, 'mm')}
          />
          <FigureMark working={working.mound}>
            <rect
              x={X(section.mound.fromX)}
              y={baseY + 4}
              width={Math.max(44, X(section.mound.toX) - X(section.mound.fromX))}
              height={50}
              fill="transparent"
            />
            <Dimension
              from={X(section.mound.fromX)}
              to={X(section.mound.toX)}
              at={baseY + 26}
              within={width}
              text={`${text(section.mound.toX - section.mound.fromX, 'mm')} ${shape.mound.form === 'log' ? 'log' : 'mound'}`}
            />
          </FigureMark>
          <Dimension
            from={X(section.piece.fromX)}
            to={X(section.piece.toX)}
            at={baseY + 52}
            within={width}
            text={`${text(pieceMm, 'mm')} across${narrow ? '' : `, sheet ${text(sheet.thicknessMm, 'mm')}`}`}
          />
        </>
      )}
    </svg>
  );
}

/** Semolina under the piece. */
function bench(from: number, to: number, y: number) {
  const dots = Array.from({ length: Math.max(0, Math.floor((to - from) / 5)) }, (_, i) => ({
    x: from + i * 5 + ((i * 7) % 3),
    y: y + ((i * 5) % 7) * 0.55,
  }));
  return (
    <g fill="var(--dough-edge)">
      {dots.map((dot) => (
        <circle key={dot.x} cx={dot.x} cy={dot.y} r={1} />
      ))}
    </g>
  );
}
