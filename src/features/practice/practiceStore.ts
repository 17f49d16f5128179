import * as z from 'zod';
import { drillAnswerSchema, type DrillAnswer } from '@/core/drills/skill';
import type { Drawer } from '@/ui/browser/drawer';

/** What this device knows of a cook's practice. */
export interface Practice {
  /** Empty while nobody is named: what is answered then stays on this device. */
  readonly cook: string;
  /** In the order they were given. */
  readonly answers: readonly DrillAnswer[];
  /** Answers that the kitchen does not have yet, and whose they are. */
  readonly waiting: readonly { readonly cook: string; readonly answer: DrillAnswer }[];
}

/** What the kitchen answers. */
export interface PracticeServer {
  /**
   * Hands answers over, and asks for all that cook's.
   * @returns null when it will never take them
   * @throws when the line is down, or this device may not
   */
  exchange(cook: string, answers: readonly DrillAnswer[]): Promise<readonly DrillAnswer[] | null>;
}

/** A cook's practice on one device: kept there, and handed to the kitchen when there is a line. */
export interface PracticeStore {
  read(): Practice;
  subscribe(onChange: () => void): () => void;
  /** Keeps one more answer, here at once and in the kitchen when it can. */
  keep(answer: DrillAnswer): void;
  /** Says whose hand it is. What was answered before anybody was named goes along. */
  name(cook: string): void;
  /** Hands over what waits. One call at a time does the work. */
  exchange(): Promise<void>;
}

/** Older ones are let go on the device; the kitchen keeps them. */
const MOST = 800;

/** So many go up at once. */
const TOGETHER = 100;

const keptSchema = z.object({
  cook: z.string().max(60),
  answers: z.array(z.unknown()),
  waiting: z.array(z.object({ cook: z.string(), answer: z.unknown() })),
});

/** What a drawer holds; what cannot be read any more is left out. */
function readFrom(drawer: Drawer, otherwise: string): Practice {
  const answerIn = (value: unknown) => drillAnswerSchema.safeParse(value).data;
  try {
    const { cook, answers, waiting } = keptSchema.parse(JSON.parse(drawer.read() ?? ''));
    return {
      cook,
      answers: answers.flatMap((each) => answerIn(each) ?? []),
      waiting: waiting.flatMap(({ cook: whose, answer }) => {
        const read = answerIn(answer);
        return read ? [{ cook: whose, answer: read }] : [];
      }),
    };
  } catch {
    return { cook: otherwise, answers: [], waiting: [] };
  }
}

/** Answers of two lists, each once, in the order they were given. */
function joined(a: readonly DrillAnswer[], b: readonly DrillAnswer[]): DrillAnswer[] {
  const byId = new Map([...a, ...b].map((answer) => [answer.id, answer]));
  return [...byId.values()].sort((x, y) => x.at.localeCompare(y.at)).slice(-MOST);
}

/**
 * A practice over a drawer and a kitchen.
 * @param cook who it is on a device that has kept no practice yet
 */
export function createPractice(
  drawer: Drawer,
  server: PracticeServer,
  { cook: first = '' }: { cook?: string } = {},
): PracticeStore {
  let state = readFrom(drawer, first);
  let busy: Promise<void> | null = null;
  const listeners = new Set<() => void>();
  const set = (next: Practice) => {
    state = next;
    drawer.write(JSON.stringify(next));
    listeners.forEach((tell) => tell());
  };
  const without = (sent: readonly DrillAnswer[]) => {
    const ids = new Set(sent.map(({ id }) => id));
    return state.waiting.filter(({ answer }) => !ids.has(answer.id));
  };
  const work = async () => {
    for (;;) {
      // What waits may be another cook's, answered before this one took the device.
      const cook = state.waiting[0]?.cook ?? state.cook;
      if (cook === '') return;
      const load = state.waiting
        .filter((each) => each.cook === cook)
        .slice(0, TOGETHER)
        .map(({ answer }) => answer);
      const had = await server.exchange(cook, load);
      const waiting = without(load);
      const own = cook === state.cook && had;
      set({ ...state, waiting, answers: own ? joined(had, state.answers) : state.answers });
      if (waiting.length === 0 && cook === state.cook) return;
    }
  };
  const exchange = () =>
    (busy ??= work()
      // Without a line it waits; the next answer, or the next page, tries again.
      .catch(() => {})
      .finally(() => (busy = null)));
  return {
    read: () => state,
    subscribe(onChange) {
      listeners.add(onChange);
      return () => listeners.delete(onChange);
    },
    keep(answer) {
      const { cook } = state;
      set({
        cook,
        answers: joined(state.answers, [answer]),
        waiting: cook === '' ? state.waiting : [...state.waiting, { cook, answer }],
      });
      void exchange();
    },
    name(cook) {
      if (cook === state.cook) return;
      const along = state.cook === '' ? state.answers : [];
      set({
        cook,
        answers: along,
        waiting: [...state.waiting, ...along.map((answer) => ({ cook, answer }))],
      });
      void exchange();
    },
    exchange,
  };
}
