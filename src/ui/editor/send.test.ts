import { sendSave } from './send';

const save = { document: { name: 'Pea cappelletti' }, baseEdition: 3, sitting: 'a1' };

const answering = async (answer: () => Response) => {
  const fetching = jest.spyOn(globalThis, 'fetch').mockImplementation(async () => answer());
  try {
    return await sendSave('/api/plans/p', 'plan', save);
  } finally {
    fetching.mockRestore();
  }
};

const torn = (status: number) =>
  new Response(
    new ReadableStream({
      start: (stream) => stream.error(new TypeError('The page goes')),
    }),
    { status },
  );

describe('what became of a save', () => {
  it('is saved under the edition that the answer names', async () => {
    expect(await answering(() => Response.json({ edition: 4, revision: 2 }))).toEqual({
      kind: 'saved',
      edition: 4,
      revision: 2,
    });
  });

  it('is not known when the answer was torn off, whatever its head said', async () => {
    for (const answer of [() => torn(200), () => Response.json({}), () => torn(503)]) {
      expect(await answering(answer)).toMatchObject({ kind: 'failed', again: true });
    }
  });

  it('is what stands there, where another window was first', async () => {
    const theirs = { name: 'Pea and mint' };
    expect(
      await answering(() => Response.json({ plan: theirs, edition: 7 }, { status: 409 })),
    ).toEqual({ kind: 'conflict', theirs, edition: 7 });
  });

  it('is not tried again when it was refused', async () => {
    expect(
      await answering(() => Response.json({ error: 'Too long' }, { status: 400 })),
    ).toMatchObject({ kind: 'failed', why: 'Too long', again: false });
  });
});
