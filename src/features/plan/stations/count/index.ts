export { CountControls as Controls } from './CountControls';
export { CountPanel as Panel } from './CountPanel';
