/** What a page weighs as it first opens: scripts and style sheets, as they come over the line. */
import { get } from 'node:http';
import type { Row } from './rows';

const KINDS = { JavaScript: 'js', 'style sheets': 'css' } as const;

/** What a path's answer is, and how many bytes of it came. */
const fetched = (url: string, encoding: string) =>
  new Promise<{ text: string; bytes: number }>((resolve, reject) => {
    get(url, { headers: { 'Accept-Encoding': encoding } }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('error', reject);
      answer.on('end', () => {
        const body = Buffer.concat(parts);
        resolve({ text: body.toString(), bytes: body.length });
      });
    }).on('error', reject);
  });

/** The parts of one kind that a page asks for as it opens. */
function partsOf(html: string, ending: string): string[] {
  // The run of module scripts for old browsers is not fetched by those that know modules.
  const modern = html.replace(/<script[^>]*noModule[^>]*><\/script>/gi, '');
  const asked = modern.match(/<(?:script|link)[^>]+>/g)?.join(' ') ?? '';
  return [...new Set(asked.match(new RegExp(`/_next/static/[^"'\\\\ ]+\\.${ending}`, 'g')) ?? [])];
}

/**
 * Weighs pages against their budgets.
 * @param pages name, path, and the budget of each kind in kB
 */
export async function weightRows(
  origin: string,
  pages: readonly { name: string; path: string; kB: Partial<Record<keyof typeof KINDS, number>> }[],
): Promise<Row[]> {
  const rows: Row[] = [];
  for (const { name, path, kB } of pages) {
    const { text } = await fetched(origin + path, 'identity');
    for (const [kind, ending] of Object.entries(KINDS) as [keyof typeof KINDS, string][]) {
      const budget = kB[kind];
      if (budget === undefined) continue;
      const parts = partsOf(text, ending);
      let [br, gzip] = [0, 0];
      for (const part of parts) {
        br += (await fetched(origin + part, 'br')).bytes / 1024;
        gzip += (await fetched(origin + part, 'gzip')).bytes / 1024;
      }
      rows.push({
        what: `${name}, ${kind}: ${parts.length} files, ${gzip.toFixed(0)} kB where only gzip is taken`,
        kB: br.toFixed(1),
        budget: `${budget} kB`,
        within: br <= budget ? 'yes' : 'NO',
      });
    }
  }
  return rows;
}
