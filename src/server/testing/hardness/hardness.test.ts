import { seeded } from '@/core/testing/kitchens';
import { tryBadInputs } from './badInputs';
import { killWriters, writeTogether } from './kills';
import { canWatchDisk, cutPower } from './powerCut';

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

  const watching = canWatchDisk() ? describe : describe.skip;
  watching('a power cut', () => {
    it('takes nothing that was answered', () => {
      const { answered, ...cut } = cutPower(6, seeded(3));
      expect(cut).toEqual({ lost: 0, broken: 0 });
      expect(answered).toBeGreaterThan(40);
    });

    it('would be seen to, were answers given before they are on the disk', () => {
      expect(cutPower(6, seeded(3), { synchronous: 'OFF' }).lost).toBeGreaterThan(10);
    });
  });

  it('two processes write to one file, and neither loses anything', async () => {
    const { answered, ...cut } = await writeTogether(2, 500);
    expect(cut).toEqual({ lost: 0, broken: 0 });
    expect(answered).toBeGreaterThan(2);
  });
});
