'use client';

import { Tabs } from '@/ui/layout/Tabs';
import { ComparePanel } from './ComparePanel';
import { FoldingPanel } from './FoldingPanel';
import { TemplatesPanel } from './TemplatesPanel';
import { ToolsPanel } from './ToolsPanel';

/** How to fold, which tools suit, other shapes, and templates to print. */
export function ShapeLeaves() {
  return (
    <Tabs
      name="shape"
      label="Shape"
      tabs={[
        { id: 'fold', label: 'Folding', content: <FoldingPanel /> },
        { id: 'tools', label: 'Tools', content: <ToolsPanel /> },
        { id: 'compare', label: 'Compare shapes', content: <ComparePanel /> },
        { id: 'templates', label: 'Templates', content: <TemplatesPanel /> },
      ]}
    />
  );
}
