import { spawnSync } from 'node:child_process';
import { get, type IncomingHttpHeaders } from 'node:http';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { chromium, type APIRequestContext } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS, tool } from '../scripts/setup.mjs';
import { anotherPage, expect, listens, test as base } from './kitchen';
import { PLAIN_NAME, startServer, type Served } from './server';

const PASSPHRASES = { '': 'the house of pasta', Ines: 'bench of pasta', Otto: 'only looking on' };

/** The same kitchen, listening beyond its machine. */
const test = base.extend<object, { server: Served }>({
  server: [
    async ({}, hand, { parallelIndex }) => {
      const server = await startServer(parallelIndex, {
        beyond: (database) => {
          for (const [cook, role] of [
            ['', 'plan'],
            ['Ines', 'bench'],
            ['Otto', 'look'],
          ] as const) {
            const args = ['passphrase', '--cook', cook, '--role', role, '--db', database];
            spawnSync(tool('tsx'), ['src/cli/mortar.ts', ...args], { input: PASSPHRASES[cook] });
          }
        },
      });
      await hand(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
});

test.describe('beyond its own machine', () => {
  test.use({ expectedErrors: [/40[13] \((Unauthorized|Forbidden)\)/] });

  test('the kitchen asks who comes, and leads on to what was asked for', async ({ page }) => {
    await page.goto('/plans/celeriac-friday');
    await expect(page).toHaveURL(/\/door\?to=/);
    await page.getByRole('textbox', { name: /Passphrase/ }).fill('not this one at all');
    await page.keyboard.press('Enter');
    await expect(page.getByText('That name and passphrase do not go together.')).toBeVisible();
    await page.getByRole('textbox', { name: /Passphrase/ }).fill(PASSPHRASES['']);
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/plans\/celeriac-friday$/);
    await expect(page.getByRole('heading', { name: /celeriac/i }).first()).toBeVisible();
    await page.goto('/kitchen/door');
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page).toHaveURL(/\/door\?to=/);
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    expect((await page.request.get('/api/archive')).status()).toBe(401);
  });

  test('a key opens what it is for, and no more', async ({ page }) => {
    const enter = (name: keyof typeof PASSPHRASES) =>
      page.request.post('/api/door', { data: { name, passphrase: PASSPHRASES[name] } });
    const tried = async () => ({
      look: (await page.request.get('/api/plans/celeriac-friday')).status(),
      tap: (await page.request.post('/api/devices', { data: { lines: [] } })).status(),
      plan: (await page.request.post('/api/plans', { data: {} })).status(),
      take: (await page.request.get('/api/archive')).status(),
    });
    expect((await enter('Otto')).status()).toBe(200);
    expect(await tried()).toEqual({ look: 200, tap: 403, plan: 403, take: 403 });
    await page.goto('/kitchen');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Otto’s now');
    await page.keyboard.press('Tab');
    await expect(page.getByText(/Your key lets you look, not change/)).toBeVisible();
    expect((await enter('Ines')).status()).toBe(200);
    expect(await tried()).toEqual({ look: 200, tap: 200, plan: 403, take: 403 });
    expect((await enter('')).status()).toBe(200);
    expect(await tried()).toEqual({ look: 200, tap: 200, plan: 400, take: 200 });
  });

  test('a name in the network works over a line that is not encrypted', async ({ server }) => {
    const browser = await chromium.launch({
      executablePath: CHROMIUM,
      args: [...CHROMIUM_ARGS, `--host-resolver-rules=MAP ${PLAIN_NAME} 127.0.0.1`],
    });
    const page = await browser.newPage({
      baseURL: server.url.replace('127.0.0.1', PLAIN_NAME),
    });
    const errors: string[] = [];
    page.on('pageerror', ({ message }) => errors.push(message));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    await page.goto('/door?to=/plans/crab-half-moons/log');
    await listens(page);
    await expect(page.getByText(/This line is not encrypted/)).toBeVisible();
    await page.getByRole('textbox', { name: /Passphrase/ }).fill(PASSPHRASES['']);
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/log$/);
    await listens(page);
    expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
    await page.getByLabel('Pieces made').fill('77');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('region', { name: 'Entries' })).toContainText('77 whole of 77');
    await page.goto('/plans/celeriac-friday?at=count');
    await listens(page);
    await page.getByRole('textbox', { name: 'Portions', exact: true }).fill('11');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('save-state')).toHaveText('✓ Saved');
    expect(errors).toEqual([]);
    await browser.close();
  });

  test('a link leads to one batch for whoever has it, until it is taken back', async ({
    page,
    browser,
    baseURL,
  }) => {
    await page.request.post('/api/door', { data: { name: '', passphrase: PASSPHRASES[''] } });
    const { runs } = (await (await page.request.get('/api/runs')).json()) as {
      runs: { id: string }[];
    };
    await page.goto(`/logbook/${runs[0]!.id}`);
    await page.getByRole('button', { name: 'Make a link to look at it' }).click();
    const link = await page.getByRole('textbox', { name: /Whoever has this/ }).inputValue();
    const other = await anotherPage(await browser.newContext({ baseURL }));
    await other.goto(link);
    await expect(other.getByRole('region', { name: 'As it went' })).toBeVisible();
    await expect(other.getByRole('button')).toHaveCount(0);
    await other.goto('/logbook');
    await expect(other).toHaveURL(/\/door/);
    await page.getByRole('button', { name: 'Take the link back' }).click();
    await expect(page.getByText('No link leads here any more')).toBeVisible();
    await other.goto(link);
    await expect(other).toHaveURL(/\/door/);
    await other.context().close();
  });
});

