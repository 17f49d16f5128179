import { useId } from 'react';
import type { FoldStep } from '@/core/shapes/foldSteps';
import { centred, commonScale, pathOf, place } from './svg';

const W = 150;
const H = 126;
const ROOM = { width: W, height: H, margin: 6 };

const pointsOf = ({ marks }: FoldStep) => marks.flatMap(({ outline }) => outline);

/** A scale at which all the steps of a folding stand beside one another. */
export const foldScale = (steps: readonly FoldStep[]): number =>
  commonScale(steps.map(pointsOf), ROOM);

/** One step of folding, at the scale of its fellows, with where the hand moves. */
export function FoldStepDrawing({
  step,
  scale,
  colour,
}: {
  step: FoldStep;
  scale: number;
  colour: string;
}) {
  const arrow = useId();
  const at = centred(pointsOf(step), { ...ROOM, most: scale });
  return (
    <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={step.says} className="block w-full">
      <defs>
        <marker
          id={arrow}
          viewBox="0 0 10 10"
          refX={8}
          refY={5}
          markerWidth={6}
          markerHeight={6}
          orient="auto"
        >
          <path d="M0 0L10 5L0 10Z" fill="var(--brick)" />
        </marker>
      </defs>
      {step.marks.map(({ kind, outline, open }, index) => {
        const d = open ? pathOf(outline, at).replace('Z', '') : pathOf(outline, at);
        switch (kind) {
          case 'dough':
            return (
              <path key={index} d={d} fill="var(--dough)" stroke="var(--draw)" strokeWidth={1.5} />
            );
          case 'over':
            return (
              <path
                key={index}
                d={d}
                fill="var(--dough)"
                fillOpacity={0.82}
                stroke="var(--draw)"
                strokeWidth={1.5}
              />
            );
          case 'filling':
            return <path key={index} d={d} fill={colour} stroke="var(--draw)" strokeWidth={1} />;
          case 'damp':
            return (
              <path
                key={index}
                d={d}
                fill="none"
                stroke="#2f7fae"
                strokeWidth={3}
                strokeDasharray="1 5"
                strokeLinecap="round"
              />
            );
          case 'cut':
            return (
              <path
                key={index}
                d={d}
                fill="none"
                stroke="#1c2422"
                strokeWidth={1.6}
                strokeDasharray="5 3"
              />
            );
          case 'fold':
            return (
              <path
                key={index}
                d={d}
                fill="none"
                stroke="#7a6a35"
                strokeWidth={1.2}
                strokeDasharray="2 3"
              />
            );
        }
      })}
      {step.moves.map(([from, to], index) => {
        const [a, b] = [place(at, from), place(at, to)];
        return (
          <line
            key={index}
            x1={a[0]}
            y1={a[1]}
            x2={b[0]}
            y2={b[1]}
            stroke="var(--brick)"
            strokeWidth={2.4}
            markerEnd={`url(#${arrow})`}
          />
        );
      })}
    </svg>
  );
}
