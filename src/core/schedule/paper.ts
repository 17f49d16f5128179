import { classShares, classShareText } from './classShares';
import { PAIRS, pairsTasks } from './timetable/pairs';
import type { Basis } from '../basis/basis';
import { conflictTexts, containsText } from '../plan/contentsText';
import { cautionsFor } from '../plan/questions/cautions';
import { planNeeds, shoppingList, type ShoppingLine } from '../shopping/shoppingList';
import type { WriteFigure } from '../units/format';
import { dayAfter, momentAt } from './document/clock';
import { isToMake } from './tasks/service';
import type { DayWork } from './tasks/work';
import { blocksOf } from './timetable/blocks';
import type { Timetable } from './timetable/timetable';
import { planNames } from './timetable/words';

/** What of a day is asked for on paper. */
export const DAY_SHEETS = ['people', 'bowls', 'shopping', 'allergens', 'labels'] as const;

export type DaySheet = (typeof DAY_SHEETS)[number];

/** A line of somebody's list. */
export interface ListLine {
  /** A day, as 2026-11-27. */
  readonly date: string;
  readonly from: string;
  readonly to: string;
  readonly does: string;
  /** What for, with whom, how much may slip. */
  readonly says: string;
}

/** A label for a bag or a tray. */
export interface DayLabel {
  readonly title: string;
  readonly count: string;
  readonly made: string;
  readonly useBy: string;
  readonly contains: string;
  readonly cook: string;
}

/** Everything a day puts on paper, in the user's units. */
export interface DayPaper {
  readonly title: string;
  readonly note: string;
  /** Done the evening before, a line each. */
  readonly nightBefore: readonly string[];
  readonly people: readonly { readonly name: string; readonly lines: readonly ListLine[] }[];
  readonly bowls: readonly {
    readonly title: string;
    readonly rows: readonly { readonly name: string; readonly amount: string }[];
    readonly shares: readonly string[];
  }[];
  readonly allergens: readonly {
    readonly name: string;
    /** A day, as 2026-11-27, and its hour as the reader's clock has it. */
    readonly date: string;
    readonly time: string;
    /** A sentence: what it contains and may contain. */
    readonly contains: string;
    readonly diet: string;
    /** Why its guests may not be given it, where they may not. */
    readonly conflicts: readonly string[];
  }[];
  readonly labels: readonly DayLabel[];
  readonly shopping: readonly ShoppingLine[];
  readonly cautions: readonly string[];
}

const MINUTES_A_DAY = 1440;

/** What a day puts on paper. */
export function dayPaper(
  work: DayWork,
  timetable: Timetable,
  basis: Basis,
  write: WriteFigure,
): DayPaper {
  const { day, services, doughs, fillings } = work;
  const names = new Map(day.people.map(({ id, name }) => [id, name]));
  const nameOf = (id: string) => services.find(({ service }) => service.id === id)?.plan.name ?? id;
  return {
    title: day.name,
    note: day.note,
    nightBefore: nightBeforeLines(work),
    people: [
      ...day.people.map(({ id, name }) => ({
        name,
        lines: blocksOf(timetable, id).map((block): ListLine => {
          const g = block.tasks.length === 1 ? block.tasks[0]!.g : null;
          const others = block.others.map((other) => names.get(other) ?? other);
          return {
            date: momentAt(block.fromMin, day.date).slice(0, 10),
            from: write(block.fromMin, 'timeOfDay'),
            to: write(block.toMin, 'timeOfDay'),
            does: g === null ? block.name : `${block.name}, ${write(g, 'g')}`,
            says: [
              planNames(work, block.services),
              others.length > 0 ? `with ${others.join(' and ')}` : '',
              block.slackMin > 0 ? `may slip ${block.slackMin} min` : '',
            ]
              .filter(Boolean)
              .join('; '),
          };
        }),
      })),
      ...pairsOf(work, timetable, write),
    ],
    bowls: [
      ...doughs.map(({ totalG, parts, shares, services: of }) => ({
        title: `Dough, ${write(totalG, 'g')}: ${of.map(({ plan }) => plan.name).join(', ')}`,
        rows: parts.map(({ name, g, count }) => ({
          name: count ? `${name}, ${count.n} ${count.word}${count.n === 1 ? '' : 's'}` : name,
          amount: write(g, 'g'),
        })),
        shares: [
          ...(shares.length > 1
            ? shares.map(({ service, g }) => `${write(g, 'g')} to ${nameOf(service)}`)
            : []),
          ...of.flatMap(({ service, result }) =>
            service.kind === 'class'
              ? [classShareText(write(classShares(service, result).doughG, 'g'), service.pairs)]
              : [],
          ),
        ],
      })),
      ...fillings.map(({ totalG, parts, shares, services: of }) => ({
        title: `Filling, ${write(totalG, 'g')}: ${of.map(({ plan }) => plan.name).join(', ')}`,
        rows: parts.map(({ name, preparation, preparationName, g, preparedG }) => ({
          name:
            preparation === 'raw'
              ? name
              : `${name}, ${preparationName.toLowerCase()}: ${write(preparedG, 'g')} ready`,
          amount: write(g, 'g'),
        })),
        shares: [
          ...(shares.length > 1
            ? shares.map(({ service, g }) => `${write(g, 'g')} to ${nameOf(service)}`)
            : []),
          ...of.flatMap(({ service, result }) =>
            service.kind === 'class'
              ? [classShareText(write(classShares(service, result).fillingG, 'g'), service.pairs)]
              : [],
          ),
        ],
      })),
    ],
    allergens: services.map(({ plan, result, atMin }) => ({
      name: plan.name,
      date: momentAt(atMin, day.date).slice(0, 10),
      time: write(atMin, 'timeOfDay'),
      contains: containsText(result.contents),
      diet: result.contents.piece.diet,
      conflicts: conflictTexts(result.contents.conflicts),
    })),
    labels: labelsOf(work, timetable, basis, write),
    shopping: shoppingList(
      services.map((each) => planNeeds(each.plan, each.result, { made: !isToMake(each) })),
      basis.pantry,
    ),
    cautions: [...new Set(services.flatMap(({ plan }) => cautionsFor(plan, basis.pantry)))],
  };
}

