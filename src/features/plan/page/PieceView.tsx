'use client';

import { PieceSection } from '@/ui/drawings/PieceSection';
import type { View } from '@/ui/layout/ViewContext';
import { useShown, useWorld } from '../editor/EditorContext';

/** How large it is drawn where it stands, px. */
const SIZES: Readonly<Record<View | 'slate', { width: number; maxHeight: number; bare?: true }>> = {
  wide: { width: 640, maxHeight: 300 },
  tablet: { width: 640, maxHeight: 300 },
  // No wider than the narrowest phone: letters are never drawn smaller than they are set.
  phone: { width: 320, maxHeight: 280 },
  slate: { width: 246, maxHeight: 84, bare: true },
};

/** The piece cut through, as it stands now. */
export function PieceView({ view }: { view: View | 'slate' }) {
  const { plan, result } = useShown();
  const { rules } = useWorld().basis;
  return (
    <>
      <PieceSection rules={rules} result={result} colour={plan.colour} {...SIZES[view]} />
      {view !== 'slate' && (
        <p className="pb-2 text-center text-small text-ink-dim">
          Cut {result.shape.drawing.section.cut}, to scale, as it sits after a minute
        </p>
      )}
    </>
  );
}
