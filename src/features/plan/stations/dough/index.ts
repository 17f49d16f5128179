export { DoughControls } from './DoughControls';
export { DoughPanel } from './DoughPanel';
