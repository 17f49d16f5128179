/** What was done to a field before the page listened. */
interface Told {
  /** What stood in it then; of a check or one of a choice, `true` where it was on. */
  value: string;
  /** Enter was pressed in it. */
  enter?: true;
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

declare global {
  interface Window {
    early?: { readonly told: Map<Field, Told>; stop(): void };
  }
}

/**
 * Notes what is typed and chosen in a page that the server drew, until it listens. Stands in the page's head as
 * text: it must be there before anything of the product is.
 */
export const NOTE_EARLY = `(() => {
  const told = new Map();
  const note = ({ target, type, key }) => {
    if (!target.matches?.('input:not([type=file]), textarea, select')) return;
    const turns = target.type === 'checkbox' || target.type === 'radio';
    if (type !== 'keydown') told.set(target, { value: turns ? String(target.checked) : target.value });
    else if (key === 'Enter' && told.has(target)) told.get(target).enter = true;
  };
  const kinds = ['input', 'change', 'keydown'];
  for (const kind of kinds) addEventListener(kind, note, true);
  const stop = () => kinds.forEach((kind) => removeEventListener(kind, note, true));
  window.early = { told, stop };
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

function tellAgain(field: Field, { value, enter }: Told): void {
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

/**
 * Now the page listens: tells it what was typed and chosen before, which would else be shown and not known.
 * @param when calls back once every part listens
 */
export function takeEarly(when: (tell: () => void) => void): void {
  const { early } = window;
  if (!early) return;
  delete window.early;
  if (early.told.size === 0) return early.stop();
  // Noted up to then: Enter may follow what was typed before the page knows of it.
  when(() => {
    early.stop();
    early.told.forEach((told, field) => tellAgain(field, told));
  });
}