test.describe('the parts a page is made of', () => {
  const partOf = async (request: APIRequestContext, url: string) =>
    /\/_next\/static\/[^"']+\.js/.exec(await (await request.get(`${url}/door`)).text())![0];

  /** As they come over the line: fetched without taking them apart. */
  const raw = (url: string, headers: Record<string, string>) =>
    new Promise<{ status: number; headers: IncomingHttpHeaders; body: Buffer }>((done, failed) => {
      get(url, { headers }, (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () =>
          done({ status: answer.statusCode!, headers: answer.headers, body: Buffer.concat(parts) }),
        );
      }).on('error', failed);
    });

  test('come hinted, and compressed as the browser takes them, past the same door', async ({
    server,
    request,
  }) => {
    const part = server.url + (await partOf(request, server.url));
    const plain = await raw(part, {});
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(String(plain.body)).toMatch(/^\/\/# allFunctionsCalledOnLoad\n/);
    for (const [takes, encoding, apart] of [
      ['gzip, deflate, br, zstd', 'br', brotliDecompressSync],
      ['gzip, deflate', 'gzip', gunzipSync],
      ['br;q=0, gzip', 'gzip', gunzipSync],
    ] as const) {
      const packed = await raw(part, { 'accept-encoding': takes });
      expect(packed.headers).toMatchObject({
        'content-encoding': encoding,
        'content-type': 'application/javascript; charset=UTF-8',
        'cache-control': 'public, max-age=31536000, immutable',
        vary: 'Accept-Encoding',
        'x-content-type-options': 'nosniff',
        'cross-origin-embedder-policy': 'require-corp',
      });
      expect(packed.body.length).toBeLessThan(plain.body.length);
      expect(apart(packed.body).equals(plain.body)).toBe(true);
    }
  });

  test('are refused under a foreign name in words that can be read', async ({
    server,
    request,
  }) => {
    const part = server.url + (await partOf(request, server.url));
    const refused = await raw(part, { 'accept-encoding': 'br', host: 'elsewhere.test' });
    expect(refused.status).toBe(421);
    expect(refused.headers['content-encoding']).toBeUndefined();
    expect(JSON.parse(String(refused.body))).toHaveProperty(
      'error',
      expect.stringContaining('does not answer by that name'),
    );
  });
});
