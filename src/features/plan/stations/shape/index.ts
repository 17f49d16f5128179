export { ShapeControls as Controls, ShapePanel as Panel } from './ShapeControls';
