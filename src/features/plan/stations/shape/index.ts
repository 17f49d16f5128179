export { ShapeControls, ShapePanel } from './ShapeControls';
