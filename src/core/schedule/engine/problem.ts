/** A stretch of time, minutes from a common origin; its end does not belong to it. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Somebody who works: what they can do, and when they are there. */
export interface Hand {
  readonly id: string;
  readonly skills: readonly string[];
  /** In order, none touching another. */
  readonly hours: readonly Span[];
}

/** Gear of which there is so much at any moment: a roller, burners, room for trays. */
export interface Gear {
  readonly id: string;
  readonly capacity: number;
  /** It is used only then: somebody must be there. At all times when left out. */
  readonly hours?: readonly Span[];
}

/** So much of a piece of gear, by its place in the problem. */
export interface Use {
  readonly gear: number;
  readonly amount: number;
}

/** One way to do a task. */
export interface Mode {
  /** Whole minutes, 1 or more. */
  readonly minutes: number;
  /** What each pair of hands does: a skill for each. None when it needs nobody. */
  readonly roles: readonly string[];
  /** Minutes from its start that hands are at it, from and to; the rest goes on by itself. */
  readonly attended: Span;
  readonly uses: readonly Use[];
}

export interface Task {
  readonly id: string;
  /** What it belongs to: the same hands stay with it where they can. */
  readonly group: string;
  readonly modes: readonly Mode[];
  /** Tasks that are all done in the same way have the same number; null for one on its own. */
  readonly together: number | null;
  /** Not begun before, and ended by, minutes; ±Infinity where nothing is asked. */
  readonly release: number;
  readonly deadline: number;
  /** Where it stands already: what is done, being done, or put there by the cook. */
  readonly fixed: Placed | null;
  /** Done, or being done: it stands as it was, whatever limits it broke. */
  readonly done: boolean;
}

/** One task after another. */
export interface Link {
  readonly before: number;
  readonly after: number;
  /** Least minutes from the end of the one to the start of the other; below 0 they may overlap. */
  readonly least: number;
  /** How much of that is only to spare, for what comes late. */
  readonly spare?: number;
  /** Most minutes between them; null when it can wait for ever. */
  readonly most: number | null;
  /** Room that is taken while it waits. */
  readonly waitsIn: Use | null;
}

/** What is unwelcome but allowed, each in minutes of a longer day that it counts as. */
export interface Dislikes {
  /** A minute somebody stands about between two tasks. */
  readonly idle: number;
  /** Turning from one group to another. */
  readonly switching: number;
  /** A minute of somebody's work outside these hours of the day. */
  readonly late: number;
  readonly dayFrom: number;
  readonly dayTo: number;
  /** A minute that a task is done before it must be, shared out over all tasks. */
  readonly early: number;
  /** A minute of one pair of hands: what two do in half the time is no shorter for them. */
  readonly work: number;
  /** A minute that a task is moved from where it stood, and hands changed, where something stood. */
  readonly moved: number;
}

/** What is to be put on one clock. Links never run in a ring. */
export interface Problem {
  readonly tasks: readonly Task[];
  readonly links: readonly Link[];
  readonly hands: readonly Hand[];
  readonly gear: readonly Gear[];
  readonly dislikes: Dislikes;
  /** What stood before, by task: changed as little as possible. */
  readonly stood: readonly (Placed | null)[] | null;
}

/** A task on the clock. */
export interface Placed {
  readonly start: number;
  readonly mode: number;
  /** Hands by their place in the problem, one for each role; fewer where nobody could be found. */
  readonly hands: readonly number[];
}

/** Every task on the clock. */
export type Schedule = readonly Placed[];

/** Nothing is disliked: the day is as short as can be. */
export const NO_DISLIKES: Dislikes = {
  idle: 0,
  switching: 0,
  late: 0,
  dayFrom: 0,
  dayTo: 1440,
  early: 0,
  work: 0,
  moved: 0,
};

/** When hands are at a task. */
export const attendedIn = ({ tasks }: Problem, index: number, { start, mode }: Placed): Span => {
  const { from, to } = tasks[index]!.modes[mode]!.attended;
  return { from: start + from, to: start + to };
};

/** When a task ends. */
export const endOf = ({ tasks }: Problem, index: number, { start, mode }: Placed): number =>
  start + tasks[index]!.modes[mode]!.minutes;
