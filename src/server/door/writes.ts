import { hostName } from './hosts';

/** Methods that change nothing. */
export const READS = ['GET', 'HEAD', 'OPTIONS'];

/** What a route takes where it is not JSON. No foreign page can send any of these unasked either. */
const TAKES: Readonly<Record<string, string>> = {
  '/api/archive': 'application/zip',
  '/api/copies': 'application/vnd.sqlite3',
};

/** Why a write is refused. */
export interface Refusal {
  readonly status: 403 | 415;
  readonly error: string;
}

const ELSEWHERE: Refusal = {
  status: 403,
  error:
    'This was sent by a page of another place; only this product’s own pages may change anything.',
};

/**
 * Whether a request may change anything; null when it may. A browser says where a write comes from: any
 * other place, another port of this machine too, is refused. What says nothing is no browser's page. The
 * routes take JSON, or a file of their own kind, which no foreign page can send unasked.
 * @param path of the URL
 */
export function writeRefusal(method: string, path: string, headers: Headers): Refusal | null {
  if (READS.includes(method)) return null;
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin' && site !== 'none') return ELSEWHERE;
  const origin = headers.get('origin');
  if (origin !== null && !sameHost(origin, headers.get('host'))) return ELSEWHERE;
  const type = headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
  const taken = TAKES[path] ?? 'application/json';
  if (path.startsWith('/api/') && type !== taken) {
    return { status: 415, error: `content-type: must be ${taken}` };
  }
  return null;
}

/** Whether an origin is this very host and port. */
function sameHost(origin: string, host: string | null): boolean {
  try {
    return hostName(host) !== null && new URL(origin).host === host?.trim().toLowerCase();
  } catch {
    // `null`, or nothing that is an address.
    return false;
  }
}
