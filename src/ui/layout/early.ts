/** What was done to a field before the page listened. */
interface Typed {
  /** What stood in it then; of a check or one of a choice, `true` where it was on. */
  value: string;
  /** Enter was pressed in it. */
  enter?: true;
}

/** A button was pressed: once, however often, as nothing was seen of it. */
interface Pressed {
  /** What stood on it then. */
  words: string;
}

/** A form was sent off, by this button of it. */
interface Sent {
  by: HTMLElement | null;
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

declare global {
  interface Window {
    early?: {
      /** In the order of the first touch. */
      readonly told: Map<Element, Typed | Pressed | Sent>;
      /** From here on buttons and forms answer by themselves, and are noted no longer. */
      answered(): void;
      stop(): void;
    };
  }
}

/**
 * Notes what is typed, chosen and pressed in a page that the server drew, until it listens. Stands in the page's
 * head as text: it must be there before anything of the product is. A form that has nowhere to go by itself stays:
 * a browser would load the page anew, with what was typed, a passphrase too, in its address.
 */
export const NOTE_EARLY = `(() => {
  const told = new Map();
  let answers = false;
  const typed = ({ target, type, key }) => {
    if (!target.matches?.('input:not([type=file]), textarea, select')) return;
    const turns = target.type === 'checkbox' || target.type === 'radio';
    if (type !== 'keydown') told.set(target, { value: turns ? String(target.checked) : target.value });
    else if (key === 'Enter' && told.has(target)) told.get(target).enter = true;
  };
  const pressed = ({ target }) => {
    const button = target.closest?.('button, [role=button]');
    const sends = button?.type === 'submit' && button.form;
    if (button && !sends && !answers) told.set(button, { words: button.textContent });
  };
  const sent = (event) => {
    if (event.target.hasAttribute('action')) return;
    event.preventDefault();
    if (!answers) told.set(event.target, { by: event.submitter });
  };
  const notes = { input: typed, change: typed, keydown: typed, click: pressed, submit: sent };
  for (const kind in notes) addEventListener(kind, notes[kind], true);
  const stop = () => {
    for (const kind in notes) removeEventListener(kind, notes[kind], true);
  };
  window.early = { told, stop, answered: () => (answers = true) };
})()`;

/** Writes into a field as a hand does: told to whoever listens, though it is what stands there already. */
function write(field: HTMLInputElement | HTMLTextAreaElement, value: string): void {
  field.value = field.defaultValue;
  // The page’s own record of what stood there is passed by, so that it finds it changed.
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, value);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

/** One that is turned on and off. */
const turns = (field: Field): field is HTMLInputElement =>
  field.type === 'checkbox' || field.type === 'radio';

const stands = (field: Field): string => (turns(field) ? String(field.checked) : field.value);

/** What the server drew in it. */
function drawn(field: Field): string | undefined {
  if (turns(field)) return String(field.defaultChecked);
  if (!(field instanceof HTMLSelectElement)) return field.defaultValue;
  return [...field.options].find(({ defaultSelected }) => defaultSelected)?.value;
}

function typeAgain(field: Field, { value, enter }: Typed): void {
  // Some are set back to what was drawn as the page comes to listen; one that stands otherwise was seen since.
  if (!field.isConnected || ![value, drawn(field)].includes(stands(field))) return;
  if (field instanceof HTMLSelectElement) {
    field.value = value;
    field.dispatchEvent(new Event('change', { bubbles: true }));
  } else if (turns(field)) {
    // A press turns it over to where it stood.
    field.checked = value !== 'true';
    field.click();
  } else {
    write(field, value);
    if (enter) field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    if (document.activeElement !== field) {
      field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
    }
  }
}

function tellAgain(where: Element, told: Typed | Pressed | Sent): void {
  if ('value' in told) typeAgain(where as Field, told);
  else if ('by' in told) (where as HTMLFormElement).requestSubmit(told.by);
  // One that says something else by now is not the one that was meant.
  else if (where.isConnected && where.textContent === told.words) {
    where.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
  }
}

/**
 * Now the page listens: tells it what was typed, chosen and pressed before, which would else be shown and not known,
 * or do nothing.
 * @param when calls back once every part listens
 */
export function takeEarly(when: (tell: () => Promise<void>) => void): void {
  const { early } = window;
  if (!early) return;
  delete window.early;
  if (early.told.size === 0) return early.stop();
  // Noted up to then: Enter may follow what was typed before the page knows of it.
  when(async () => {
    early.stop();
    for (const [where, told] of early.told) {
      tellAgain(where, told);
      // What follows goes by what this came to, as it does under a hand.
      await new Promise((resolve) => setTimeout(resolve));
    }
  });
}
