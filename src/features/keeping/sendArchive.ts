import type { ComingIn } from '@/server/vault/archive/comingIn';
import type { WhereDifferent } from '@/server/vault/archive/takeIn';

/** The answer to an archive that was sent: what it changes, or changed; or why it was not taken. */
export type Sent = { readonly changes: ComingIn } | { readonly error: string };

/** A line of the answer: the share that is done, what the archive changes, or why it was not taken. */
interface Line {
  readonly share?: number;
  readonly value?: ComingIn;
  readonly error?: string;
}

/**
 * Sends an archive to be looked at, or taken in.
 * @param onProgress told the share that is done
 * @param signal calls it off: nothing is changed then
 */
export async function sendArchive(
  file: File,
  where: 'look' | WhereDifferent,
  { onProgress, signal }: { onProgress: (share: number) => void; signal: AbortSignal },
): Promise<Sent> {
  try {
    const response = await fetch(`/api/archive?where=${where}`, {
      method: 'POST',
      headers: { 'content-type': 'application/zip', accept: 'application/x-ndjson' },
      body: file,
      signal,
    });
    let sent: Sent = { error: 'It was not taken.' };
    for await (const { share, value, error } of linesOf(response)) {
      if (share !== undefined) onProgress(share);
      if (value) sent = { changes: value };
      if (error !== undefined) sent = { error };
    }
    return sent;
  } catch {
    return {
      error: signal.aborted
        ? 'It was called off. Nothing was changed.'
        : 'No answer from the server. Nothing was changed.',
    };
  }
}

async function* linesOf(response: Response): AsyncGenerator<Line> {
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const lines = (rest + part.value).split('\n');
    rest = lines.pop()!;
    for (const line of lines) yield JSON.parse(line) as Line;
  }
  if (rest.trim()) yield JSON.parse(rest) as Line;
}
