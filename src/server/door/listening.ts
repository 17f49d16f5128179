import { hostName } from './hosts';

/** Addresses that only this machine reaches. */
const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|::1)$/;

/**
 * Where a server listens, as it was asked to.
 * @param environment MORTAR_LISTEN, `host:port`
 * @param args the command line it was started by; nothing named means every address of the machine
 * @example listensBeyond({ listen: '0.0.0.0:4173', args: [] }) // true
 * @example listensBeyond({ listen: undefined, args: ['-H', '127.0.0.1'] }) // false
 */
export function listensBeyond({
  listen,
  args,
}: {
  listen: string | undefined;
  args: readonly string[];
}): boolean {
  const named = args.findIndex((arg) => arg === '-H' || arg === '--hostname');
  const host = listen ? hostName(listen) : named >= 0 ? hostName(args[named + 1] ?? null) : null;
  return host === null || !LOOPBACK.test(host);
}
