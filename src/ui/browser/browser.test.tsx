/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { renderToString } from 'react-dom/server';
import { READY } from '@/workers/ready';
import { drawerIn } from './drawer';
import { keepPreference } from './keepPreference';
import { useInBrowser } from './useInBrowser';
import { useKeptOffline } from './useKeptOffline';
import { workerClient } from './workerClient';

describe('a drawer', () => {
  it('keeps one text', () => {
    const drawer = drawerIn(() => sessionStorage, 'draft');
    expect(drawer.read()).toBeNull();
    drawer.write('half a plan');
    expect(drawer.read()).toBe('half a plan');
    expect(drawerIn(() => sessionStorage, 'other').read()).toBeNull();
    drawer.clear();
    expect(drawer.read()).toBeNull();
  });

  it('of a browser that forbids it, or is full, keeps nothing and stops nothing', () => {
    const forbidden = drawerIn(() => {
      throw new DOMException('forbidden', 'SecurityError');
    }, 'draft');
    const full = drawerIn(
      () =>
        ({
          getItem: () => null,
          setItem: () => {
            throw new DOMException('full', 'QuotaExceededError');
          },
          removeItem: () => {},
        }) as unknown as Storage,
      'draft',
    );
    for (const drawer of [forbidden, full]) {
      drawer.write('half a plan');
      drawer.clear();
      expect(drawer.read()).toBeNull();
    }
  });
});

describe('a preference', () => {
  it('stands in a cookie of its own, whatever it holds', () => {
    keepPreference('theme', 'dark');
    keepPreference('units', '{"system":"us; x=1"}');
    const kept = Object.fromEntries(
      document.cookie.split('; ').map((each) => each.split('=') as [string, string]),
    );
    expect(kept.theme).toBe('dark');
    expect(decodeURIComponent(kept.units!)).toBe('{"system":"us; x=1"}');
    expect(kept).not.toHaveProperty('x');
  });
});

describe('what only the browser knows', () => {
  const Where = () => <p>{useInBrowser(() => 'browser', 'server')}</p>;

  it('is left open on the server', () => {
    expect(renderToString(<Where />)).toBe('<p>server</p>');
    expect(render(<Where />).container.innerHTML).toBe('<p>browser</p>');
  });
});

/** A worker that answers when it is told to. */
class FakeWorker {
  static made: FakeWorker[] = [];
  onerror: (() => void) | null = null;
  onmessage: ((event: { data: unknown }) => void) | null = null;
  ended = false;
  constructor() {
    FakeWorker.made.push(this);
  }
  terminate() {
    this.ended = true;
  }
  postMessage() {}
  addEventListener() {}
  removeEventListener() {}
}

describe('a page’s worker', () => {
  beforeEach(() => (FakeWorker.made = []));
  const client = () => workerClient<object>(() => new FakeWorker() as unknown as Worker);

  it('is made when it is first asked for, once, and answers when it is ready', async () => {
    const ask = client();
    expect(FakeWorker.made).toHaveLength(0);
    const first = ask();
    const second = ask();
    expect(FakeWorker.made).toHaveLength(1);
    let ready = false;
    void first.then(() => (ready = true));
    FakeWorker.made[0]!.onmessage!({ data: 'something else' });
    await Promise.resolve();
    expect(ready).toBe(false);
    FakeWorker.made[0]!.onmessage!({ data: READY });
    await first;
    expect(second).toBe(first);
    expect(FakeWorker.made[0]!.onmessage).toBeNull();
  });

  it('that could not be fetched is tried for again', async () => {
    const ask = client();
    const lost = ask();
    FakeWorker.made[0]!.onerror!();
    await expect(lost).rejects.toThrow('could not be fetched');
    expect(FakeWorker.made[0]!.ended).toBe(true);
    const again = ask();
    FakeWorker.made[1]!.onmessage!({ data: READY });
    await again;
    expect(FakeWorker.made).toHaveLength(2);
  });
});

describe('a page kept for when there is no line', () => {
  const OTHERS = ['/practice/paper'];
  const Kept = () => {
    useKeptOffline(OTHERS);
    return null;
  };
  const kept: unknown[] = [];
  const serviceWorker = {
    register: jest.fn(() => Promise.resolve()),
    ready: Promise.resolve({ active: { postMessage: (message: unknown) => kept.push(message) } }),
  };
  const { env } = process;

  beforeEach(() => {
    kept.length = 0;
    serviceWorker.register.mockClear();
    Object.assign(navigator, { serviceWorker });
    performance.getEntriesByType = (() => [
      { name: `${location.origin}/_next/static/chunks/a.js` },
      { name: `${location.origin}/_next/static/chunks/a.js` },
      { name: `${location.origin}/api/plans` },
      { name: 'http://elsewhere.test/_next/static/b.js' },
    ]) as never;
  });
  afterEach(() => {
    process.env = env;
  });

  it('has its own address, what it is made of, and what is left from it, each once', async () => {
    process.env = { ...env, NODE_ENV: 'production' };
    render(<Kept />);
    await new Promise((resolve) => setTimeout(resolve));
    expect(serviceWorker.register).toHaveBeenCalledWith('/sw.js');
    expect(kept).toEqual([
      { keep: ['/', '/practice/paper', `${location.origin}/_next/static/chunks/a.js`] },
    ]);
  });

  it('is let be where the browser keeps nothing, or while it is being built', async () => {
    render(<Kept />);
    process.env = { ...env, NODE_ENV: 'production' };
    delete (navigator as { serviceWorker?: unknown }).serviceWorker;
    render(<Kept />);
    await new Promise((resolve) => setTimeout(resolve));
    expect(serviceWorker.register).not.toHaveBeenCalled();
    expect(kept).toEqual([]);
  });
});
