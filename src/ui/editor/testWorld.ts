import type { Drawer } from '../browser/drawer';
import type { EditorWorld } from './editorTypes';

/** For tests: a world whose clock, timers and drawer are in the test's hands; the store and the reader are its own. */
export function testWorld<T>(own: Pick<EditorWorld<T>, 'send' | 'loadReader'>) {
  let now = 0;
  let timers: { at: number; run: () => void }[] = [];
  let drawer: string | null = null;
  let memory: string | null = null;
  let left: Drawer[] = [];
  const world: EditorWorld<T> = {
    ...own,
    drawer: {
      read: () => drawer,
      write: (text) => (drawer = text),
      clear: () => (drawer = null),
    },
    memory: {
      read: () => memory,
      write: (text) => (memory = text),
      clear: () => (memory = null),
    },
    justSaved: () => null,
    now: () => now,
    later(run, ms) {
      const timer = { at: now + ms, run };
      timers.push(timer);
      return () => (timers = timers.filter((each) => each !== timer));
    },
    left: () => Promise.resolve(left),
    sitting: 's',
    check: (document) => document,
  };
  return {
    world,
    drawer: () => drawer,
    put: (text: string) => (drawer = text),
    /** What other sittings left behind. */
    leave: (drawers: Drawer[]) => (left = drawers),
    /** Moves the clock on and runs what falls due. */
    pass(ms: number) {
      now += ms;
      const due = timers.filter(({ at }) => at <= now);
      timers = timers.filter(({ at }) => at > now);
      due.forEach(({ run }) => run());
    },
  };
}
