import { drawerIn, type Drawer } from '@/ui/browser/drawer';

/** Who works at this device, kept from one batch to the next: what is tapped or noted here is by them. */
export const cookHere = (): Drawer => drawerIn(() => localStorage, 'mortar-bench-cook');
