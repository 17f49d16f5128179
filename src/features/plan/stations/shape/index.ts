export { ShapeLeaves } from './ShapeLeaves';
