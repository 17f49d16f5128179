import type { Save, SaveAnswer } from './editorTypes';

const NO_ANSWER = 'no answer from the server';

/** A save as it goes over the line. */
const request = <T>(name: string, { document, ...rest }: Save<T>): RequestInit => ({
  method: 'PUT',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ ...rest, [name]: document }),
});

/**
 * Sends a save to the route that stores such documents.
 * @param name of the document in the body and in the answer: `plan`, `kitchen`
 */
export async function sendSave<T>(
  url: string,
  name: string,
  save: Save<T>,
): Promise<SaveAnswer<T>> {
  try {
    const response = await fetch(url, request(name, save));
    const body = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    if (response.ok) {
      // An answer may be torn off as the page goes: what was saved is then not known to be.
      if (typeof body.edition !== 'number') return { kind: 'failed', why: NO_ANSWER, again: true };
      return { kind: 'saved', edition: body.edition, revision: Number(body.revision ?? 1) };
    }
    if (response.status === 409) {
      return { kind: 'conflict', theirs: body[name] as T, edition: Number(body.edition) };
    }
    return {
      kind: 'failed',
      why: typeof body.error === 'string' ? body.error : NO_ANSWER,
      again: response.status >= 500,
    };
  } catch {
    return { kind: 'failed', why: NO_ANSWER, again: true };
  }
}

/** The same while the page goes: nobody waits for the answer. */
export function sendLast<T>(url: string, name: string, save: Save<T>): void {
  void fetch(url, { ...request(name, save), keepalive: true }).catch(() => {});
}
