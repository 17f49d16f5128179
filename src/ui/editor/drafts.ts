import { drawerIn, type Drawer } from '../browser/drawer';

/** A sitting that is still there answers within this, ms. */
const PATIENCE_MS = 200;

/** What this sitting could not save yet, and what others left. */
export interface Drafts {
  readonly drawer: Drawer;
  /** Drawers of sittings that are over, the latest first. */
  left(): Promise<readonly Drawer[]>;
  /** Answers others no more. */
  end(): void;
}

/**
 * Drafts of one document on this device: a drawer for each sitting, so that what one window saves never
 * clears what another still holds. A window is asked whether it is there before its draft is taken.
 * @param sitting of this window, in letters and digits
 */
export function draftsOf(name: string, sitting: string): Drafts {
  const start = `mortar-draft-${name}`;
  const own = `${start}~${sitting}`;
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(start);
  const here = (event: MessageEvent<{ ask?: string }>) => {
    if (event.data.ask === own) channel?.postMessage({ here: own });
  };
  channel?.addEventListener('message', here);

  const isThere = (key: string): Promise<boolean> =>
    new Promise((resolve) => {
      if (!channel) return resolve(false);
      const done = (there: boolean) => {
        channel.removeEventListener('message', hear);
        resolve(there);
      };
      const hear = (event: MessageEvent<{ here?: string }>) => {
        if (event.data.here === key) done(true);
      };
      channel.addEventListener('message', hear);
      channel.postMessage({ ask: key });
      setTimeout(() => done(false), PATIENCE_MS);
    });

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
      const there = await Promise.all(keys.map(isThere));
      return keys
        .filter((_, i) => !there[i])
        .sort()
        .reverse()
        .map((key) => drawerIn(() => localStorage, key));
    },
    end: () => channel?.close(),
  };
}

/** A name for a sitting; later ones sort after earlier ones. */
export const newSitting = (): string =>
  `${Date.now().toString(36)}${Math.random().toString(36).slice(2, 8)}`;
