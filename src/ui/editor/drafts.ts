import { drawerIn, type Drawer } from '../browser/drawer';

/** A sitting that is still there answers within this, ms. */
const PATIENCE_MS = 200;

/** A page that goes may answer once more before it is gone: it is asked again after this, ms. */
const AGAIN_MS = 700;

/** What this sitting could not save yet, and what others left. */
export interface Drafts {
  readonly drawer: Drawer;
  /** Drawers of sittings that are over, the latest first. */
  left(): Promise<readonly Drawer[]>;
  /** Whether its page is going: it answers no more, for its draft is whoever's comes next. */
  goes(going: boolean): void;
  /** Answers others from now on, and may ask them. Gives the way to end it. */
  begin(): () => void;
}

/**
 * Drafts of one document on this device: a drawer for each sitting, so that what one window saves never
 * clears what another still holds. A window is asked whether it is there before its draft is taken.
 * @param sitting of this window, in letters and digits
 */
export function draftsOf(name: string, sitting: string): Drafts {
  const start = `mortar-draft-${name}`;
  const own = `${start}~${sitting}`;
  let channel: BroadcastChannel | null = null;
  let going = false;
  const here = (event: MessageEvent<{ ask?: string }>) => {
    if (event.data.ask === own && !going) channel?.postMessage({ here: own });
  };

  const isThere = (key: string): Promise<boolean> =>
    new Promise((resolve) => {
      const asked = channel;
      if (!asked) return resolve(false);
      const done = (there: boolean) => {
        asked.removeEventListener('message', hear);
        resolve(there);
      };
      const hear = (event: MessageEvent<{ here?: string }>) => {
        if (event.data.here === key) done(true);
      };
      asked.addEventListener('message', hear);
      asked.postMessage({ ask: key });
      setTimeout(() => done(false), PATIENCE_MS);
    });

  const stays = async (key: string): Promise<boolean> => {
    if (!(await isThere(key))) return false;
    await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    return isThere(key);
  };

  return {
    drawer: drawerIn(() => localStorage, own),
    async left() {
      let keys: string[];
      try {
        // Before sittings had drawers of their own, a draft lay under the plain name.
        keys = Object.keys(localStorage).filter(
          (key) => key !== own && (key === start || key.startsWith(`${start}~`)),
        );
      } catch {
        return [];
      }
      const there = await Promise.all(keys.map(stays));
      return keys
        .filter((_, i) => !there[i])
        .sort()
        .reverse()
        .map((key) => drawerIn(() => localStorage, key));
    },
    goes(now) {
      going = now;
    },
    begin() {
      if (typeof BroadcastChannel === 'undefined') return () => {};
      const begun = new BroadcastChannel(start);
      begun.addEventListener('message', here);
      channel = begun;
      return () => {
        begun.close();
        if (channel === begun) channel = null;
      };
    },
  };
}

/** A name for a sitting; later ones sort after earlier ones. */
export const newSitting = (): string =>
  `${Date.now().toString(36)}${Math.random().toString(36).slice(2, 8)}`;
