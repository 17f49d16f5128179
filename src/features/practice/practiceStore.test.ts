import type { DrillAnswer } from '@/core/drills/skill';
import type { Drawer } from '@/ui/browser/drawer';
import { createPractice, type PracticeServer } from './practiceStore';

const memory = (text: string | null = null): Drawer & { text: string | null } => ({
  text,
  read() {
    return this.text;
  },
  write(next) {
    this.text = next;
  },
  clear() {
    this.text = null;
  },
});

const answer = (i: number): DrillAnswer => ({
  id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
  kind: 'dose',
  seed: i,
  given: 5,
  right: i % 2 === 0,
  sure: null,
  at: new Date(Date.UTC(2026, 10, 1, 9, i)).toISOString(),
});

/** A kitchen that can be cut off, and may answer late. */
function kitchen() {
  const kept = new Map<string, DrillAnswer[]>();
  const state = { up: true, refuses: false, asked: 0 };
  const server: PracticeServer = {
    async exchange(cook, answers) {
      state.asked += 1;
      await Promise.resolve();
      if (!state.up) throw new Error('no line');
      if (state.refuses) return null;
      const own = kept.get(cook) ?? [];
      const ids = new Set(own.map(({ id }) => id));
      kept.set(cook, [...own, ...answers.filter(({ id }) => !ids.has(id))]);
      return kept.get(cook)!;
    },
  };
  return { kept, state, server };
}

const settle = async () => {
  for (let i = 0; i < 20; i += 1) await Promise.resolve();
};

describe('a practice', () => {
  it('stays on the device while nobody is named, and goes along with the first name', async () => {
    const { kept, server, state } = kitchen();
    const practice = createPractice(memory(), server);
    practice.keep(answer(1));
    await settle();
    expect(state.asked).toBe(0);
    practice.name('Runa');
    practice.keep(answer(2));
    await settle();
    expect(kept.get('Runa')!.map(({ seed }) => seed)).toEqual([1, 2]);
    expect(practice.read().waiting).toEqual([]);
  });

  it('waits without a line, over a new page too, and is handed over once', async () => {
    const { kept, server, state } = kitchen();
    const drawer = memory();
    state.up = false;
    const before = createPractice(drawer, server, { cook: 'Runa' });
    before.keep(answer(1));
    before.keep(answer(2));
    await settle();
    expect(before.read().waiting).toHaveLength(2);
    state.up = true;
    const after = createPractice(drawer, server);
    expect(after.read().answers).toHaveLength(2);
    await after.exchange();
    await after.exchange();
    expect(kept.get('Runa')).toHaveLength(2);
    expect(after.read().waiting).toEqual([]);
  });

  it('brings what the cook answered elsewhere, and keeps what is newer here', async () => {
    const { kept, server } = kitchen();
    kept.set('Runa', [answer(1), answer(3)]);
    const practice = createPractice(memory(), server, { cook: 'Runa' });
    practice.keep(answer(2));
    await settle();
    expect(practice.read().answers.map(({ seed }) => seed)).toEqual([1, 2, 3]);
  });

  it('hands over what one cook left before another took the device', async () => {
    const { kept, server, state } = kitchen();
    state.up = false;
    const practice = createPractice(memory(), server, { cook: 'Runa' });
    practice.keep(answer(1));
    practice.name('Ivo');
    expect(practice.read().answers).toEqual([]);
    practice.keep(answer(2));
    await settle();
    state.up = true;
    await practice.exchange();
    expect(kept.get('Runa')).toHaveLength(1);
    expect(kept.get('Ivo')).toHaveLength(1);
    expect(practice.read().answers.map(({ seed }) => seed)).toEqual([2]);
  });

  it('does not send for ever what will never be taken', async () => {
    const { server, state } = kitchen();
    state.refuses = true;
    const practice = createPractice(memory(), server, { cook: 'Runa' });
    practice.keep(answer(1));
    await settle();
    expect(practice.read()).toMatchObject({ waiting: [], answers: [{ seed: 1 }] });
    expect(state.asked).toBeLessThan(4);
  });

  it('begins anew from a drawer that cannot be read, and leaves out what is no answer', () => {
    const { server } = kitchen();
    expect(createPractice(memory('{ half'), server, { cook: 'Runa' }).read()).toEqual({
      cook: 'Runa',
      answers: [],
      waiting: [],
    });
    const odd = JSON.stringify({
      cook: '',
      answers: [answer(1), { kind: 'juggling' }],
      waiting: [],
    });
    expect(createPractice(memory(odd), server).read().answers).toHaveLength(1);
  });

  it('tells those who listen', () => {
    const { server } = kitchen();
    const practice = createPractice(memory(), server);
    const heard = jest.fn();
    const leave = practice.subscribe(heard);
    practice.keep(answer(1));
    leave();
    practice.keep(answer(2));
    expect(heard).toHaveBeenCalledTimes(1);
  });
});
