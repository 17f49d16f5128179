import { startingPantry } from '@/core/composition/pantry';
import fc from 'fast-check';
import { parsePlan } from '@/core/plan/document/parsePlan';
import type { Plan } from '@/core/plan/document/schema';
import { planWith } from '@/core/testing/plans';
import { advance, redo, startHistory, undo } from './history';
import { createDocumentEditor } from './documentEditor';
import type { Save, SaveAnswer } from './editorTypes';
import type { Drawer } from '../browser/drawer';
import { testWorld } from './testWorld';

const start = planWith();
const dosed = (plan: Plan, doseG: number): Plan => ({ ...plan, shape: { ...plan.shape, doseG } });

/** A world in the test's hands, with a store that answers as it is told. */
function standIn(answers: SaveAnswer<Plan>[] = []) {
  const sent: Save<Plan>[] = [];
  const { world, drawer, put, leave, pass } = testWorld<Plan>({
    async send(save) {
      sent.push(save);
      return answers.shift() ?? { kind: 'saved', edition: save.baseEdition + 1, revision: 1 };
    },
    loadReader: () => Promise.resolve((document) => parsePlan(document, startingPantry)),
  });
  return {
    world,
    sent,
    inDrawer: () => {
      const text = drawer();
      return text ? (JSON.parse(text) as { document: Plan }).document : null;
    },
    put,
    leave,
    async pass(ms: number) {
      pass(ms);
      for (let i = 0; i < 5; i += 1) await Promise.resolve();
    },
  };
}

const open = async (answers?: SaveAnswer<Plan>[]) => {
  const stand = standIn(answers);
  const editor = createDocumentEditor(stand.world, { document: start, edition: 1, revision: 1 });
  await stand.pass(0);
  const dose = () => editor.getSnapshot().document.shape.doseG;
  const setDose = (g: number, key = '') => editor.edit((plan) => dosed(plan, g), key);
  return { ...stand, editor, dose, setDose };
};

describe('history', () => {
  it('undoes to where it began and redoes to where it was, whatever came between', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1, maxLength: 50 }), (values) => {
        let history = startHistory<number>(0.5);
        values.forEach(
          (value, i) => (history = advance(history, value, { key: '', at: i * 1000 })),
        );
        const end = history.present;
        let back = history;
        while (back.past.length) back = undo(back);
        expect(back.present).toBe(0.5);
        while (back.future.length) back = redo(back);
        expect(back.present).toBe(end);
      }),
    );
  });

  it('takes a drag as one step and two drags as two', () => {
    let history = startHistory(0);
    for (const [value, time] of [
      [1, 0],
      [2, 100],
      [3, 200],
      [4, 5000],
      [5, 5100],
    ] as const) {
      history = advance(history, value, { key: 'dose', at: time });
    }
    expect(history.past).toEqual([0, 3]);
  });

  it('forgets what could be redone once something new is done', () => {
    const history = advance(undo(advance(startHistory(0), 1, { key: '', at: 0 })), 2, {
      key: '',
      at: 1,
    });
    expect(redo(history).present).toBe(2);
  });
});

