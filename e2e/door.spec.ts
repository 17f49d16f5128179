import { request as httpRequest } from 'node:http';
import { expect, newPlan, stored, test } from './kitchen';

/** Asks a path of a server under any Host; its status and what it says. */
const askAs = (server: string, path: string, host: string) =>
  new Promise<{ status: number; body: string }>((resolve, reject) => {
    const asked = httpRequest(`${server}${path}`, { headers: { host } }, (response) => {
      let body = '';
      response.on('data', (chunk) => (body += String(chunk)));
      response.on('end', () => resolve({ status: response.statusCode ?? 0, body }));
    });
    asked.on('error', reject);
    asked.end();
  });

test('a name that only points here is answered nothing', async ({ server, page }) => {
  const id = await newPlan(page, 'Nobody else’s');
  for (const path of ['/', `/plans/${id}`, `/api/plans/${id}`]) {
    const { status, body } = await askAs(server, path, 'rebound.example:4174');
    expect(status).toBe(421);
    expect(body).not.toContain('Nobody');
  }
  const port = new URL(server).port;
  expect((await askAs(server, `/api/plans/${id}`, `localhost:${port}`)).status).toBe(200);
});

test('no page of another place plants or changes a plan', async ({ page }) => {
  const id = await newPlan(page, 'Left alone');
  const before = await stored(page, id);
  const send = (headers: Record<string, string>, data: unknown = before) =>
    page.request.post('/api/plans', { headers, data: data as object });
  expect((await send({ origin: 'http://evil.example' })).status()).toBe(403);
  expect((await send({ 'sec-fetch-site': 'same-site' })).status()).toBe(403);
  const plain = await send({ 'content-type': 'text/plain' }, JSON.stringify(before));
  expect(plain.status()).toBe(415);
  const put = await page.request.put(`/api/plans/${id}`, {
    headers: { origin: 'http://127.0.0.1:9999' },
    data: { plan: { ...before, name: 'Taken' }, baseEdition: 1, sitting: 's' },
  });
  expect(put.status()).toBe(403);
  expect(await stored(page, id)).toEqual(before);
});

test('what is not there answers 404, what is no address 400, what is too much 413', async ({
  page,
  server,
}) => {
  for (const path of [
    '/plans/none',
    '/plans/none/log',
    '/plans/none/card',
    '/sums/none',
    '/nowhere',
  ]) {
    expect([path, (await page.request.get(path)).status()]).toEqual([path, 404]);
  }
  for (const path of ['/plans/%E0%A4%A', '/api/plans/%E0%A4%A']) {
    expect([path, (await askAs(server, path, new URL(server).host)).status]).toEqual([path, 400]);
  }
  const large = await page.request.post('/api/plans', { data: { name: 'x'.repeat(700_000) } });
  expect(large.status()).toBe(413);
});

test.describe('a script put into the page', () => {
  test.use({ expectedErrors: [/Content Security Policy/] });
  test('does not run, and no frame holds the page', async ({ page }) => {
    const response = await page.goto('/plans/celeriac-friday');
    const headers = response!.headers();
    expect(headers['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+';/);
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    const ran = await page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.planted = true';
      const holder = document.createElement('div');
      holder.innerHTML = '<img src="x:" onerror="window.planted = true">';
      document.body.append(script, holder);
      return new Promise((resolve) =>
        setTimeout(() => resolve((window as { planted?: boolean }).planted ?? false), 300),
      );
    });
    expect(ran).toBe(false);
  });
});
