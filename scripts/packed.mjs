/** What a page is made of, made ready once while building: scripts hinted, all of it compressed as hard as it goes. */
import { existsSync, readdirSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { extname, join, sep } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, gzip } from 'node:zlib';
import Negotiator from 'negotiator';

const STATIC = join('.next', 'static');
const TYPES = { '.js': 'application/javascript', '.css': 'text/css' };
/** The first of them that a browser takes is sent. Browsers take brotli over https and from their own machine. */
const PACKINGS = [
  { encoding: 'br', ending: '.br', pack: promisify(brotliCompress) },
  { encoding: 'gzip', ending: '.gz', pack: (text) => promisify(gzip)(text, { level: 9 }) },
];

/**
 * Says to a browser that understands it to compile a script whole, beside the page, while it comes: half of what a
 * page brings is called as it opens, and would be compiled then, one by one, with the page waiting.
 */
const HINT = Buffer.from('//# allFunctionsCalledOnLoad\n');

const filesIn = (folder) =>
  existsSync(folder) ? readdirSync(folder, { recursive: true }).map(String) : [];

/** Hints each script of the build, and writes it and each style sheet compressed beside itself. */
export async function packBuild() {
  const paths = filesIn(STATIC)
    .filter((name) => extname(name) in TYPES)
    .map((name) => join(STATIC, name));
  await Promise.all(
    paths.map(async (path) => {
      let text = await readFile(path);
      if (extname(path) === '.js' && !text.subarray(0, HINT.length).equals(HINT)) {
        text = Buffer.concat([HINT, text]);
        await writeFile(path, text);
      }
      for (const { ending, pack } of PACKINGS) await writeFile(path + ending, await pack(text));
    }),
  );
}

/**
 * Lets a request for a part of the build be answered by its compressed file. The request goes on to the door
 * as any other, under that file's name.
 * @returns what to call with each request and its response before they are handled
 */
export function packedParts() {
  const there = new Set(
    filesIn(STATIC).map((name) => `/_next/static/${name.split(sep).join('/')}`),
  );
  return (request, response) => {
    const [path] = request.url.split('?');
    const type = TYPES[extname(path)];
    if (!type || !there.has(path)) return;
    response.setHeader('Vary', 'Accept-Encoding');
    const taken = new Negotiator(request).encodings();
    const packing = PACKINGS.find(
      ({ encoding, ending }) => taken.includes(encoding) && there.has(path + ending),
    );
    if (!packing) return;
    request.url = path + packing.ending;
    response.setHeader('Content-Type', `${type}; charset=UTF-8`);
    response.setHeader('Content-Encoding', packing.encoding);
    const { writeHead } = response;
    response.writeHead = (status, ...rest) => {
      // A refusal is no such file.
      if (status >= 400) response.removeHeader('Content-Encoding');
      return writeHead.call(response, status, ...rest);
    };
  };
}
