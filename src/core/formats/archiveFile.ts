import { strFromU8, strToU8, Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import * as z from 'zod';
import { firstIssue } from '../plan/document/parsePlan';
import { FieldError } from '../range';
import type { Archive, ArchivedRow } from './archive';

/** Name of the format, in archive.json of every archive. */
export const ARCHIVE_FORMAT = 'mortar-sheet/archive';

/**
 * A document stands in the archive as JSON, so that it can be read without this product; text that is not
 * the JSON it would be written as is kept to the letter.
 */
const keptSchema = z.union([
  z.strictObject({ text: z.string() }),
  z.strictObject({ document: z.unknown() }),
]);

type Kept = z.infer<typeof keptSchema>;

function asKept(text: string): Kept {
  try {
    const document = JSON.parse(text) as unknown;
    return JSON.stringify(document) === text ? { document } : { text };
  } catch {
    return { text };
  }
}

const kept = keptSchema.transform((found) =>
  'text' in found ? found.text : JSON.stringify(found.document),
);

const id = z.string().min(1, 'id must not be empty').max(80, 'id must be at most 80 characters');
const moment = z.iso.datetime({ error: 'must be a moment as 2026-11-24T05:06:07.000Z' });
const ordinal = z.number().int().min(1, 'must be from 1');

const rowSchema = z
  .strictObject({ id, row: kept })
  .transform(({ row, ...rest }) => ({ ...rest, document: row }));

const pantrySchema = z.strictObject({
  ingredients: z.array(rowSchema).max(20_000),
  preparations: z.array(rowSchema).max(20_000),
});

const planSchema = z.strictObject({
  id,
  createdAt: moment,
  updatedAt: moment,
  archivedAt: moment.nullable(),
  deletedAt: moment.nullable(),
  revisions: z
    .array(
      z
        .strictObject({
          number: ordinal,
          name: z.string().max(60).nullable(),
          sitting: z.string().max(60),
          createdAt: moment,
          updatedAt: moment,
          plan: kept,
        })
        .transform(({ plan, ...rest }) => ({ ...rest, document: plan })),
    )
    .min(1, 'a plan must have a revision')
    .refine(
      (revisions) =>
        revisions.every(({ number }, i) => i === 0 || number > revisions[i - 1]!.number),
      'must stand in their order',
    ),
});

const runSchema = z.strictObject({
  id,
  planId: id,
  revision: ordinal,
  createdAt: moment,
  updatedAt: moment,
  basis: kept,
  events: z
    .array(
      z
        .strictObject({ id, at: z.string().max(40), arrivedAt: moment, event: kept })
        .transform(({ event, ...rest }) => ({ ...rest, document: event })),
    )
    .max(20_000, 'a run holds at most 20000 events'),
});

const daySchema = z
  .strictObject({
    id,
    createdAt: moment,
    updatedAt: moment,
    deletedAt: moment.nullable(),
    day: kept,
    marks: z
      .array(
        z
          .strictObject({ id, arrivedAt: moment, mark: kept })
          .transform(({ mark, ...rest }) => ({ ...rest, document: mark })),
      )
      .max(5000, 'a day holds at most 5000 marks'),
    runs: z.array(z.strictObject({ service: id, runId: id })).max(1000),
  })
  .transform(({ day, ...rest }) => ({ ...rest, document: day }));

const practiceSchema = z.array(
  z
    .strictObject({
      id,
      cook: z.string().min(1).max(60),
      arrivedAt: moment,
      answer: kept,
    })
    .transform(({ answer, ...rest }) => ({ ...rest, document: answer })),
);

const headSchema = z.object({
  format: z.literal(ARCHIVE_FORMAT, { error: `format must be "${ARCHIVE_FORMAT}"` }),
  version: z.literal(1, { error: 'version must be 1: it was written by a newer Mortar Sheet' }),
});

const README = `Everything one Mortar Sheet kitchen keeps.

kitchen.json      rollers, cutters, moulds, pots, cooks, climate
pantry.json       ingredients and preparations of the cook's own
plans/ID.json     one plan with all its revisions
days/ID.json      one day: plans on one clock, what happened to its tasks, the batches that made it
practice.json     what each cook answered at practice; may be missing
runs/ID.json      one batch: what it was made from, and every tap of it in the order of arrival
archive.json      the format's name and version

All of it is JSON in UTF-8. A document stands under "document"; one that could not be read stands, to the
letter, under "text". Lengths are in mm, weights in g, temperatures in °C, moments in UTC.
`;

/** The time every file of an archive is given: the same kitchen then makes the same bytes. */
const NO_TIME = new Date('2000-01-01T00:00:00');

const lines = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

const inFolder = (folder: string, id: string): string =>
  `${folder}/${encodeURIComponent(id).replaceAll('.', '%2E')}.json`;

/**
 * Writes an archive as a zip file, a part at a time. The same kitchen gives the same bytes.
 * @param give takes each part of the file as it is made
 */
export function archiveParts(
  { kitchen, ingredients, preparations, plans, runs, days, practice }: Archive,
  give: (part: Uint8Array) => void,
): void {
  const zip = new Zip((error, part) => {
    if (error) throw error;
    give(part);
  });
  const add = (name: string, content: Uint8Array) => {
    const file = new ZipDeflate(name, { level: 6 });
    file.mtime = NO_TIME;
    zip.add(file);
    file.push(content, true);
  };
  const rows = (from: readonly ArchivedRow[]) =>
    from.map(({ document, ...rest }) => ({ ...rest, row: asKept(document) }));
  add('README.txt', strToU8(README));
  add(
    'archive.json',
    lines({
      format: ARCHIVE_FORMAT,
      version: 1,
      plans: plans.length,
      runs: runs.length,
      days: days.length,
    }),
  );
  add('pantry.json', lines({ ingredients: rows(ingredients), preparations: rows(preparations) }));
  if (kitchen !== null) add('kitchen.json', lines(asKept(kitchen)));
  if (practice.length > 0) {
    add(
      'practice.json',
      lines(practice.map(({ document, ...rest }) => ({ ...rest, answer: asKept(document) }))),
    );
  }
  for (const { revisions, ...plan } of plans) {
    add(
      inFolder('plans', plan.id),
      lines({
        ...plan,
        revisions: revisions.map(({ document, ...rest }) => ({ ...rest, plan: asKept(document) })),
      }),
    );
  }
  for (const { basis, events, ...run } of runs) {
    add(
      inFolder('runs', run.id),
      lines({
        ...run,
        basis: asKept(basis),
        events: events.map(({ document, ...rest }) => ({ ...rest, event: asKept(document) })),
      }),
    );
  }
  for (const { document, marks, ...day } of days) {
    add(
      inFolder('days', day.id),
      lines({
        ...day,
        day: asKept(document),
        marks: marks.map(({ document: mark, ...rest }) => ({ ...rest, mark: asKept(mark) })),
      }),
    );
  }
  zip.end();
}

/** The same as one. */
export function writeArchive(archive: Archive): Uint8Array {
  const parts: Uint8Array[] = [];
  archiveParts(archive, (part) => parts.push(part));
  return joined(parts);
}

/** An archive unpacks to no more than this, bytes, in no more files. */
const MOST_BYTES = 400 * 1024 * 1024;
const MOST_FILES = 50_000;

/** A large one unpacks to no more than so many times its size: plans and taps come to 10 to 40 times. */
const MOST_TIMES = 150;
const LARGE_BYTES = 20 * 1024 * 1024;

/** So much is unpacked between two looks at how much it has become, bytes. */
const STEP_BYTES = 64 * 1024;

/**
 * Unpacks a zip file. What it says of its own sizes is not believed: bytes are counted as they come out, each
 * part of the file is unpacked once, and it must be whole to its end.
 * @throws FieldError
 */
function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  const files = new Map<string, Uint8Array[]>();
  const most = Math.min(MOST_BYTES, Math.max(LARGE_BYTES, MOST_TIMES * bytes.length));
  let total = 0;
  const unzip = new Unzip((file) => {
    const parts: Uint8Array[] = [];
    if (files.size >= MOST_FILES) throw new FieldError('archive', `holds over ${MOST_FILES} files`);
    files.set(file.name, parts);
    file.ondata = (error, part) => {
      if (error) throw error;
      total += part.length;
      if (total > most) {
        throw new FieldError(
          'archive',
          `unpacks to more than ${Math.round(most / 1024 / 1024)} MB`,
        );
      }
      parts.push(part);
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    for (let at = 0; at < bytes.length; at += STEP_BYTES) {
      unzip.push(bytes.subarray(at, at + STEP_BYTES), at + STEP_BYTES >= bytes.length);
    }
  } catch (error) {
    if (error instanceof FieldError) throw error;
    throw new FieldError('archive', 'is not a zip file that can be unpacked');
  }
  if (filesAtEnd(bytes) !== files.size) {
    throw new FieldError('archive', 'is not a zip file that can be unpacked');
  }
  return Object.fromEntries([...files].map(([name, parts]) => [name, joined(parts)]));
}

/** How many files a zip file says it holds, at its end; null where its end is missing: it was cut short. */
function filesAtEnd(bytes: Uint8Array): number | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  // The record at the end is 22 bytes, and a comment of up to 64 kB.
  for (let at = bytes.length - 22; at >= Math.max(0, bytes.length - 22 - 0xffff); at--) {
    if (view.getUint32(at, true) === 0x06054b50) return view.getUint16(at + 10, true);
  }
  return null;
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/**
 * Reads an archive. It is taken whole or not at all.
 * @throws FieldError naming the file in it, the field, and what is wrong
 */
export function readArchive(bytes: Uint8Array): Archive {
  const files = unpack(bytes);
  const read = <T>(name: string, schema: z.ZodType<T>): T => {
    const file = files[name];
    if (!file) throw new FieldError(name, 'is missing');
    let value: unknown;
    try {
      value = JSON.parse(strFromU8(file));
    } catch {
      throw new FieldError(name, 'is not JSON');
    }
    const parsed = schema.safeParse(value);
    if (parsed.success) return parsed.data;
    const { path, message } = firstIssue(parsed.error);
    throw new FieldError(name, path ? `${path}: ${message}` : message);
  };
  const folder = <T extends { readonly id: string }>(name: string, schema: z.ZodType<T>): T[] =>
    Object.keys(files)
      .filter((path) => path.startsWith(`${name}/`) && path.endsWith('.json'))
      .sort()
      .map((path) => {
        const found = read(path, schema);
        if (inFolder(name, found.id) !== path) throw new FieldError(path, `holds “${found.id}”`);
        return found;
      });
  read('archive.json', headSchema);
  return {
    kitchen: files['kitchen.json'] ? read('kitchen.json', kept) : null,
    ...read('pantry.json', pantrySchema),
    plans: folder('plans', planSchema),
    runs: folder('runs', runSchema),
    days: folder('days', daySchema),
    practice: files['practice.json'] ? read('practice.json', practiceSchema) : [],
  };
}
