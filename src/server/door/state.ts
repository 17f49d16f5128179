import type { Role } from './roles';

/** What the door must know, asked anew for each request: a key that was taken away opens nothing. */
export interface DoorState {
  /** Whether there is anybody who may come in. */
  readonly hasKeys: boolean;
  /** Who a cookie says is there; null for nobody. */
  whoIs(cookie: string | undefined): { readonly name: string; readonly role: Role } | null;
  /** Whether a link still leads to a run. */
  leadsTo(token: string): boolean;
}

/** The door and the pages are bundled apart, yet run in one process: here they meet. */
const held = globalThis as { mortarDoor?: () => DoorState | null };

/** Says how the door's state is found; null where the server listens to this machine alone. */
export function watchDoor(look: () => DoorState | null): void {
  held.mortarDoor = look;
}

/** Until it is said how the door stands, it is shut. */
const SHUT: DoorState = { hasKeys: false, whoIs: () => null, leadsTo: () => false };

/** null: whoever asks is on this machine, and is asked nothing. */
export const doorState = (): DoorState | null => (held.mortarDoor ? held.mortarDoor() : SHUT);
