import { isIPv6 } from 'node:net';

/**
 * Where a request comes from, as tries are counted: an address, of IPv6 the network it is in, which is one house.
 * @param forwarded what our own server wrote, or the proxies in front: each adds whom it heard, at the end, and
 * what stood there before is whatever the asker liked to say
 * @param proxies how many of them are in front; 0 for none
 * @example addressOf('spoofed, 192.0.2.7', 1) // '192.0.2.7'
 */
export function addressOf(forwarded: string | null, proxies: number): string {
  const heard = (forwarded ?? '').split(',').map((each) => each.trim());
  const address = heard.at(-Math.max(1, proxies)) ?? heard[0]!;
  if (!isIPv6(address)) return address;
  // Of eight groups the first four name the network; what is left out in the middle is zeros.
  const [before = '', after] = address.toLowerCase().split('::');
  const groups = before.split(':');
  if (after !== undefined) {
    const given = [before, after].flatMap((half) => half.split(':').filter(Boolean)).length;
    groups.push(...Array<string>(Math.max(0, 8 - given)).fill('0'), ...after.split(':'));
  }
  return `${groups
    .filter((each) => each !== '')
    .slice(0, 4)
    .join(':')}::/64`;
}
