import { saveFile } from '@/ui/files/saveFile';
import { outbox } from './outbox';

/** Saves what this device keeps of a batch as a file. */
export async function saveTaps(run: string): Promise<void> {
  const events = (await outbox.of(run)).map(({ event }) => event);
  const taps = { format: 'mortar-sheet/taps', version: 1, run, events };
  saveFile(`taps-${run.slice(0, 8)}.json`, 'application/json', JSON.stringify(taps, null, 2));
}
