import { securityHeaders } from './headers';
import { hostAllowed, hostName, isSecure } from './hosts';
import { writeRefusal } from './writes';

describe('hosts', () => {
  it.each([
    ['localhost', 'localhost'],
    ['LocalHost:4173', 'localhost'],
    ['127.0.0.1:80', '127.0.0.1'],
    ['[::1]:4173', '::1'],
    [' kitchen.example ', 'kitchen.example'],
    ['', null],
    [null, null],
    ['evil.example/@127.0.0.1', null],
    ['127.0.0.1:4173:80', null],
    ['a b', null],
  ])('%j is asked as %j', (host, name) => expect(hostName(host)).toBe(name));

  it('answer by loopback names, and by those added', () => {
    expect(hostAllowed('127.0.0.1:4173', undefined)).toBe(true);
    expect(hostAllowed('[::1]:9', undefined)).toBe(true);
    expect(hostAllowed('rebound.example:4173', undefined)).toBe(false);
    expect(hostAllowed('127.0.0.1.rebound.example', undefined)).toBe(false);
    expect(hostAllowed('tablet.kitchen', 'bench.kitchen, tablet.kitchen:4173')).toBe(true);
    expect(hostAllowed('other.kitchen', 'bench.kitchen, tablet.kitchen')).toBe(false);
    expect(hostAllowed(null, 'a')).toBe(false);
  });
});

describe('writes', () => {
  const from = (headers: Record<string, string>, { method = 'POST', path = '/api/plans' } = {}) =>
    writeRefusal(
      method,
      path,
      new Headers({ host: '127.0.0.1:4173', 'content-type': 'application/json', ...headers }),
    )?.status ?? null;

  it.each([
    ['reads', { 'sec-fetch-site': 'cross-site' }, { method: 'GET' }, null],
    [
      'a page of its own',
      { 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:4173' },
      {},
      null,
    ],
    ['what is no browser', {}, {}, null],
    ['a page elsewhere', { 'sec-fetch-site': 'cross-site' }, {}, 403],
    ['a page of another port', { 'sec-fetch-site': 'same-site' }, {}, 403],
    ['an origin of another port', { origin: 'http://127.0.0.1:9999' }, {}, 403],
    ['an origin that hides', { origin: 'null' }, {}, 403],
    ['an action from elsewhere', { origin: 'http://evil.example' }, { path: '/plans/a' }, 403],
    ['plain text', { 'content-type': 'text/plain' }, {}, 415],
    ['JSON with a charset', { 'content-type': 'application/json; charset=utf-8' }, {}, null],
    ['an action’s own type', { 'content-type': 'text/plain' }, { path: '/plans/a' }, null],
    ['a removal from elsewhere', { origin: 'http://evil.example' }, { method: 'DELETE' }, 403],
  ] as const)('%s: %j', (_what, headers, how, status) => {
    expect(from(headers, how)).toBe(status);
  });
});

describe('headers', () => {
  it('let no script run without the nonce, no frame hold a page, nothing come from elsewhere', () => {
    const { 'content-security-policy': policy, ...rest } = securityHeaders('abc');
    expect(policy).toContain("script-src 'self' 'nonce-abc';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain('unsafe-eval');
    expect(policy).not.toMatch(/https?:/);
    expect(rest['x-content-type-options']).toBe('nosniff');
    expect(rest['cross-origin-opener-policy']).toBe('same-origin');
    // A browser ignores it on a plain line, and says so on every page.
    expect(securityHeaders('x', { secure: false })).not.toHaveProperty(
      'cross-origin-opener-policy',
    );
    expect(isSecure(new Headers({ host: 'localhost:4173' }))).toBe(true);
    expect(isSecure(new Headers({ host: 'kitchen.lan' }))).toBe(false);
    expect(isSecure(new Headers({ host: 'kitchen.lan', 'x-forwarded-proto': 'https' }))).toBe(true);
    expect(securityHeaders('x', { development: true })['content-security-policy']).toContain(
      'unsafe-eval',
    );
  });
});
