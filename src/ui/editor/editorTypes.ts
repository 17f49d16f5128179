import type { Drawer } from '../browser/drawer';

/** A document as it is stored. */
export interface Stored<T> {
  readonly document: T;
  readonly edition: number;
  readonly revision: number;
}

/** How a document stands against what is stored. */
export type SaveState<T> =
  | { readonly kind: 'saved' }
  | { readonly kind: 'waiting' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly why: string }
  | {
      readonly kind: 'conflict';
      readonly theirs: T;
      readonly edition: number;
      /** Fields that were changed here and there, each to something else. */
      readonly clashes: readonly string[];
    };

export interface EditorSnapshot<T> {
  readonly document: T;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly save: SaveState<T>;
  readonly revision: number;
  /** Unsaved work of an earlier visit was brought back. */
  readonly restored: boolean;
  /** Why the last change was not taken; null once another is. */
  readonly refused: string | null;
  /** Fields that another window changed and that came in here, the last time some did. */
  readonly joined: readonly string[];
}

/** Answer of the store behind the editor. */
export type SaveAnswer<T> =
  | { readonly kind: 'saved'; readonly edition: number; readonly revision: number }
  | { readonly kind: 'conflict'; readonly theirs: T; readonly edition: number }
  | {
      readonly kind: 'failed';
      readonly why: string;
      readonly again: boolean;
    };

/** What is sent to be stored. */
export interface Save<T> {
  readonly document: T;
  readonly baseEdition: number;
  readonly sitting: string;
}

/** What the editor needs from the world; all of it can be stood in for in a test. */
export interface EditorWorld<T> {
  send(save: Save<T>): Promise<SaveAnswer<T>>;
  /** A place on this device that outlives the page, for this sitting alone. */
  readonly drawer: Drawer;
  /** Those of sittings that are over, the latest first: what they could not save. */
  left(): Promise<readonly Drawer[]>;
  /**
   * What this tab saved, where the page may be drawn with what stood before: it was asked for before the save
   * arrived, or is one that Back led to. Null otherwise.
   */
  justSaved(): { readonly document: unknown; readonly edition: number } | null;
  /** One that lasts as long as the sitting: for what can be undone. */
  readonly memory: Drawer;
  now(): number;
  later(run: () => void, ms: number): () => void;
  readonly sitting: string;
  /** Refuses a change that cannot be worked out, with a PlanError; at hand at once. */
  check(document: T): T;
  /** Fetches what reads a whole document; it is large, and not needed to show one. Never fails, may wait. */
  loadReader(): Promise<(document: unknown) => T>;
}

/** One document being worked on. */
export interface DocumentEditor<T> {
  getSnapshot(): EditorSnapshot<T>;
  /** Gives the way to leave again. */
  subscribe(listener: () => void): () => void;
  /**
   * Changes the document. A change that would leave none is refused with its reason, and nothing is lost.
   * @param key what it is about: changes with the same key shortly after one another undo as one
   * @param passing a step of a drag on its way: kept and sent once the drag ends with a change that is not
   */
  edit(change: (document: T) => T, key?: string, passing?: boolean): void;
  /** The same for a field that shows a refusal itself: gives the reason, or null when taken. */
  tryEdit(change: (document: T) => T, key?: string): string | null;
  undo(): void;
  redo(): void;
  /** Sends now what waits, or tries again after a failure. */
  flush(): Promise<void>;
  /**
   * Brings back what an earlier visit could not save, and what it could undo. In the browser; a later call takes
   * over from one that has not ended.
   */
  restore(): Promise<void>;
  /** The page was given anew what is stored: a later edition is gone on from, with what was changed here. */
  meet(stored: Stored<T>): void;
  /** Ends a conflict: where both changed the same, theirs stands; mine is one undo away. */
  takeTheirs(): void;
  /** Ends a conflict: where both changed the same, mine stands; theirs stays as an older revision. */
  keepMine(): void;
  /** What is still unsaved, to be sent while the page goes; null when all is saved. */
  unsaved(): Save<T> | null;
  /** Puts what can be undone where a later visit of this sitting finds it. */
  remember(): void;
  stop(): void;
}
