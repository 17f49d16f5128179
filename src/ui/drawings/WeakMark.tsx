import type { MarginId } from '@/core/risk/margins';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/**
 * Where a piece would fail, on its section: the under-face that turns tacky or tears, the seal that
 * opens, the air under the skin, the skin itself. Lip and dome are marked by their own figures.
 */
export function WeakMark({
  link,
  colour,
  mound,
  baseY,
  lip,
}: {
  link: MarginId;
  colour: string;
  /** The mound's box, and where the piece stands, px. */
  mound: Box;
  baseY: number;
  lip: { readonly from: number; readonly to: number; readonly y: number };
}) {
  const right = mound.x + mound.w;
  switch (link) {
    case 'seep':
    case 'lift':
      return (
        <path
          d={`M${mound.x} ${baseY}H${right}`}
          stroke={colour}
          strokeWidth={5}
          strokeDasharray={link === 'lift' ? '12 5' : '3 3'}
        />
      );
    case 'seal':
      return (
        <path
          d={`M${lip.from} ${lip.y}l${(lip.to - lip.from) / 4} -5l${(lip.to - lip.from) / 4} 10l${(lip.to - lip.from) / 4} -10l${(lip.to - lip.from) / 4} 5`}
          fill="none"
          stroke={colour}
          strokeWidth={3}
        />
      );
    case 'burst':
      return (
        <g fill="none" stroke={colour} strokeWidth={2.5}>
          <ellipse cx={mound.x + mound.w / 2} cy={mound.y + 7} rx={mound.w * 0.16} ry={5} />
          <path
            d={`M${mound.x + mound.w / 2} ${mound.y - 4}v-9m-5 4l5-6l5 6`}
            strokeLinecap="round"
          />
        </g>
      );
    case 'face':
      return (
        <path
          d={`M${mound.x + mound.w * 0.12} ${mound.y + mound.h * 0.45}Q${mound.x + mound.w / 2} ${mound.y - mound.h * 0.36} ${right - mound.w * 0.12} ${mound.y + mound.h * 0.45}`}
          fill="none"
          stroke={colour}
          strokeWidth={3.5}
          strokeDasharray="2 5"
          strokeLinecap="round"
        />
      );
    default:
      return null;
  }
}
