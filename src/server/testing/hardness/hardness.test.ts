import { seeded } from '@/core/testing/kitchens';
import { tryBadInputs } from './badInputs';
import { cutPower, killWriters, writeTogether } from './kills';

/** A short piece of `npm run hardness`, from one seed. */
describe('hardness', () => {
  it('bad inputs are refused in words and break nothing', async () => {
    const { tried, refused, crashes } = await tryBadInputs(13_000, seeded(1));
    expect(crashes).toEqual([]);
    expect(refused / tried).toBeGreaterThan(0.3);
  });

  it('what was answered outlives a kill', async () => {
    expect(await killWriters(2, seeded(2))).toMatchObject({ lost: 0, broken: 0 });
  });

  it('what was answered outlives a power cut', async () => {
    expect(await cutPower(3, seeded(3))).toMatchObject({ lost: 0, broken: 0 });
  });

  it('two processes write to one file, and neither loses anything', async () => {
    const { answered, ...cut } = await writeTogether(2, 500);
    expect(cut).toEqual({ lost: 0, broken: 0 });
    expect(answered).toBeGreaterThan(2);
  });
});
