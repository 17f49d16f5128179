export { ComparePanel } from './ComparePanel';
export { FoldingPanel } from './FoldingPanel';
export { TemplatesPanel } from './TemplatesPanel';
export { ToolsPanel } from './ToolsPanel';
