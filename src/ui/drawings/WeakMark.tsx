import type { MarginId } from '@/core/risk/margins';
import { settled } from './svg';

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
  const at = (share: number) => settled(mound.x + share * mound.w);
  const down = (share: number) => settled(mound.y + share * mound.h);
  const right = at(1);
  const tooth = settled((lip.to - lip.from) / 4);
  switch (link) {
    case 'seep':
    case 'lift':
      return (
        <path
          d={`M${at(0)} ${settled(baseY)}H${right}`}
          stroke={colour}
          strokeWidth={5}
          strokeDasharray={link === 'lift' ? '12 5' : '3 3'}
        />
      );
    case 'seal':
      return (
        <path
          d={`M${settled(lip.from)} ${lip.y}l${tooth} -5l${tooth} 10l${tooth} -10l${tooth} 5`}
          fill="none"
          stroke={colour}
          strokeWidth={3}
        />
      );
    case 'burst':
      return (
        <g fill="none" stroke={colour} strokeWidth={2.5}>
          <ellipse cx={at(0.5)} cy={settled(mound.y + 7)} rx={settled(mound.w * 0.16)} ry={5} />
          <path d={`M${at(0.5)} ${settled(mound.y - 4)}v-9m-5 4l5-6l5 6`} strokeLinecap="round" />
        </g>
      );
    case 'face':
      return (
        <path
          d={`M${at(0.12)} ${down(0.45)}Q${at(0.5)} ${down(-0.36)} ${at(0.88)} ${down(0.45)}`}
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
