import { joinFields } from '@/core/joinFields';
import { PlanError } from '@/core/plan/document/planError';
import type { DocumentEditor, EditorSnapshot, EditorWorld, SaveState, Stored } from './editorTypes';
import { advance, redo, startHistory, undo, type History } from './history';
import { keepEqual } from './keepEqual';

const QUIET_MS = 500;
const FIRST_RETRY_MS = 2_000;
const LONGEST_RETRY_MS = 30_000;

/** Steps of undo, and of redo, that outlive the page. */
const STEPS_REMEMBERED = 40;

/** What lies in a drawer: the document, and what it was made from. */
interface Draft {
  readonly document: unknown;
  readonly edition: number;
  readonly base: unknown;
}

/**
 * Holds one document being worked on: edits, undo, and saving as you go. Every change is first put in
 * the drawer on this device, then sent; a failed send is tried again and loses nothing. What another window
 * saved meanwhile is joined field by field; only where both changed the same is the cook asked.
 */
export function createDocumentEditor<T>(
  world: EditorWorld<T>,
  stored: Stored<T>,
): DocumentEditor<T> {
  let history: History<T> = startHistory(stored.document);
  let { edition, revision } = stored;
  /** What is stored under `edition`, as far as is known here. */
  let saved: T = stored.document;
  /** Sent, and no answer came: should they be what is stored, they are no other window's. */
  let unanswered: string[] = [];
  let joined: readonly string[] = [];
  let save: SaveState<T> = { kind: 'saved' };
  let refused: string | null = null;
  let restored = false;
  let retryMs = FIRST_RETRY_MS;
  let read: (document: T) => T = world.check;
  let cancelTimer = () => {};
  let snapshot: EditorSnapshot<T>;
  const listeners = new Set<() => void>();

  const publish = () => {
    snapshot = {
      document: history.present,
      canUndo: history.past.length > 0,
      canRedo: history.future.length > 0,
      save,
      revision,
      restored,
      refused,
      joined,
    };
    listeners.forEach((listener) => listener());
  };

  const schedule = (ms: number) => {
    cancelTimer();
    cancelTimer = world.later(() => void flush(), ms);
  };

  const keep = () => {
    const draft: Draft = { document: history.present, edition, base: saved };
    world.drawer.write(JSON.stringify(draft));
  };

  let unkept = false;
  /** Which call of `restore` goes on: the last. */
  let restoring = 0;

  /** Moves on to another history: put in the drawer at once, sent when the hand rests. */
  const move = (next: History<T>, passing = false) => {
    if (next === history && !unkept) return;
    history = next;
    refused = null;
    unkept = passing;
    if (passing) return publish();
    keep();
    if (save.kind !== 'saving' && save.kind !== 'conflict') {
      save = save.kind === 'failed' ? save : { kind: 'waiting' };
      schedule(QUIET_MS);
    }
    publish();
  };

  async function flush(): Promise<void> {
    cancelTimer();
    if (save.kind === 'saving' || save.kind === 'conflict') return;
    const document = history.present;
    if (document === saved) {
      save = { kind: 'saved' };
      world.drawer.clear();
      publish();
      return;
    }
    save = { kind: 'saving' };
    publish();
    const answer = await world.send({ document, baseEdition: edition, sitting: world.sitting });
    if (answer.kind === 'saved') {
      ({ edition, revision } = answer);
      unanswered = [];
      retryMs = FIRST_RETRY_MS;
      stands(document);
    } else if (answer.kind === 'conflict') {
      settle(answer);
    } else {
      save = { kind: 'failed', why: answer.why };
      if (answer.again) {
        unanswered.push(JSON.stringify(document));
        schedule(retryMs);
        retryMs = Math.min(LONGEST_RETRY_MS, retryMs * 2);
      }
    }
    publish();
  }

  /** A document is known to be what is stored; what differs from it here waits to be sent. */
  function stands(document: T): void {
    saved = document;
    if (history.present === saved) {
      save = { kind: 'saved' };
      world.drawer.clear();
    } else {
      save = { kind: 'waiting' };
      keep();
      schedule(QUIET_MS);
    }
  }

  /** Another edition is stored than the one this follows: whose, and what of it. */
  function settle({ theirs, edition: newest }: { theirs: T; edition: number }): void {
    const mine = unanswered.includes(JSON.stringify(theirs));
    const { clashes } = joinFields(saved, history.present, theirs);
    if (!mine && clashes.length > 0) {
      save = { kind: 'conflict', theirs, edition: newest, clashes };
      return;
    }
    edition = newest;
    unanswered = [];
    if (mine) stands(theirs);
    else take(theirs, 'mine');
  }

  /** Goes on from what is stored with what was changed here; where both changed the same, one side stands. */
  function take(theirs: T, side: 'mine' | 'theirs'): void {
    const found = joinFields(saved, history.present, theirs);
    const whole = found[side];
    let next: T;
    joined = found.taken;
    try {
      next = JSON.stringify(whole) === JSON.stringify(theirs) ? theirs : read(whole);
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      // Both fit alone and not together: one of them then, whole.
      next = side === 'mine' ? history.present : theirs;
      joined = [];
    }
    history = advance(history, next, { key: '', at: world.now() });
    stands(theirs);
  }

  /** Takes a change when it leaves a document; else gives the reason why not. */
  const apply = (change: (document: T) => T, key: string, passing = false): string | null => {
    try {
      const { present } = history;
      const changed = change(present);
      const next = changed === present ? present : keepEqual(present, read(changed));
      // A drag on its way is one step, however slowly it goes.
      move(advance(history, next, { key, at: world.now(), going: unkept }), passing);
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

  /** Goes on from a document that is stored, with nothing changed here. */
  const startFrom = (document: T, newest: number) => {
    saved = document;
    edition = newest;
    history = startHistory(document);
  };

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
      const own = (restoring += 1);
      const newer = world.justSaved();
      if (newer && newer.edition > edition) {
        const document = (await ready)(newer.document);
        if (own !== restoring) return;
        // What was changed meanwhile stays, and is joined with it when it is sent.
        if (history.present === saved) {
          startFrom(document, newer.edition);
          publish();
        }
      }
      await bringBackHistory();
      const drawers = [world.drawer, ...(await world.left())];
      const reader = await ready;
      if (own !== restoring) return;
      for (const drawer of drawers) {
        // The hand was quicker: the own drawer holds what it did, and what others left waits for the next visit.
        if (history.present !== saved) return;
        const text = drawer.read();
        if (!text) continue;
        try {
          const draft = JSON.parse(text) as Draft & { plan?: unknown };
          // Older drafts call it the plan, and do not say what it was made from.
          const document = reader(draft.document ?? draft.plan);
          if (JSON.stringify(document) === JSON.stringify(saved)) {
            drawer.clear();
            continue;
          }
          // The draft follows the edition it was made on; what was saved since is joined when it is sent.
          if (draft.edition !== edition) saved = (draft.base ?? {}) as T;
          edition = draft.edition;
          restored = true;
          move(advance(history, document, { key: '', at: world.now() }));
          if (drawer !== world.drawer) drawer.clear();
          return;
        } catch {
          // A draft that cannot be read any more is of no use to anyone.
          drawer.clear();
        }
      }
    },
    meet({ document: theirs, edition: newest, revision: newestRevision }) {
      // Older ones were asked for before a save; what is on its way will be answered itself.
      if (newest <= edition || save.kind === 'saving' || save.kind === 'conflict') return;
      revision = newestRevision;
      const untouched = history.present === saved;
      if (untouched) startFrom(theirs, newest);
      else settle({ theirs, edition: newest });
      publish();
      if (untouched) void bringBackHistory();
    },
    takeTheirs() {
      if (save.kind !== 'conflict') return;
      ({ edition } = save);
      take(save.theirs, 'theirs');
      publish();
    },
    keepMine() {
      if (save.kind !== 'conflict') return;
      ({ edition } = save);
      take(save.theirs, 'mine');
      publish();
      void flush();
    },
    unsaved: () =>
      history.present === saved || save.kind === 'conflict'
        ? null
        : { document: history.present, baseEdition: edition, sitting: world.sitting },
    remember() {
      if (history.past.length + history.future.length === 0) return world.memory.clear();
      const { past, present, future } = history;
      const kept = { past: past.slice(-STEPS_REMEMBERED), present, future };
      world.memory.write(JSON.stringify({ ...kept, future: future.slice(0, STEPS_REMEMBERED) }));
    },
    stop: () => cancelTimer(),
  };
}
