/** @jest-environment jsdom */
import { act, fireEvent } from '@testing-library/react';
import { useState } from 'react';
import { hydrateRoot, type Root } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { NOTE_EARLY, takeEarly } from './early';

/** What the form was told, in order. */
const told: string[] = [];

function Form() {
  const [text, setText] = useState('12');
  const [note, setNote] = useState('as drawn');
  const [cook, setCook] = useState('ines');
  const [shape, setShape] = useState('round');
  const [fluted, setFluted] = useState(true);
  const [presses, setPresses] = useState(0);
  const tell = <T,>(name: string, set: (value: T) => void, value: T) => {
    told.push(`${name} ${String(value)}`);
    set(value);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        told.push(`sent ${text}`);
      }}
    >
      <input
        name="text"
        value={text}
        onChange={(event) => tell('text', setText, event.target.value)}
        onKeyDown={({ key }) => told.push(`key ${key}`)}
        onBlur={() => told.push('left')}
      />
      <textarea
        name="note"
        value={note}
        onChange={(event) => tell('note', setNote, event.target.value)}
      />
      <select
        name="cook"
        value={cook}
        onChange={(event) => tell('cook', setCook, event.target.value)}
      >
        <option value="ines">Ines</option>
        <option value="otto">Otto</option>
      </select>
      {['round', 'square'].map((value) => (
        <input
          key={value}
          type="radio"
          name="shape"
          value={value}
          checked={shape === value}
          onChange={() => tell('shape', setShape, value)}
        />
      ))}
      <input
        type="checkbox"
        name="fluted"
        checked={fluted}
        onChange={(event) => tell('fluted', setFluted, event.target.checked)}
      />
      <button type="button" onClick={() => tell('presses', setPresses, presses + 1)}>
        Add one
      </button>
      <button>Make it</button>
    </form>
  );
}

const field = <T extends HTMLElement = HTMLInputElement>(selector: string) =>
  document.querySelector<T>(selector)!;

/** Tells the page what was noted, to the last. */
const tellNow = () =>
  act(async () => {
    let told: Promise<void> | undefined;
    takeEarly((tell) => {
      told = tell();
    });
    await told;
  });

/** The server's page, with hands on it before it listens; then it listens. */
async function page(early: () => void): Promise<Root> {
  told.length = 0;
  document.body.innerHTML = `<div id="app">${renderToString(<Form />)}</div>`;
  window.eval(NOTE_EARLY);
  early();
  let root: Root;
  window.early!.answered();
  await act(async () => {
    root = hydrateRoot(field('#app'), <Form />);
  });
  await tellNow();
  return root!;
}

const typeInto = (selector: string, value: string) =>
  fireEvent.input(field(selector), { target: { value } });

describe('what was done before the page listened', () => {
  it('is told to it: text, lines of text, a choice of many, of a few, a check', async () => {
    await page(() => {
      typeInto('[name=text]', '20');
      typeInto('[name=note]', 'thin edge');
      fireEvent.change(field('select'), { target: { value: 'otto' } });
      field('[value=square]').click();
      field('[name=fluted]').click();
    });
    expect(told).toEqual(
      expect.arrayContaining([
        'text 20',
        'note thin edge',
        'cook otto',
        'shape square',
        'fluted false',
      ]),
    );
    expect(field('[name=text]').value).toBe('20');
    expect(field<HTMLTextAreaElement>('textarea').value).toBe('thin edge');
    expect(field<HTMLSelectElement>('select').value).toBe('otto');
    expect(field('[value=square]').checked).toBe(true);
    expect(field('[name=fluted]').checked).toBe(false);
  });

  it('is told once, the last of what was typed', async () => {
    await page(() => {
      typeInto('[name=text]', '2');
      typeInto('[name=text]', '20');
    });
    expect(told.filter((each) => each.startsWith('text'))).toEqual(['text 20']);
    await tellNow();
    expect(told.filter((each) => each.startsWith('text'))).toHaveLength(1);
  });

  it('ends with Enter where that was pressed, and with leaving where the hand is elsewhere', async () => {
    await page(() => {
      typeInto('[name=text]', '20');
      fireEvent.keyDown(field('[name=text]'), { key: 'Enter' });
    });
    expect(told).toEqual(['text 20', 'key Enter', 'left']);
    await page(() => {
      field('[name=text]').focus();
      typeInto('[name=text]', '21');
    });
    expect(told).toEqual(['text 21']);
  });

  it('a button pressed is pressed, once, unless it says something else by now', async () => {
    const button = () => field<HTMLButtonElement>('button[type=button]');
    await page(() => {
      button().click();
      button().click();
      typeInto('[name=text]', '20');
    });
    expect(told).toEqual(['presses 1', 'text 20', 'left']);
    await page(() => {
      button().click();
      window.early!.told.set(button(), { words: 'Take one' });
    });
    expect(told).toEqual([]);
  });

  it('a button that answers by itself already is not pressed again', async () => {
    await page(() => {});
    window.eval(NOTE_EARLY);
    window.early!.answered();
    await act(async () => field<HTMLButtonElement>('button[type=button]').click());
    await tellNow();
    expect(told).toEqual(['presses 1']);
  });

  it('a form sent off stays on its page, and goes off with what was typed', async () => {
    const left = jest.fn();
    window.addEventListener('submit', ({ defaultPrevented }) => left(!defaultPrevented), {
      once: true,
    });
    await page(() => {
      typeInto('[name=text]', '20');
      field<HTMLButtonElement>('form > button:last-child').click();
    });
    expect(left).toHaveBeenCalledWith(false);
    expect(told).toEqual(['text 20', 'left', 'sent 20']);
  });

  it('is left alone where nothing was done, or where it was seen already', async () => {
    await page(() => {});
    expect(told).toEqual([]);
    document.body.innerHTML = `<div id="app">${renderToString(<Form />)}</div>`;
    window.eval(NOTE_EARLY);
    typeInto('[name=text]', '20');
    await act(async () => void hydrateRoot(field('#app'), <Form />));
    await act(async () => void typeInto('[name=text]', '25'));
    told.length = 0;
    await tellNow();
    expect(field('[name=text]').value).toBe('25');
    expect(told.filter((each) => each !== 'text 25')).toEqual(['left']);
  });

  it('is noted no longer once the page listens, and nothing waits where nothing was done', async () => {
    window.eval(NOTE_EARLY);
    const when = jest.fn();
    takeEarly(when);
    expect(when).not.toHaveBeenCalled();
    await page(() => {});
    typeInto('[name=text]', '30');
    expect(window.early).toBeUndefined();
  });
});