describe('a drag and a sitting', () => {
  it('a drag is kept and sent when it ends, once', async () => {
    const { editor, inDrawer, pass, sent, dose } = await open();
    for (const g of [8.2, 8.4, 8.6]) editor.edit((plan) => dosed(plan, g), 'dose', true);
    expect(dose()).toBe(8.6);
    expect(inDrawer()).toBeNull();
    await pass(2000);
    expect(sent).toHaveLength(0);
    // It ends where it stands: the same value, now for good.
    editor.edit((plan) => plan, 'dose', false);
    expect(inDrawer()?.shape.doseG).toBe(8.6);
    await pass(600);
    expect(sent.map(({ document }) => document.shape.doseG)).toEqual([8.6]);
    editor.undo();
    expect(dose()).toBe(start.shape.doseG);
  });

  it('a drag is one step of undo, however slowly it goes, and its end at the same value none', async () => {
    const { editor, pass, dose, setDose } = await open();
    setDose(7);
    await pass(5000);
    for (const g of [8.2, 8.4, 8.6]) {
      editor.edit((plan) => dosed(plan, g), 'dose', true);
      await pass(3000);
    }
    editor.edit((plan) => dosed(plan, 8.6), 'dose', false);
    editor.undo();
    expect(dose()).toBe(7);
    editor.undo();
    expect(dose()).toBe(start.shape.doseG);
  });

  it('a part that is as it was is the very same one after any change', async () => {
    const { editor, setDose } = await open();
    const before = editor.getSnapshot().document;
    setDose(7);
    const after = editor.getSnapshot().document;
    expect(after.filling).toBe(before.filling);
    expect(after.dough.parts).toBe(before.dough.parts);
    expect(after.shape).not.toBe(before.shape);
  });

  it('what can be undone outlives the page, where the plan still is what it left', async () => {
    const first = await open();
    first.setDose(8);
    first.setDose(7);
    first.editor.undo();
    first.editor.remember();
    await first.pass(600);
    const again = createDocumentEditor(first.world, {
      document: dosed(start, 8),
      edition: 2,
      revision: 1,
    });
    await again.restore();
    expect(again.getSnapshot()).toMatchObject({ canUndo: true, canRedo: true });
    again.undo();
    expect(again.getSnapshot().document.shape.doseG).toBe(start.shape.doseG);

    first.world.drawer.clear();
    // Changed elsewhere since: those steps would lead to what nobody sees.
    const other = createDocumentEditor(first.world, {
      document: dosed(start, 5),
      edition: 9,
      revision: 2,
    });
    await other.restore();
    expect(other.getSnapshot().canUndo).toBe(false);
  });

  it('a save found late replaces nothing that was changed meanwhile', async () => {
    const { world } = await open();
    const saved = { document: dosed(start, 11), edition: 4 };
    const late = createDocumentEditor(
      { ...world, justSaved: () => saved },
      { document: start, edition: 3, revision: 1 },
    );
    const looking = late.restore();
    late.edit((plan) => dosed(plan, 12));
    await looking;
    expect(late.getSnapshot()).toMatchObject({ document: dosed(start, 12), restored: false });
    late.stop();
  });

  it('a page drawn from what stood before the last save shows that save, and goes on from it', async () => {
    const { world } = await open();
    const saved = { document: dosed(start, 11), edition: 4 };
    const at = (edition: number) =>
      createDocumentEditor(
        { ...world, justSaved: () => saved },
        { document: start, edition, revision: 1 },
      );
    const late = at(3);
    await late.restore();
    expect(late.getSnapshot()).toMatchObject({
      document: dosed(start, 11),
      save: { kind: 'saved' },
    });
    expect(late.unsaved()).toBeNull();
    late.edit((plan) => dosed(plan, 12));
    expect(late.unsaved()).toMatchObject({ baseEdition: 4 });
    late.stop();
    world.drawer.clear();
    // What the server shows is as new, or newer.
    for (const edition of [4, 5]) {
      const own = at(edition);
      await own.restore();
      expect(own.getSnapshot().document).toEqual(start);
    }
  });

  it('a page given anew what is stored goes on from it, with what it can undo', async () => {
    const { editor, world, dose, setDose, pass } = await open();
    // Steps of an earlier visit, that ended at what is stored now.
    const steps = { past: [start], present: dosed(start, 11), future: [] };
    world.memory.write(JSON.stringify(steps));
    editor.meet({ document: dosed(start, 11), edition: 4, revision: 3 });
    await pass(0);
    expect(dose()).toBe(11);
    expect(editor.getSnapshot()).toMatchObject({
      save: { kind: 'saved' },
      canUndo: true,
      revision: 3,
      joined: [],
    });
    // What was asked for before is older: nothing of it.
    editor.meet({ document: dosed(start, 10), edition: 3, revision: 2 });
    expect(dose()).toBe(11);
    setDose(12);
    expect(editor.unsaved()).toMatchObject({ baseEdition: 4 });
  });

  it('what is changed here and not sent is joined with what is stored meanwhile', async () => {
    const { editor, sent, dose, setDose, pass } = await open();
    setDose(12);
    const portions = { ...start, batch: { ...start.batch, portions: 9 } };
    editor.meet({ document: portions, edition: 4, revision: 3 });
    expect([dose(), editor.getSnapshot().document.batch.portions]).toEqual([12, 9]);
    await pass(1000);
    expect(sent.at(-1)).toMatchObject({ baseEdition: 4 });
    // Where both changed the same, the cook is asked.
    setDose(13);
    editor.meet({ document: dosed(portions, 15), edition: 9, revision: 5 });
    expect(editor.getSnapshot().save).toMatchObject({ kind: 'conflict' });
    expect(dose()).toBe(13);
  });

  it('brought back twice, as an effect that runs twice does, comes back once', async () => {
    const { editor, put, dose } = await open();
    put(JSON.stringify({ document: dosed(start, 11), edition: 1, base: start }));
    await Promise.all([editor.restore(), editor.restore()]);
    expect(dose()).toBe(11);
    editor.undo();
    expect(dose()).toBe(start.shape.doseG);
    expect(editor.getSnapshot().canUndo).toBe(false);
  });

  it('steps that cannot be read are forgotten, and nothing else is', async () => {
    const { editor, world } = await open();
    world.memory.write('{"past":[{"format":"soup"}],"present":1,"future":[]}');
    await editor.restore();
    expect(editor.getSnapshot().canUndo).toBe(false);
    expect(editor.getSnapshot().document).toEqual(start);
  });
});

