import fc from 'fast-check';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { createDocumentEditor } from './documentEditor';
import type { Save, SaveAnswer } from './editorTypes';
import { testWorld } from './testWorld';

const start = planWith();
const dosed = (plan: Plan, doseG: number): Plan => ({ ...plan, shape: { ...plan.shape, doseG } });

/** What a cook, a clock and a line may do, in any order. */
type Act =
  | { readonly do: 'set'; readonly g: number }
  | { readonly do: 'undo' | 'redo' | 'flush' }
  | { readonly do: 'wait'; readonly ms: number }
  | { readonly do: 'line'; readonly up: boolean }
  | { readonly do: 'other'; readonly g: number }
  | { readonly do: 'settle'; readonly mine: boolean };

const anyAct: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({ do: fc.constant('set' as const), g: fc.integer({ min: 1, max: 40 }) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constantFrom('undo' as const, 'redo' as const, 'flush' as const),
    }),
  },
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant('wait' as const),
      ms: fc.integer({ min: 0, max: 3000 }),
    }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('line' as const), up: fc.boolean() }) },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('other' as const),
      g: fc.integer({ min: 41, max: 59 }),
    }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('settle' as const), mine: fc.boolean() }) },
);

/** A store as the server keeps one: a save that does not follow the newest edition is a conflict. */
function store() {
  let plan = start;
  let edition = 1;
  let up = true;
  let waiting: (() => void)[] = [];
  return {
    plan: () => plan,
    answer() {
      const due = waiting;
      waiting = [];
      due.forEach((go) => go());
    },
    setUp: (now: boolean) => (up = now),
    /** Another window saves. */
    other(g: number) {
      plan = dosed(plan, g);
      edition += 1;
    },
    /** Answers only when time passes: changes may come while a save is under way. */
    async send(save: Save<Plan>): Promise<SaveAnswer<Plan>> {
      await new Promise<void>((resolve) => waiting.push(resolve));
      if (!up) return { kind: 'failed', why: 'No line', again: true };
      if (save.baseEdition !== edition) return { kind: 'conflict', theirs: plan, edition };
      plan = save.document;
      edition += 1;
      return { kind: 'saved', edition, revision: 1 };
    },
  };
}

function open() {
  const server = store();
  const { world, drawer, pass } = testWorld<Plan>({
    send: (save) => server.send(save),
    loadReader: async () => (document) => document as Plan,
  });
  const editor = createDocumentEditor<Plan>(world, { document: start, edition: 1, revision: 1 });
  const settle = async () => {
    for (let i = 0; i < 8; i += 1) await Promise.resolve();
  };
  return {
    server,
    editor,
    kept: () => {
      const text = drawer();
      return text ? (JSON.parse(text) as { document: Plan }).document.shape.doseG : null;
    },
    settle,
    async wait(ms: number) {
      server.answer();
      pass(ms);
      await settle();
    },
  };
}

type Opened = ReturnType<typeof open>;

async function act({ server, editor, wait, settle }: Opened, what: Act): Promise<void> {
  switch (what.do) {
    case 'set':
      editor.edit((plan) => dosed(plan, what.g));
      break;
    case 'undo':
      editor.undo();
      break;
    case 'redo':
      editor.redo();
      break;
    case 'flush':
      void editor.flush();
      break;
    case 'wait':
      return wait(what.ms);
    case 'line':
      server.setUp(what.up);
      break;
    case 'other':
      server.other(what.g);
      break;
    case 'settle':
      if (what.mine) editor.keepMine();
      else editor.takeTheirs();
      break;
  }
  return settle();
}

describe('a plan being worked on, whatever cook, clock and line do', () => {
  const acts = fc.array(anyAct, { maxLength: 40 });

  it('always has what is on the page either in the store or on this device', async () => {
    await fc.assert(
      fc.asyncProperty(acts, async (all) => {
        const opened = open();
        for (const each of all) {
          await act(opened, each);
          const { document: plan, save } = opened.editor.getSnapshot();
          if (save.kind !== 'saved') expect(opened.kept()).toBe(plan.shape.doseG);
          else expect(opened.kept()).toBeNull();
        }
        opened.editor.stop();
      }),
      { numRuns: 150 },
    );
  });

  it('comes to rest with the store holding the page, once the line is up and conflicts are settled', async () => {
    await fc.assert(
      fc.asyncProperty(acts, fc.boolean(), async (all, mine) => {
        const opened = open();
        const { editor, server, wait } = opened;
        for (const each of all) await act(opened, each);
        server.setUp(true);
        for (let i = 0; i < 6; i += 1) {
          await act(opened, { do: 'settle', mine });
          void editor.flush();
          await wait(60_000);
        }
        const { document: plan, save } = editor.getSnapshot();
        expect(save.kind).toBe('saved');
        expect(opened.kept()).toBeNull();
        expect(editor.unsaved()).toBeNull();
        // Another window may have saved since: then the page learns of it at its own next save.
        const others = all.some((each) => each.do === 'other');
        if (!others) expect(server.plan().shape.doseG).toBe(plan.shape.doseG);
        editor.stop();
      }),
      { numRuns: 150 },
    );
  });

  it('goes back to the beginning by undo and forward again by redo', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 1, max: 40 }), { maxLength: 30 }),
        async (doses) => {
          const { editor } = open();
          const seen = doses.map((g) => {
            editor.edit((plan) => dosed(plan, g));
            return editor.getSnapshot().document.shape.doseG;
          });
          while (editor.getSnapshot().canUndo) editor.undo();
          expect(editor.getSnapshot().document).toBe(start);
          while (editor.getSnapshot().canRedo) editor.redo();
          expect(editor.getSnapshot().document.shape.doseG).toBe(seen.at(-1) ?? start.shape.doseG);
          editor.stop();
        },
      ),
    );
  });
});
