import { modelOf } from '../../risk/modelOf';
import { startingBasis } from '../../basis/basis';
import { planWith } from '../../testing/plans';
import { benchTime } from './benchTime';
import { ladderOf } from './ladder';

const at = (people: number, portions = 12) =>
  modelOf(
    planWith({ batch: { portions }, sheet: { ...planWith().sheet, people } } as never),
    startingBasis,
  );

describe('time at the bench', () => {
  it('is every portion through its ladder, then every piece by the hands there are', () => {
    const model = at(1);
    const { portions, seconds } = ladderOf(model);
    const rolled = portions.count + (portions.lastG > 0 ? 1 : 0);
    const time = benchTime(model);
    expect(time.rollMin).toBeCloseTo((rolled * seconds) / 60, 9);
    expect(time.fillMin).toBeCloseTo(
      (model.batch.batch.counts.made * model.sheet.fill.secondsPerPiece) / 60,
      9,
    );
    expect(time.totalMin).toBeCloseTo(time.rollMin + time.fillMin, 9);
  });

  it('two pairs of hands fill twice as fast, and roll no faster', () => {
    const [one, two] = [benchTime(at(1)), benchTime(at(2))];
    expect(two.fillMin).toBeCloseTo(one.fillMin / 2, 6);
    expect(two.rollMin).toBeCloseTo(one.rollMin, 6);
  });

  it('what a ladder’s portions weigh is the dough that is rolled', () => {
    const model = at(1);
    const { count, eachG, lastG } = ladderOf(model).portions;
    const { inG, leftoverG, endTrimG } = model.batch.batch.dough;
    expect(count * eachG + lastG).toBeCloseTo(inG - leftoverG - endTrimG, 0);
  });
});
