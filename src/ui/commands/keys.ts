interface KeyPress {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly shiftKey: boolean;
  readonly altKey: boolean;
}

/**
 * Whether a key press is one that a command names; `|` parts two ways to the same.
 * @example matchesKeys('mod+z', { key: 'z', ctrlKey: true, … }) // true
 */
export const matchesKeys = (keys: string, press: KeyPress): boolean =>
  keys.split('|').some((each) => matchesOne(each, press));

function matchesOne(keys: string, press: KeyPress): boolean {
  const wanted = keys.split('+');
  const key = wanted[wanted.length - 1] ?? '';
  const mod = press.ctrlKey || press.metaKey;
  if (press.altKey || mod !== wanted.includes('mod')) return false;
  if (press.key.toLowerCase() !== key) return false;
  // Signs such as ? need Shift on some keyboards and not on others.
  const letter = /^[a-z]$/.test(key);
  return !letter || press.shiftKey === wanted.includes('shift');
}

/** Keys as they are written for people, the first where there are two: `mod+z` → `Ctrl Z`. */
export const keysText = (keys: string): string =>
  (keys.split('|')[0] ?? '')
    .split('+')
    .map((key) => ({ mod: 'Ctrl', shift: 'Shift' })[key] ?? key.toUpperCase())
    .join(' ');
