import { readFileSync } from 'node:fs';
import { archiveParts, readArchive } from '@/core/formats/archiveFile';
import { openKitchenFile } from '../database';
import type { Database } from '../db/database';
import { findUnreadable, type Unread } from '../repositories/keeping';
import { comingIn, type ComingIn } from './archive/comingIn';
import { readAll } from './archive/readAll';
import { takeIn, type WhereDifferent } from './archive/takeIn';
import { checkCopy } from './copies';

/** How a job speaks before it is done. */
export interface Telling {
  /** The share that is done. */
  readonly tell: (share: number) => void;
  /** A part of the file it makes. */
  readonly give: (part: Uint8Array) => void;
}

/** What is asked of a job and what comes of it. All of it crosses between threads. */
export interface VaultJobs {
  /** Whether a file is a whole kitchen. */
  check: { readonly asks: { readonly file: string }; readonly gives: null };
  /** What of a kitchen cannot be read. */
  unreadable: { readonly asks: { readonly kitchen: string }; readonly gives: Unread };
  /** A kitchen written as an archive, given in parts. */
  export: { readonly asks: { readonly kitchen: string }; readonly gives: null };
  /** What an archive would change, and, where it says so, takes it in. */
  import: {
    readonly asks: {
      readonly kitchen: string;
      readonly from: string;
      readonly where: 'look' | WhereDifferent;
      readonly now: Date;
    };
    readonly gives: ComingIn;
  };
}

export type VaultJob = keyof VaultJobs;

function withKitchen<T>(kitchen: string, run: (db: Database) => T): T {
  const db = openKitchenFile(kitchen);
  try {
    return run(db);
  } finally {
    db.$client.close();
  }
}

/** Work on a kitchen's file that takes long when the kitchen is large. It is done beside the server's own. */
export const VAULT_JOBS: {
  readonly [Job in VaultJob]: (
    asks: VaultJobs[Job]['asks'],
    telling: Telling,
  ) => VaultJobs[Job]['gives'];
} = {
  check: ({ file }) => {
    checkCopy(file);
    return null;
  },
  unreadable: ({ kitchen }) => withKitchen(kitchen, findUnreadable),
  export: ({ kitchen }, { give }) =>
    withKitchen(kitchen, (db) => {
      archiveParts(readAll(db), give);
      return null;
    }),
  import: ({ kitchen, from, where, now }, { tell }) => {
    const archive = readArchive(readFileSync(from));
    return withKitchen(kitchen, (db) => {
      const changes = comingIn(db, archive);
      if (where !== 'look') takeIn(db, archive, { different: where, now, onProgress: tell });
      return changes;
    });
  },
};