/** The drawer of a window that is gone, with what it could not save. */
function draftLeft(document: Plan): Drawer {
  let text: string | null = JSON.stringify({ document, edition: 1, base: start });
  return { read: () => text, write: (next) => (text = next), clear: () => (text = null) };
}

describe('documentEditor', () => {
  it('saves when the hand rests, once for a run of changes', async () => {
    const { setDose, pass, sent, editor } = await open();
    setDose(8.5, 'dose');
    await pass(300);
    setDose(9, 'dose');
    await pass(300);
    expect(sent).toHaveLength(0);
    expect(editor.getSnapshot().save.kind).toBe('waiting');
    await pass(300);
    expect(sent.map(({ document }) => document.shape.doseG)).toEqual([9]);
    expect(editor.getSnapshot().save.kind).toBe('saved');
  });

  it('keeps every change on this device until it is stored', async () => {
    const { setDose, pass, inDrawer } = await open();
    setDose(9);
    expect(inDrawer()?.shape.doseG).toBe(9);
    await pass(600);
    expect(inDrawer()).toBeNull();
  });

  it('says why it cannot save, loses nothing, and tries again by itself', async () => {
    const { setDose, pass, editor, inDrawer, dose, sent } = await open([
      { kind: 'failed', why: 'no answer', again: true },
      { kind: 'failed', why: 'no answer', again: true },
    ]);
    setDose(9);
    await pass(600);
    expect(editor.getSnapshot().save).toEqual({ kind: 'failed', why: 'no answer' });
    expect(inDrawer()?.shape.doseG).toBe(9);
    await pass(2000);
    expect(sent).toHaveLength(2);
    await pass(2000);
    expect(sent).toHaveLength(2);
    await pass(2000);
    expect(editor.getSnapshot().save.kind).toBe('saved');
    expect(dose()).toBe(9);
  });

  it('sends what was changed while a save was under way', async () => {
    const { setDose, pass, sent, editor } = await open();
    setDose(9);
    await pass(499);
    const saving = pass(1);
    setDose(10);
    await saving;
    await pass(600);
    expect(sent.map(({ document }) => document.shape.doseG)).toEqual([9, 10]);
    expect(sent[1]?.baseEdition).toBe(2);
    expect(editor.getSnapshot().save.kind).toBe('saved');
  });

  it('brings back what an earlier visit could not save', async () => {
    const { editor, put, pass, sent, dose } = await open();
    put(JSON.stringify({ document: dosed(start, 11), edition: 1, base: start }));
    await editor.restore();
    expect(dose()).toBe(11);
    expect(editor.getSnapshot()).toMatchObject({ restored: true, canUndo: true });
    await pass(600);
    expect(sent[0]?.document.shape.doseG).toBe(11);
  });

  it('joins a draft of an earlier visit with what was saved since', async () => {
    const theirs = { ...start, batch: { ...start.batch, portions: 33 } };
    const stand = standIn([{ kind: 'conflict', theirs, edition: 5 }]);
    stand.put(JSON.stringify({ document: dosed(start, 11), edition: 4, base: start }));
    const editor = createDocumentEditor(stand.world, { document: theirs, edition: 5, revision: 1 });
    await editor.restore();
    await stand.pass(600);
    expect(editor.getSnapshot().document).toMatchObject({
      shape: { doseG: 11 },
      batch: { portions: 33 },
    });
  });

  it('asks about all that differs where an old draft does not say what it was made from', async () => {
    const theirs = dosed(start, 5);
    const stand = standIn([{ kind: 'conflict', theirs, edition: 5 }]);
    stand.put(JSON.stringify({ plan: dosed(start, 11), edition: 4 }));
    const editor = createDocumentEditor(stand.world, { document: theirs, edition: 5, revision: 1 });
    await editor.restore();
    await stand.pass(600);
    expect(editor.getSnapshot().save).toMatchObject({ kind: 'conflict', theirs });
    expect(editor.getSnapshot().document.shape.doseG).toBe(11);
  });

  it('takes what a window left that is gone, once, and leaves its own drawer first', async () => {
    const { editor, leave, dose, world } = await open();
    const left = draftLeft(dosed(start, 12));
    leave([left]);
    await editor.restore();
    expect(dose()).toBe(12);
    expect(left.read()).toBeNull();
    expect(world.drawer.read()).toContain('"doseG":12');
  });

  it('takes what is done before it has looked for no earlier visit, and leaves drafts where they lie', async () => {
    const { editor, leave, dose, setDose } = await open();
    const left = draftLeft(dosed(start, 12));
    leave([left]);
    const looking = editor.restore();
    setDose(9);
    await looking;
    expect(editor.getSnapshot().restored).toBe(false);
    expect(dose()).toBe(9);
    expect(left.read()).toContain('"doseG":12');
    editor.undo();
    expect(dose()).toBe(start.shape.doseG);
    expect(editor.getSnapshot().canUndo).toBe(false);
  });

  it('is not troubled by a draft it cannot read', async () => {
    const { editor, put, inDrawer } = await open();
    put('{"plan": 3');
    await editor.restore();
    expect(editor.getSnapshot()).toMatchObject({ restored: false, document: start });
    expect(inDrawer()).toBeNull();
  });

  it('refuses a change that would be no plan, says which field, and keeps the plan', async () => {
    const { setDose, editor, dose } = await open();
    setDose(-4);
    expect(editor.getSnapshot().refused).toMatch(
      /shape\.doseG: Dose must be a number from 0\.1 to 300 g/,
    );
    expect(dose()).toBe(start.shape.doseG);
    setDose(9);
    expect(editor.getSnapshot().refused).toBeNull();
  });

  it('gives a field the reason why its value was not taken, and says it nowhere else', async () => {
    const { editor, dose } = await open();
    expect(editor.tryEdit((plan) => dosed(plan, 900))).toMatch(
      /Dose must be a number from 0\.1 to 300 g/,
    );
    expect(editor.getSnapshot().refused).toBeNull();
    expect(dose()).toBe(start.shape.doseG);
    expect(editor.tryEdit((plan) => dosed(plan, 7))).toBeNull();
    expect(dose()).toBe(7);
  });

  it('takes a change at once, before the reader of whole documents has come', () => {
    const stand = standIn();
    const editor = createDocumentEditor(stand.world, { document: start, edition: 1, revision: 1 });
    editor.edit((plan) => dosed(plan, 9));
    expect(editor.getSnapshot().document.shape.doseG).toBe(9);
  });

  describe('when another window has saved', () => {
    const theirs = dosed(start, 5);
    const conflicted = async () => {
      const opened = await open([{ kind: 'conflict', theirs, edition: 7 }]);
      opened.setDose(9);
      await opened.pass(600);
      expect(opened.editor.getSnapshot().save.kind).toBe('conflict');
      return opened;
    };

    it('keeps mine over it when asked', async () => {
      const { editor, sent, pass, dose } = await conflicted();
      editor.keepMine();
      await pass(0);
      expect(sent[1]).toMatchObject({ baseEdition: 7 });
      expect(dose()).toBe(9);
      expect(editor.getSnapshot().save.kind).toBe('saved');
    });

    it('takes theirs when asked, mine one undo away', async () => {
      const { editor, dose } = await conflicted();
      editor.takeTheirs();
      expect(dose()).toBe(5);
      editor.undo();
      expect(dose()).toBe(9);
    });

    it('joins what each changed by itself, and says what came in', async () => {
      const portions = { ...start, batch: { ...start.batch, portions: 33 } };
      const { setDose, pass, sent, editor, inDrawer } = await open([
        { kind: 'conflict', theirs: portions, edition: 7 },
      ]);
      setDose(9);
      await pass(600);
      const { document, save, joined } = editor.getSnapshot();
      expect(document).toMatchObject({ shape: { doseG: 9 }, batch: { portions: 33 } });
      expect([save.kind, joined]).toEqual(['waiting', ['batch.portions']]);
      expect(inDrawer()).toEqual(document);
      await pass(600);
      expect(sent[1]).toMatchObject({ baseEdition: 7, document });
      expect(editor.getSnapshot().save.kind).toBe('saved');
      // What was mine alone is one undo away.
      editor.undo();
      expect(editor.getSnapshot().document.batch.portions).toBe(start.batch.portions);
    });

    it('asks about what both changed, and joins the rest whichever is kept', async () => {
      const both = { ...theirs, batch: { ...start.batch, portions: 33 } };
      const { setDose, pass, editor, sent } = await open([
        { kind: 'conflict', theirs: both, edition: 7 },
      ]);
      editor.edit((plan) => ({ ...plan, note: 'mine' }));
      setDose(9);
      await pass(600);
      expect(editor.getSnapshot().save).toMatchObject({ clashes: ['shape.doseG'] });
      editor.takeTheirs();
      await pass(600);
      expect(sent[1]?.document).toMatchObject({
        note: 'mine',
        shape: { doseG: 5 },
        batch: { portions: 33 },
      });
    });

    it('knows its own save again when its answer was lost', async () => {
      const { setDose, pass, sent, editor, dose } = await open([
        { kind: 'failed', why: 'no answer', again: true },
        { kind: 'conflict', theirs: dosed(start, 9), edition: 2 },
      ]);
      setDose(9);
      await pass(600);
      setDose(10);
      await pass(2000);
      await pass(600);
      expect(sent.map(({ document }) => document.shape.doseG)).toEqual([9, 10, 10]);
      expect(sent[2]?.baseEdition).toBe(2);
      expect(dose()).toBe(10);
      expect(editor.getSnapshot().save.kind).toBe('saved');
    });

    it('goes on taking changes meanwhile and sends none of them', async () => {
      const { setDose, pass, sent, dose } = await conflicted();
      setDose(10);
      await pass(5000);
      expect(dose()).toBe(10);
      expect(sent).toHaveLength(1);
    });
  });
});
