import { draftsOf, newSitting, type Drafts } from './drafts';
import { sendLast, sendSave } from './send';

/** The browser's storage, as far as drafts lean on it. */
function storage(): Storage {
  const kept = new Map<string, string>();
  return new Proxy({} as Storage, {
    get: (_, name) =>
      ({
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => kept.set(key, value),
        removeItem: (key: string) => kept.delete(key),
      })[name as 'getItem'],
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
}

beforeEach(() =>
  Object.defineProperty(globalThis, 'localStorage', { value: storage(), configurable: true }),
);

/** A sitting of its own, that answers others until it ends. */
const sitting = (name: string, own: string) => {
  const drafts = draftsOf(name, own);
  return { ...drafts, end: drafts.begin() };
};

const texts = async (drafts: Drafts) => (await drafts.left()).map((drawer) => drawer.read());

describe('drafts', () => {
  it('belong to one window: what another still holds is not taken, what one left is', async () => {
    const first = sitting('plan-a', 's1');
    first.drawer.write('mine');
    localStorage.setItem('mortar-draft-plan-a~gone', 'left behind');
    localStorage.setItem('mortar-draft-plan-b~gone', 'another plan’s');
    const second = sitting('plan-a', 's2');
    expect(await texts(second)).toEqual(['left behind']);
    second.drawer.write('theirs');
    second.drawer.clear();
    expect(first.drawer.read()).toBe('mine');
    first.end();
    second.end();
  });

  it('of a page that goes are taken though it still answered a moment ago', async () => {
    const first = sitting('plan-a', 's1');
    first.drawer.write('half typed');
    const second = sitting('plan-a', 's2');
    const found = texts(second);
    // It heard the first asking, and goes.
    await new Promise((resolve) => setTimeout(resolve, 100));
    first.goes(true);
    expect(await found).toEqual(['half typed']);
    first.goes(false);
    expect(await texts(second)).toEqual([]);
    first.end();
    second.end();
  });

  it('that lay under the plain name are found, and the latest comes first', async () => {
    localStorage.setItem('mortar-draft-k', 'old');
    localStorage.setItem('mortar-draft-k~a', 'older sitting');
    localStorage.setItem('mortar-draft-k~b', 'later sitting');
    const drafts = sitting('k', newSitting());
    expect(await texts(drafts)).toEqual(['later sitting', 'older sitting', 'old']);
    drafts.end();
  });

  it('are none where the browser keeps nothing', async () => {
    Object.defineProperty(globalThis, 'localStorage', {
      get: () => {
        throw new Error('forbidden');
      },
      configurable: true,
    });
    const drafts = sitting('k', 's');
    drafts.drawer.write('x');
    expect(drafts.drawer.read()).toBeNull();
    expect(await drafts.left()).toEqual([]);
    drafts.end();
  });

  it('are told from those of windows still there after its page ended and began anew', async () => {
    const first = sitting('plan-a', 's1');
    first.drawer.write('mine');
    const second = draftsOf('plan-a', 's2');
    second.begin()();
    const end = second.begin();
    expect(await texts(second)).toEqual([]);
    end();
    first.end();
  });

  it('sittings that began later sort later', async () => {
    const first = newSitting();
    await new Promise((resolve) => setTimeout(resolve, 3));
    expect(newSitting() > first).toBe(true);
  });
});

describe('a save over the line', () => {
  const save = { document: { name: 'a' }, baseEdition: 4, sitting: 's' };
  const answers = (status: number, body: object | string) =>
    jest
      .spyOn(globalThis, 'fetch')
      .mockResolvedValueOnce(
        new Response(typeof body === 'string' ? body : JSON.stringify(body), { status }),
      );

  it('sends the document under its name, and reads what became of it', async () => {
    const fetched = answers(200, { edition: 5, revision: 2 });
    expect(await sendSave('/api/x', 'kitchen', save)).toEqual({
      kind: 'saved',
      edition: 5,
      revision: 2,
    });
    const [url, { method, body }] = fetched.mock.calls[0] as [string, RequestInit];
    expect([url, method]).toEqual(['/api/x', 'PUT']);
    expect(JSON.parse(body as string)).toEqual({
      kitchen: { name: 'a' },
      baseEdition: 4,
      sitting: 's',
    });
  });

  it.each([
    [
      409,
      { kitchen: { name: 'b' }, edition: 9 },
      { kind: 'conflict', theirs: { name: 'b' }, edition: 9 },
    ],
    [400, { error: 'name: no' }, { kind: 'failed', why: 'name: no', again: false }],
    [403, { error: 'Your key' }, { kind: 'failed', why: 'Your key', again: false }],
    [507, { error: 'The disk is full' }, { kind: 'failed', why: 'The disk is full', again: true }],
    [502, '<html>', { kind: 'failed', why: 'no answer from the server', again: true }],
  ])('%i: %j', async (status, body, answer) => {
    answers(status, body);
    expect(await sendSave('/api/x', 'kitchen', save)).toEqual(answer);
  });

  it('with no answer is tried again, and one sent as the page goes waits for none', async () => {
    jest.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('down'));
    expect(await sendSave('/api/x', 'kitchen', save)).toMatchObject({
      kind: 'failed',
      again: true,
    });
    expect(() => sendLast('/api/x', 'kitchen', save)).not.toThrow();
    expect(jest.mocked(fetch).mock.calls.at(-1)![1]).toMatchObject({ keepalive: true });
  });
});
