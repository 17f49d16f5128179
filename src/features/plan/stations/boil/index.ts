export { BoilControls } from './BoilControls';
export { BoilPanel } from './BoilPanel';
