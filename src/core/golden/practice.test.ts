import { drillSet } from '../drills/drillSet';
import { DRILL_IDS, mark } from '../drills/drill';
import { drill, GENERIC_GEAR } from '../drills/drills';
import { comesTo } from '../paper/comesTo';
import { DECISION_IDS } from '../paper/decision';
import { DECISIONS } from '../paper/decisions';
import { paperBatch } from '../paper/paperBatch';
import { endingOf, nextDecision, standingAfter, type Chosen } from '../paper/play';
import { QUIRK_IDS } from '../paper/quirks';
import { table } from '../testing/table';

describe('exercises', () => {
  it.each(DRILL_IDS)('%s', (kind) => {
    const some = [3, 20_011, 704_003].map((seed) => {
      const each = drill(kind, seed);
      const off = typeof each.right === 'string' ? each.right : each.right.best * 1.1;
      return { ...each, marked: mark(each, off) };
    });
    expect(table(some)).toMatchSnapshot();
  });

  it('a set for a class', () => {
    expect(
      table(drillSet(12, { count: 12 }).map(({ kind, seed }) => ({ kind, seed }))),
    ).toMatchSnapshot();
  });
});

const CAREFUL = Object.fromEntries(
  DECISION_IDS.map((id) => [id, DECISIONS[id].careful]),
) as Required<Chosen>;

const LAST = Object.fromEntries(
  DECISION_IDS.map((id) => [id, Object.keys(DECISIONS[id].ways).at(-1)!]),
) as Required<Chosen>;

describe('batches on paper', () => {
  it.each(QUIRK_IDS)('with %s: what is shown at each decision, and what it comes to', (quirk) => {
    const batch = paperBatch(11, GENERIC_GEAR, [quirk]);
    const seen = DECISION_IDS.map((_id, i) =>
      nextDecision(
        batch,
        Object.fromEntries(DECISION_IDS.slice(0, i).map((past) => [past, CAREFUL[past]])),
      ),
    );
    const came = [CAREFUL, LAST].map((chosen) => comesTo(standingAfter(batch, chosen)));
    expect(table({ seen, came })).toMatchSnapshot();
  });

  it('and what each decision cost', () => {
    expect(table(endingOf(paperBatch(11), LAST))).toMatchSnapshot();
  });
});
