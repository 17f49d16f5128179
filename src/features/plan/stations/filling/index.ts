export { FillingControls as Controls } from './FillingControls';
export { FillingPanel as Panel } from './FillingPanel';
