import { PlanError } from '@/core/plan/document/planError';
import type { Drawer } from '@/ui/browser/drawer';
import type { Plan } from '@/core/plan/document/schema';
import { advance, redo, startHistory, undo, type History } from './history';

/** How the plan stands against what is stored. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'waiting' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly why: string }
  | { readonly kind: 'conflict'; readonly theirs: Plan; readonly edition: number };

export interface EditorSnapshot {
  readonly plan: Plan;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly save: SaveState;
  readonly revision: number;
  /** Unsaved work of an earlier visit was brought back. */
  readonly restored: boolean;
  /** Why the last change was not taken; null once another is. */
  readonly refused: string | null;
}

/** Answer of the store behind the editor. */
export type SaveAnswer =
  | { readonly kind: 'saved'; readonly edition: number; readonly revision: number }
  | { readonly kind: 'conflict'; readonly theirs: Plan; readonly edition: number }
  | { readonly kind: 'failed'; readonly why: string; readonly again: boolean };

/** What the editor needs from the world; all of it can be stood in for in a test. */
export interface EditorWorld {
  send(save: { plan: Plan; baseEdition: number; sitting: string }): Promise<SaveAnswer>;
  /** A place on this device that outlives the page. */
  readonly drawer: Drawer;
  /** One that lasts as long as the sitting: for what can be undone. */
  readonly memory: Drawer;
  now(): number;
  later(run: () => void, ms: number): () => void;
  readonly sitting: string;
  /** Refuses a change that cannot be worked out, with a PlanError; at hand at once. */
  check(plan: Plan): Plan;
  /** Fetches what reads a whole document; it is large, and not needed to show one. Never fails, may wait. */
  loadReader(): Promise<(document: unknown) => Plan>;
}

/** One plan being worked on. */
export interface PlanEditor {
  getSnapshot(): EditorSnapshot;
  /** Gives the way to leave again. */
  subscribe(listener: () => void): () => void;
  /**
   * Changes the plan. A change that would not be a plan any more is refused with its reason, and
   * nothing is lost.
   * @param key what it is about: changes with the same key shortly after one another undo as one
   * @param passing a step of a drag on its way: kept and sent once the drag ends with a change that is not
   */
  edit(change: (plan: Plan) => Plan, key?: string, passing?: boolean): void;
  /** The same for a field that shows a refusal itself: gives the reason, or null when taken. */
  tryEdit(change: (plan: Plan) => Plan, key?: string): string | null;
  undo(): void;
  redo(): void;
  /** Sends now what waits, or tries again after a failure. */
  flush(): Promise<void>;
  /** Brings back what an earlier visit could not save, and what it could undo. Call once, in the browser. */
  restore(): Promise<void>;
  /** Ends a conflict: their version becomes the plan; mine is one undo away. */
  takeTheirs(): void;
  /** Ends a conflict: mine is saved over theirs, which stays as an older revision. */
  keepMine(): void;
  /** The plan still unsaved, to be sent while the page goes; null when all is saved. */
  unsaved(): { plan: Plan; baseEdition: number; sitting: string } | null;
  /** Puts what can be undone where a later visit of this sitting finds it. */
  remember(): void;
  stop(): void;
}

const QUIET_MS = 500;
const FIRST_RETRY_MS = 2_000;
const LONGEST_RETRY_MS = 30_000;

/** Steps of undo, and of redo, that outlive the page. */
const STEPS_REMEMBERED = 40;

/**
 * Holds one plan being worked on: edits, undo, and saving as you go. Every change is first put in
 * the drawer on this device, then sent; a failed send is tried again and loses nothing.
 */
