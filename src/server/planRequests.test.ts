import { startingPantry } from '@/core/composition/pantry';
import { planWith } from '@/core/testing/plans';
import { PlanError } from '@/core/plan/document/planError';
import { outcome } from './outcome';
import { answer, parseSave, readBody } from './planRequests';
import { VaultProblem } from './vault/problem';
import { NotFoundError } from './repositories/notFound';

const request = (body: string) => new Request('http://kitchen.test/', { method: 'POST', body });
const quietly = async <T>(run: () => T): Promise<T> => {
  const spy = jest.spyOn(console, 'error').mockImplementation(() => {});
  try {
    return await run();
  } finally {
    spy.mockRestore();
  }
};

describe('readBody', () => {
  it('reads JSON', async () => {
    await expect(readBody(request('{"a":1}'))).resolves.toEqual({ a: 1 });
  });

  it.each([
    ['broken JSON', '{"a":', 'body: must be JSON'],
    ['too much', `"${'x'.repeat(600_000)}"`, 'body: must be at most 512 kB'],
  ])('refuses %s', async (_what, body, message) => {
    await expect(readBody(request(body))).rejects.toThrow(message);
  });
});

describe('parseSave', () => {
  const plan = planWith();

  it('reads a save', () => {
    expect(parseSave({ plan, baseEdition: 3, sitting: 's' }, startingPantry)).toEqual({
      plan,
      baseEdition: 3,
      sitting: 's',
    });
  });

  it.each([
    [{ plan, sitting: 's' }, /baseEdition must be a whole number from 1/],
    [{ plan, baseEdition: 1, sitting: 'x'.repeat(70) }, /at most 60|sitting/i],
    [{ plan: { ...plan, version: 5 }, baseEdition: 1, sitting: 's' }, /later version/],
    [{ baseEdition: 1, sitting: 's' }, /plan: must be an object/],
  ])('refuses what is no save', (body, message) => {
    expect(() => parseSave(body, startingPantry)).toThrow(message);
  });
});

describe('answer', () => {
  it.each([
    [
      new PlanError('shape.doseG: Dose must be …', 'shape.doseG'),
      400,
      'shape.doseG: Dose must be …',
    ],
    [new NotFoundError('plan', 'zz'), 404, 'There is no plan "zz"'],
    [
      new VaultProblem('notAKitchen', 'it is empty'),
      422,
      expect.stringMatching(/isn’t a Mortar Sheet file/),
    ],
    [
      Object.assign(new Error('inner'), { code: 'SQLITE_FULL' }),
      507,
      expect.stringMatching(/^The disk is full/),
    ],
    [
      new Error('wrapped', { cause: Object.assign(new Error('inner'), { code: 'SQLITE_BUSY' }) }),
      503,
      expect.stringMatching(/Another program/),
    ],
    [
      new Error('SQLITE_FULL: secret path'),
      500,
      'It could not be written. Nothing stored was changed.',
    ],
  ])('turns %s into %p', async (error, status, message) => {
    const response = await quietly(() => answer(() => Promise.reject(error), 'look'));
    expect(response.status).toBe(status);
    expect(await response.json()).toMatchObject({ error: message });
  });
});

describe('outcome', () => {
  it('gives the value, or one clear message and where it belongs', async () => {
    expect(await outcome(() => 5)).toEqual({ ok: true, value: 5 });
    const refuse = (error: Error) =>
      quietly(() =>
        outcome(() => {
          throw error;
        }),
      );
    expect(await refuse(new PlanError('no', 'batch'))).toEqual({
      ok: false,
      error: 'no',
      path: 'batch',
    });
    expect(await refuse(new NotFoundError('plan', 'q'))).toEqual({
      ok: false,
      error: 'There is no plan "q"',
    });
    expect(await refuse(new Error('inner'))).toMatchObject({
      ok: false,
      error: expect.not.stringContaining('inner'),
    });
  });
});
