export { FillingControls } from './FillingControls';
export { FillingPanel } from './FillingPanel';