export function createPlanEditor(
  world: EditorWorld,
  stored: { plan: Plan; edition: number; revision: number },
): PlanEditor {
  let history: History<Plan> = startHistory(stored.plan);
  let { edition, revision } = stored;
  let saved: Plan = stored.plan;
  let save: SaveState = { kind: 'saved' };
  let refused: string | null = null;
  let restored = false;
  let retryMs = FIRST_RETRY_MS;
  let read: (plan: Plan) => Plan = world.check;
  let cancelTimer = () => {};
  let snapshot: EditorSnapshot;
  const listeners = new Set<() => void>();

  const publish = () => {
    snapshot = {
      plan: history.present,
      canUndo: history.past.length > 0,
      canRedo: history.future.length > 0,
      save,
      revision,
      restored,
      refused,
    };
    listeners.forEach((listener) => listener());
  };

  const schedule = (ms: number) => {
    cancelTimer();
    cancelTimer = world.later(() => void flush(), ms);
  };

  let unkept = false;

  /** Moves on to another history: put in the drawer at once, sent when the hand rests. */
  const move = (next: History<Plan>, passing = false) => {
    if (next === history && !unkept) return;
    history = next;
    refused = null;
    unkept = passing;
    if (passing) return publish();
    world.drawer.write(JSON.stringify({ plan: history.present, edition }));
    if (save.kind !== 'saving' && save.kind !== 'conflict') {
      save = save.kind === 'failed' ? save : { kind: 'waiting' };
      schedule(QUIET_MS);
    }
    publish();
  };

  async function flush(): Promise<void> {
    cancelTimer();
    if (save.kind === 'saving' || save.kind === 'conflict') return;
    const plan = history.present;
    if (plan === saved) {
      save = { kind: 'saved' };
      world.drawer.clear();
      publish();
      return;
    }
    save = { kind: 'saving' };
    publish();
    const answer = await world.send({ plan, baseEdition: edition, sitting: world.sitting });
    if (answer.kind === 'saved') {
      ({ edition, revision } = answer);
      saved = plan;
      retryMs = FIRST_RETRY_MS;
      if (history.present === plan) {
        save = { kind: 'saved' };
        world.drawer.clear();
      } else {
        save = { kind: 'waiting' };
        world.drawer.write(JSON.stringify({ plan: history.present, edition }));
        schedule(QUIET_MS);
      }
    } else if (answer.kind === 'conflict') {
      save = answer;
    } else {
      save = { kind: 'failed', why: answer.why };
      if (answer.again) {
        schedule(retryMs);
        retryMs = Math.min(LONGEST_RETRY_MS, retryMs * 2);
      }
    }
    publish();
  }

  /** Takes a change when it leaves a plan; else gives the reason why not. */
  const apply = (change: (plan: Plan) => Plan, key: string, passing = false): string | null => {
    try {
      const next = change(history.present);
      const same = next === history.present;
      move(same ? history : advance(history, read(next), { key, at: world.now() }), passing);
      return null;
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      return error.message;
    }
  };

  const refuse = (why: string | null) => {
    if (why === null) return;
    refused = why;
    publish();
  };

  const ready = world.loadReader().then((reader) => {
    read = reader;
    return reader;
  });

  /** What an earlier visit could undo, where the plan still is what it left. */
  async function bringBackHistory() {
    const text = world.memory.read();
    if (!text) return;
    const reader = await ready;
    try {
      const left = JSON.parse(text) as { past: unknown[]; present: unknown; future: unknown[] };
      const untouched = history.past.length === 0 && history.future.length === 0;
      if (!untouched || JSON.stringify(left.present) !== JSON.stringify(history.present)) return;
      const read = (steps: readonly unknown[]) => steps.map((each) => reader(each));
      history = { ...history, past: read(left.past), future: read(left.future) };
      publish();
    } catch {
      // Steps that cannot be read any more are gone; the plan itself is not touched.
      world.memory.clear();
    }
  }

  publish();

  return {
    getSnapshot: () => snapshot,
    subscribe(listener: () => void) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    edit: (change, key = '', passing = false) => refuse(apply(change, key, passing)),
    tryEdit: (change, key = '') => apply(change, key),
    undo: () => move(undo(history)),
    redo: () => move(redo(history)),
    flush,
    async restore() {
      await bringBackHistory();
      const text = world.drawer.read();
      if (!text) return;
      const reader = await ready;
      try {
        const draft = JSON.parse(text) as { plan: unknown; edition: number };
        const plan = reader(draft.plan);
        if (JSON.stringify(plan) === JSON.stringify(saved)) {
          world.drawer.clear();
          return;
        }
        // The draft follows the edition it was made on; if that has moved on, the cook must choose.
        edition = draft.edition;
        restored = true;
        move(advance(history, plan, { key: '', at: world.now() }));
      } catch {
        // A draft that cannot be read any more is of no use to anyone.
        world.drawer.clear();
      }
    },
    takeTheirs() {
      if (save.kind !== 'conflict') return;
      const { theirs } = save;
      ({ edition } = save);
      saved = theirs;
      save = { kind: 'saved' };
      world.drawer.clear();
      history = advance(history, theirs, { key: '', at: world.now() });
      publish();
    },
    keepMine() {
      if (save.kind !== 'conflict') return;
      ({ edition } = save);
      saved = save.theirs;
      save = { kind: 'waiting' };
      publish();
      void flush();
    },
    unsaved: () =>
      history.present === saved || save.kind === 'conflict'
        ? null
        : { plan: history.present, baseEdition: edition, sitting: world.sitting },
    remember() {
      if (history.past.length + history.future.length === 0) return world.memory.clear();
      const { past, present, future } = history;
      const kept = { past: past.slice(-STEPS_REMEMBERED), present, future };
      world.memory.write(JSON.stringify({ ...kept, future: future.slice(0, STEPS_REMEMBERED) }));
    },
    stop: () => cancelTimer(),
  };
}
