export { HoldPanel as Panel } from './HoldPanel';
export { SealControls as Controls } from './SealControls';
