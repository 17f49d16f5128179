import type { View } from '@/ui/layout/ViewContext';

/** Where a chart's field lies in its drawing, px. */
export interface ChartBox {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/**
 * A chart's field and the drawing round it. On a phone the drawing is no wider than the screen: letters
 * are never drawn smaller than they are set.
 */
export function chartBox(
  view: View,
  { top, height, foot }: { top: number; height: number; foot: number },
): { readonly box: ChartBox; readonly width: number; readonly height: number } {
  const width = view === 'phone' ? 350 : 540;
  const left = 58;
  return {
    box: { left, top, width: width - left - 12, height },
    width,
    height: top + height + foot,
  };
}
