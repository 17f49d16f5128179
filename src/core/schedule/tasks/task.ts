import type { Skill } from '../document/day';

/** What is done in a day. */
export const TASK_KINDS = {
  mix: { name: 'Mix', skill: 'mix' },
  knead: { name: 'Knead', skill: 'mix' },
  prepare: { name: 'Prepare', skill: 'cook' },
  bind: { name: 'Bind and season', skill: 'cook' },
  turn: { name: 'Roll, fill, seal', skill: 'fill' },
  ribbons: { name: 'Ribbons from trim', skill: 'roll' },
  bag: { name: 'Bag and label', skill: 'fill' },
  water: { name: 'Water on', skill: null },
  round: { name: 'Boil', skill: 'boil' },
  plate: { name: 'Plate', skill: 'plate' },
  handOver: { name: 'Hand over', skill: 'plate' },
  shares: { name: 'Weigh out shares', skill: 'mix' },
  demo: { name: 'Demonstration', skill: 'fill' },
  session: { name: 'Class at the bench', skill: 'fill' },
  pairsRoll: { name: 'Roll', skill: null },
  pairsFill: { name: 'Fill and seal', skill: null },
  takeHome: { name: 'Bag, label, clean down', skill: 'fill' },
} as const satisfies Record<string, { name: string; skill: Skill | null }>;

/** One pair of hands that rolls and fills. */
export const BOTH_ROLE = 'roll+fill';

/** A role that only hands of one pace at a shape take: what it takes them is known. */
export const paceRole = (role: string, shape: string, pace: number): string =>
  `${role}@${shape} ${pace.toFixed(2)}`;

export type TaskKind = keyof typeof TASK_KINDS;

/** Something that goes on by itself once a task is done, and is waited for. */
export interface DayWait {
  readonly kind: 'rest' | 'drain' | 'cool' | 'freeze' | 'dry';
  /** The task it begins with the end of, by its place. */
  readonly before: number;
  readonly minutes: number;
}

/** A task of the day, as it is shown; how long and by whom stands in the engine's task of the same place. */
export interface DayTask {
  /** The same as long as the day is made up the same: `friday/turn/3`, `dough:friday/mix`. */
  readonly id: string;
  readonly kind: TaskKind;
  /** What it is for: services by their ids. */
  readonly services: readonly string[];
  /** What of it: “celeriac”, “sheets 1 to 3”, “round 2 of 5”. */
  readonly of: string;
  /** How much, where it is a weight. */
  readonly g: number | null;
  /** Pieces made, boiled, plated or handed over. */
  readonly pieces: number | null;
  /** Sheets, or pairs of them, of a turn: the first, how many, and how long each lies open against its time. */
  readonly sheets: {
    readonly first: number;
    readonly count: number;
    readonly openMin: number;
    /** Longest one is open before it is filled, by the ways of doing it, min; what would dry is kept covered. */
    readonly usedMin: readonly number[];
  } | null;
  /** The pot, by its name. */
  readonly pot: string | null;
  /** How far its minutes may be off either way, as a share. */
  readonly sure: number;
}
