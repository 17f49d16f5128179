interface KeyPress {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly shiftKey: boolean;
  readonly altKey: boolean;
}

/**
 * Whether a key press is the one a command names.
 * @example matchesKeys('mod+z', { key: 'z', ctrlKey: true, … }) // true
 */
export function matchesKeys(keys: string, press: KeyPress): boolean {
  const wanted = keys.split('+');
  const key = wanted[wanted.length - 1] ?? '';
  const mod = press.ctrlKey || press.metaKey;
  if (press.altKey || mod !== wanted.includes('mod')) return false;
  if (press.key.toLowerCase() !== key) return false;
  // Signs such as ? need Shift on some keyboards and not on others.
  const letter = /^[a-z]$/.test(key);
  return !letter || press.shiftKey === wanted.includes('shift');
}

/** Keys as they are written for people: `mod+z` → `Ctrl Z`. */
export const keysText = (keys: string): string =>
  keys
    .split('+')
    .map((key) => ({ mod: 'Ctrl', shift: 'Shift' })[key] ?? key.toUpperCase())
    .join(' ');
