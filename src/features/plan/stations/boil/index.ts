export { BoilControls as Controls } from './BoilControls';
export { BoilPanel as Panel } from './BoilPanel';
