export { SheetControls } from './SheetControls';
export { SheetPanel } from './SheetPanel';
