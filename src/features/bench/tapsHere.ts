import { drawerIn, type Drawer } from '@/ui/browser/drawer';

/** Whether taps of this device may wait: any page then sends them, and no other page opens where they are kept. */
export const tapsHere = (): Drawer => drawerIn(() => localStorage, 'mortar-taps');
