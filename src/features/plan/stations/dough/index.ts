export { DoughControls as Controls } from './DoughControls';
export { DoughPanel as Panel } from './DoughPanel';