/** What the pairs of a class do, and when: a list beside those of the people. */
function pairsOf(work: DayWork, timetable: Timetable, write: WriteFigure): DayPaper['people'] {
  const lines = pairsTasks(timetable).map((task): ListLine => ({
    date: momentAt(task.fromMin, work.day.date).slice(0, 10),
    from: write(task.fromMin, 'timeOfDay'),
    to: write(task.toMin, 'timeOfDay'),
    does: task.name,
    says: planNames(work, task.services),
  }));
  return lines.length > 0 ? [{ name: PAIRS, lines }] : [];
}

/** What is set to drain the evening before: `The evening before: ricotta, drained overnight (Tortelloni).` */
export const nightBeforeLines = (work: Pick<DayWork, 'services' | 'nightBefore'>): string[] =>
  work.nightBefore.map(
    ({ of, services }) => `The evening before: ${of} (${planNames(work, services)}).`,
  );

/** A label for the trays or bags of each turn at the bench. */
function labelsOf(
  { day, services }: DayWork,
  timetable: Timetable,
  { rules }: Basis,
  write: WriteFigure,
): DayLabel[] {
  return services.flatMap(({ service, plan, result, frozen, perTray }) => {
    const keepsDays = frozen
      ? rules['day.frozenKeeps'].value
      : Math.floor(rules['hold.fridgeLimit'].value / MINUTES_A_DAY);
    const cooking = frozen ? result.boil.fromFrozen : result.boil.fresh;
    const label = (pieces: number, toMin: number): DayLabel => {
      const made = momentAt(toMin, day.date).slice(0, 10);
      return {
        title: plan.name,
        count: pieces === 1 ? '1 piece' : `${pieces} pieces`,
        made,
        useBy: dayAfter(made, keepsDays),
        contains: containsText(result.contents),
        cook: frozen
          ? `From frozen, never thawed: ${write(cooking.potMin, 'min')} in salted water, gently.${core(result.safeCore.tempC, write)} Keep at −18 °C.`
          : `${write(cooking.potMin, 'min')} in salted water, gently.${core(result.safeCore.tempC, write)} Keep at 5 °C or below.`,
      };
    };
    const own = timetable.tasks.filter(({ services: of }) => of.includes(service.id));
    if (service.kind === 'class') {
      // One for each pair to take home.
      const { pairs, piecesEach } = classShares(service, result);
      const home = own.find(({ kind }) => kind === 'takeHome');
      return home ? Array.from({ length: pairs }, () => label(piecesEach, home.toMin)) : [];
    }
    return own
      .filter(({ kind }) => kind === 'turn')
      .flatMap((turn): DayLabel[] => {
        let left = turn.pieces ?? 0;
        const labels: DayLabel[] = [];
        while (left > 0) {
          const here = Math.min(perTray, left);
          left -= here;
          labels.push(label(here, turn.toMin));
        }
        return labels;
      });
  });
}

const core = (tempC: number | null, write: WriteFigure): string =>
  tempC === null ? '' : ` ${write(tempC, 'C')} in the middle.`;
