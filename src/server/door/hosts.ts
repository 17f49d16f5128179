/** Names this machine calls itself by. */
const LOOPBACK = ['localhost', '127.0.0.1', '::1'];

/** A Host header without its port; null when it is none. */
export function hostName(host: string | null): string | null {
  const found = /^(?:\[([0-9a-f:.]+)\]|([a-z0-9._-]+))(?::\d{1,5})?$/i.exec(host?.trim() ?? '');
  return (found?.[1] ?? found?.[2])?.toLowerCase() ?? null;
}

/**
 * Whether a request may ask this server by the name it used. Names that only resolve to it do not count:
 * a page elsewhere could point one of its own here and read everything.
 * @param allowed MORTAR_HOSTS: further names, with commas between
 * @example hostAllowed('127.0.0.1:4173', undefined) // true
 * @example hostAllowed('kitchen.example', 'kitchen.example') // true
 */
export function hostAllowed(host: string | null, allowed: string | undefined): boolean {
  const name = hostName(host);
  if (name === null) return false;
  const further = (allowed ?? '')
    .split(',')
    .map((each) => hostName(each))
    .filter((each) => each !== null);
  return LOOPBACK.includes(name) || further.includes(name);
}

/** Whether a proxy in front spoke TLS to whoever asks. */
export const isEncrypted = (headers: Headers): boolean =>
  headers.get('x-forwarded-proto')?.split(',')[0]?.trim() === 'https';

/** Whether a browser takes a request's line for secure: encrypted to whoever asks, or on this machine. */
export function isSecure(headers: Headers): boolean {
  const name = hostName(headers.get('host'));
  return isEncrypted(headers) || (name !== null && LOOPBACK.includes(name));
}
