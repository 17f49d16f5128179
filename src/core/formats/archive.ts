/** Everything one kitchen keeps, each document as the very text that is kept. */
export interface Archive {
  /** null while it is the starting kitchen. */
  readonly kitchen: string | null;
  readonly ingredients: readonly ArchivedRow[];
  readonly preparations: readonly ArchivedRow[];
  readonly plans: readonly ArchivedPlan[];
  readonly runs: readonly ArchivedRun[];
  readonly days: readonly ArchivedDay[];
  /** In the order they arrived. */
  readonly practice: readonly ArchivedAnswer[];
}

/** A row of the pantry that is the cook's own. */
export interface ArchivedRow {
  readonly id: string;
  readonly document: string;
}

export interface ArchivedPlan {
  readonly id: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly archivedAt: string | null;
  readonly deletedAt: string | null;
  /** In their order; the last is the newest. */
  readonly revisions: readonly ArchivedRevision[];
}

export interface ArchivedRevision {
  readonly number: number;
  readonly name: string | null;
  readonly sitting: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly document: string;
}

export interface ArchivedRun {
  readonly id: string;
  readonly planId: string;
  readonly revision: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly basis: string;
  /** In the order they arrived. */
  readonly events: readonly ArchivedEvent[];
}

export interface ArchivedEvent {
  readonly id: string;
  readonly at: string;
  readonly arrivedAt: string;
  readonly document: string;
}

export interface ArchivedDay {
  readonly id: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly deletedAt: string | null;
  readonly document: string;
  /** In the order they arrived. */
  readonly marks: readonly {
    readonly id: string;
    readonly arrivedAt: string;
    readonly document: string;
  }[];
  /** Batches at the bench that made its services. */
  readonly runs: readonly { readonly service: string; readonly runId: string }[];
}

/** What a cook answered at practice. */
export interface ArchivedAnswer {
  readonly id: string;
  readonly cook: string;
  readonly arrivedAt: string;
  readonly document: string;
}
