import { plateLine, plateRounds, type PlateRound } from '../plating';
import type { Bench, BenchStep } from './step';

const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;

/** The batch's rounds on their way to the plates. */
export const platesOf = ({ plan, result, state }: Bench): readonly PlateRound[] =>
  plateRounds(
    plan,
    state,
    state.pieces > 0 ? state.pieces : result.pieces,
    result.boil.rounds.pieces,
  );

/** The round in hand: the first that is not plated; null when all are. */
export const plateNow = (bench: Bench): PlateRound | null =>
  platesOf(bench).find(({ plated }) => !plated) ?? null;

/** From the pot through the sauce to the plate, round by round. */
export const plate: BenchStep = {
  id: 'plate',
  title: () => 'Plate',
  needs: ['boil'],
  // Pieces that were all kept back for another day are on no plate yet.
  applies: ({ result, state }) =>
    result.pieces > 0 && !(state.done.has('boil') && state.boiled === 0),
  meanwhile: false,
  tests: [],
  show: (bench) => {
    const { plan, rules, write } = bench;
    const { sauceMin } = plan.boil;
    const broth = plan.serving === 'broth';
    const each = plan.batch.piecesPerPortion;
    const rounds = platesOf(bench);
    const now = rounds.find(({ plated }) => !plated) ?? null;
    const waitsMin = rules['day.boiledWaits'].value;
    return {
      figure: now
        ? {
            text: String(now.plates),
            unit: `${broth ? 'bowl' : 'plate'}${now.plates === 1 ? '' : 's'}`,
          }
        : null,
      does: !now
        ? 'All plated'
        : broth
          ? `${each} in each, broth over them`
          : sauceMin > 0
            ? `${each} on each, after ${write(sauceMin, 'min')} in the sauce`
            : `${each} on each, dressed, on hot plates`,
      says: [
        ...(broth
          ? ['Boil them in the pot, not in the broth: starch clouds it.']
          : [
              'Lift them into the pan with a ladle of their water.',
              ...(sauceMin > 0 ? ['Swirl the pan; a spoon tears them.'] : []),
            ]),
        `Serve within ${write(waitsMin, 'min')}: in the sauce they go on softening.`,
      ],
      lines: rounds.map(({ n, pieces, plates }) => ({
        item: plateLine(n),
        name: `Round ${n} of ${rounds.length}: ${plural(pieces, 'piece')}`,
        amount: plural(plates, broth ? 'bowl' : 'plate'),
        g: null,
      })),
      timer:
        !broth && sauceMin > 0
          ? { timer: 'sauce', minutes: sauceMin, name: 'They are in the sauce' }
          : null,
      asks: now ? `Plated: ${plural(now.plates, broth ? 'bowl' : 'plate')}` : 'All plated',
    };
  },
};
