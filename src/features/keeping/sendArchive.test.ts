import { progressAnswer } from '@/server/progressAnswer';
import { FieldError } from '@/core/range';
import { sendArchive } from './sendArchive';

const file = new File(['zip'], 'all.zip');

/** Answers what the page sends as the server does; `work` stands for what is done with the archive. */
const serving = (work: Parameters<typeof progressAnswer>[1]) => {
  globalThis.fetch = (url, init) =>
    progressAnswer(
      new Request(new URL(url as string, 'http://kitchen'), { headers: init!.headers! }),
      work,
    );
};

const send = async (signal = new AbortController().signal) => {
  const shares: number[] = [];
  const onProgress = (share: number) => void shares.push(share);
  const sent = await sendArchive(file, 'take', { onProgress, signal });
  return { sent, shares };
};

test('what is done of it is told, and what came of it', async () => {
  serving(async (tell) => {
    tell(0.5);
    await Promise.resolve();
    return { plans: 'all' };
  });
  expect(await send()).toEqual({ sent: { changes: { plans: 'all' } }, shares: [0, 0.5] });
});

test('why nothing came of it is told in the server’s words', async () => {
  serving(() => Promise.reject(new FieldError('archive', 'is not a zip file')));
  expect((await send()).sent).toEqual({ error: 'archive is not a zip file' });
});

test('without an answer nothing was changed', async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('no line'));
  expect((await send()).sent).toEqual({
    error: 'No answer from the server. Nothing was changed.',
  });
});

test('who hangs up calls the work off', async () => {
  const called = jest.fn();
  const request = new Request('http://kitchen', { headers: { accept: 'application/x-ndjson' } });
  const answer = await progressAnswer(
    request,
    (_tell, signal) =>
      new Promise((resolve) =>
        signal.addEventListener('abort', () => {
          called();
          resolve(null);
        }),
      ),
  );
  await answer.body!.cancel();
  expect(called).toHaveBeenCalledTimes(1);
});
