export { HoldPanel as SealPanel } from './HoldPanel';
export { SealControls } from './SealControls';
