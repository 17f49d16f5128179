import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import { tool } from '../scripts/setup.mjs';

/** Short pieces of `npm run hardness` against the built server, from one seed. */
async function slice<T>(name: string): Promise<T> {
  const { stdout } = await promisify(execFile)(tool('tsx'), ['scripts/hardness/slice.ts', name]);
  return JSON.parse(stdout) as T;
}

test('bad requests to every route, page and action are refused, none by a fault', async () => {
  const { tried, refused, failed } = await slice<{
    tried: number;
    refused: number;
    failed: string[];
  }>('requests');
  expect(failed).toEqual([]);
  expect(refused / tried).toBeGreaterThan(0.3);
});

test('many at once, half reading and half saving, meet no error', async () => {
  const { reads, saves, errors } = await slice<{ reads: number; saves: number; errors: number }>(
    'load',
  );
  expect(errors).toBe(0);
  expect(Math.min(reads, saves)).toBeGreaterThan(5);
});
