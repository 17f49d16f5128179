import { placedLabels, RULER_INSET, ticks } from './rulerGeometry';

export interface RulerMark {
  readonly at: number;
  readonly label: string;
}

const AXIS = 26;

/**
 * A ruler's drawing: its scale, the band that holds, the cook's own marks, and the thumb. Places are
 * shares of the width, so that letters keep their size however wide it is.
 */
export function RulerScale({
  from,
  to,
  value,
  band,
  bandName,
  marks,
}: {
  from: number;
  to: number;
  value: number;
  band: readonly [number, number] | null;
  bandName: string;
  marks: readonly RulerMark[];
}) {
  const share = (at: number) => Math.min(1, Math.max(0, (at - from) / (to - from)));
  const x = (at: number) => `${(100 * share(at)).toFixed(3)}%`;
  return (
    <svg
      aria-hidden
      className="absolute top-0 h-full overflow-visible"
      style={{ left: RULER_INSET, width: `calc(100% - ${2 * RULER_INSET}px)` }}
    >
      {band && (
        <rect
          x={x(band[0])}
          width={`${Math.max(0.7, 100 * (share(band[1]) - share(band[0]))).toFixed(3)}%`}
          y={AXIS - 9}
          height={9}
          className="fill-band forced-colors:fill-[Highlight]"
        >
          <title>{bandName}</title>
        </rect>
      )}
      <line x1="0" x2="100%" y1={AXIS} y2={AXIS} stroke="var(--ink)" strokeWidth={1.25} />
      {ticks(from, to).map((at) => (
        <line key={at} x1={x(at)} x2={x(at)} y1={AXIS} y2={AXIS + 4} stroke="var(--ink)" />
      ))}
      {placedLabels(marks, from, to).map((mark) => (
        <g key={`${mark.at}${mark.label}`}>
          <line
            x1={x(mark.at)}
            x2={x(mark.at)}
            y1={AXIS}
            y2={AXIS + 9}
            stroke="var(--ink)"
            strokeWidth={1.75}
          />
          {mark.show && (
            <text
              x={x(mark.at)}
              y={AXIS + 23}
              textAnchor={mark.anchor}
              fontSize={13}
              fill="var(--ink-dim)"
            >
              {mark.label}
            </text>
          )}
        </g>
      ))}
      <svg x={x(value)} overflow="visible">
        <path
          d="M -8 4 h 16 v 12 l -8 9 l -8 -9 z"
          fill="var(--ink)"
          stroke="var(--board)"
          strokeWidth={1.5}
        />
      </svg>
    </svg>
  );
}
