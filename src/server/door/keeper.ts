import { database } from '../database';
import { findKey, getDoor, isEnded, listKeys, sharedRun } from '../repositories/door';
import { listensBeyond } from './listening';
import { readSession } from './sessions';
import { watchDoor, type DoorState } from './state';

/** The state of a door that asks: read from the kitchen's file each time. */
const asking: DoorState = {
  get hasKeys() {
    return listKeys(database()).length > 0;
  },
  whoIs(cookie) {
    if (!cookie) return null;
    const db = database();
    const session = readSession(cookie, { ...getDoor(db), nowS: Date.now() / 1000 });
    const key = session && !isEnded(db, cookie) && findKey(db, { id: session.key });
    return key && key.updatedAt === session.keyAt ? { name: key.name, role: key.role } : null;
  },
  leadsTo: (token) => sharedRun(database(), token) !== null,
};

/** Has the door ask who comes, where others than this machine can. */
export function keepDoor(): void {
  // A proxy in front stands for whoever comes from beyond.
  const beyond =
    Boolean(process.env.MORTAR_PROXY) ||
    listensBeyond({
      // The bundler's own server is for this machine alone, unless it is told otherwise.
      listen:
        process.env.MORTAR_LISTEN ??
        (process.env.NODE_ENV === 'development' ? '127.0.0.1' : undefined),
      args: process.argv,
    });
  watchDoor(() => (beyond ? asking : null));
}
