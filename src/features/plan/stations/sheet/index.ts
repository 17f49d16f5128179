export { SheetControls as Controls } from './SheetControls';
export { SheetPanel as Panel } from './SheetPanel';
