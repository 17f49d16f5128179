import { doughIn } from '../bowls';
import { foldingWords } from '../../shapes/foldSteps';
import { familyOf } from '../../shapes/families';
import type { Laid } from '../../shapes/mound';
import type { Rung } from '../../sheet/ladder';
import type { Bench, BenchStep } from './step';

const LAID: Readonly<Record<Laid, string>> = {
  ball: 'rolled to a ball',
  ring: 'gathered under the sheet with a dull ring',
  piped: 'piped tall',
  spooned: 'spooned tall',
};

const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;

/** Cutting the dough in portions. */
export const portion: BenchStep = {
  id: 'portion',
  title: () => 'Portion',
  needs: ['rest'],
  applies: ({ result }) => result.sheet.count > 0,
  meanwhile: false,
  tests: ['dough'],
  show: ({ ladder, result, state, write, split }) => {
    const { count, eachG, lastG, sheetsEach } = ladder.portions;
    const overG = doughIn(result, state) - count * eachG - lastG;
    return {
      figure: split(count > 0 ? eachG : lastG, 'g'),
      does: count > 0 ? `cut ${plural(count, 'portion')}` : 'one portion',
      says: [
        ...(count > 0 && lastG > 0 ? [`and one of ${write(lastG, 'g')}.`] : []),
        ...(overG >= 5 ? [`${write(overG, 'g')} is over: keep it for ribbons.`] : []),
        `Pat each to ${write(ladder.rough.widthMm, 'mm')} × ${write(ladder.rough.lengthMm, 'mm')}; it gives ${plural(sheetsEach, 'sheet')}.`,
        'What is not being rolled stays wrapped.',
      ],
      lines: [],
      timer: null,
      asks: 'It is cut',
    };
  },
};

/** The rungs of one portion, by the cook's own dial. */
export const roll: BenchStep = {
  id: 'roll',
  title: () => 'Roll',
  needs: ['portion'],
  applies: ({ result }) => result.sheet.count > 0,
  meanwhile: false,
  tests: ['thicknessMm', 'hangMm'],
  show: ({ plan, result, ladder, state, write }) => {
    const { rungs, portions } = ladder;
    const pin = plan.sheet.roller.drive === 'pin';
    const lines = rungs.map((rung, i) => ({
      item: `${portionNow(state.sheets.length, portions.sheetsEach)}.${i}`,
      name: `${pin ? rung.label : `Dial ${rung.label}`}: ${rungText(rung)}`,
      amount: write(rung.thicknessMm, 'mm'),
      g: null,
    }));
    const at = lines.findIndex(({ item }) => !state.ticked.has(`roll/${item}`));
    const rung = rungs[at < 0 ? rungs.length - 1 : at];
    return {
      figure: rung ? { text: rung.label, unit: pin ? '' : 'on the dial' } : null,
      does: rung ? rungText(rung) : 'rolled',
      says: [
        rung ? `Leaves ${write(rung.thicknessMm, 'mm')}, ${write(rung.lengthMm, 'mm')} long.` : '',
        rung?.mayTear ? 'It may tear here: go slowly.' : '',
        plan.sheet.roller.drive === 'powered'
          ? 'Fingers, hair and sleeves away from the rollers.'
          : '',
      ].filter(Boolean),
      lines,
      timer: { timer: 'open', minutes: result.sheet.fill.openMin, name: 'The sheet is down' },
      asks: at < 0 || at === rungs.length - 1 ? 'The sheet is down' : 'Next setting',
    };
  },
};

/** Which portion is being rolled after so many sheets. */
export const portionNow = (sheetsDone: number, sheetsEach: number): number =>
  Math.floor(sheetsDone / Math.max(1, sheetsEach)) + 1;

function rungText({ kind, repeats, dust, cut, stop }: Rung): string {
  return [
    kind === 'fold'
      ? `letter fold, ${repeats === 1 ? 'once' : `${repeats} times`}`
      : repeats === 1
        ? 'once through'
        : repeats === 2
          ? 'twice through'
          : `${repeats} times through`,
    dust ? 'dust first' : '',
    cut ? 'then cut in half' : '',
    stop ? 'and stop' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Pieces that the sheet in hand should give: the pattern's, no more than the batch wants. */
export const piecesOfSheet = ({ result, state }: Bench): number =>
  Math.max(1, Math.min(result.layout.pieces, result.pieces - state.pieces));

/** Filling, closing and cutting, sheet by sheet. */
export const fill: BenchStep = {
  id: 'fill',
  title: () => 'Fill and seal',
  needs: ['roll', 'cool'],
  applies: ({ result }) => result.sheet.count > 0,
  meanwhile: false,
  tests: ['doses', 'pieces', 'doughLeft', 'fillingLeft'],
  show: (bench) => {
    const { plan, result, live, split, write } = bench;
    const family = familyOf(plan.shape.family);
    const { dose } = live.bowls;
    const [pieces, of] = [piecesOfSheet(bench), result.layout.laying.sheets];
    return {
      figure: split(dose.aim, 'g'),
      does: family.usesLaid ? `a mound on every mark, ${LAID[plan.shape.laid]}` : 'in every piece',
      says: [
        ...(Math.abs(dose.comesOut / dose.aim - 1) < 0.015
          ? []
          : [
              `Aim for it: yours come out as ${write(dose.comesOut, 'g')}, and the bowl allows for that.`,
            ]),
        ...foldingWords(family, plan.shape.laid),
      ],
      lines: [],
      timer: { timer: 'open', minutes: result.sheet.fill.openMin, name: 'A sheet is down' },
      asks: `${of === 2 ? 'Pair' : 'Sheet'} sealed: ${plural(pieces, 'piece')}`,
    };
  },
};
