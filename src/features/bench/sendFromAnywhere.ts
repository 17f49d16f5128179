import { say } from '@/ui/layout/say';
import { outbox as ownOutbox, type Outbox } from './outbox';
import { saveTaps } from './saveTaps';
import { sendWaiting, serverOf, type Server } from './sync';
import { tapsHere } from './tapsHere';

const taps = (n: number) => (n === 1 ? 'One tap' : `${n} taps`);

/**
 * Sends what waits on this device, of whatever batch, from whatever page is open, and says how that went.
 * @param again that it waits was said already
 * @returns whether something waits still
 */
export async function sendFromAnywhere(
  again: boolean,
  box: Outbox = ownOutbox,
  server: (run: string) => Server = serverOf,
): Promise<boolean> {
  let sent = 0;
  let waits = false;
  for (const run of await box.runsWaiting()) {
    const before = (await box.waiting(run)).length;
    const refusedBefore = (await box.refused(run)).length;
    const { line, waiting } = await sendWaiting(run, box, server(run));
    const refused = (await box.refused(run)).length - refusedBefore;
    sent += before - waiting - refused;
    waits ||= waiting > 0;
    const offer = { label: 'Save as a file', onClick: () => void saveTaps(run) };
    if (refused > 0)
      void say(`${taps(refused)} from a bench: the kitchen did not take it.`, { offer });
    if (again) continue;
    if (line === 'gone') {
      void say(`${taps(waiting)} from a bench: the kitchen no longer has the batch.`, { offer });
    } else if (line === 'shut') {
      void say(`${taps(waiting)} from a bench cannot be sent: sign in as someone who may.`);
    } else if (waiting > 0) {
      void say(`${taps(waiting)} from a bench still on this device: no connection.`);
    }
  }
  if (sent > 0) void say(`${taps(sent)} from a bench sent.`);
  if (!waits) tapsHere().clear();
  return waits;
}
