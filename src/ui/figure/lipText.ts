/**
 * A lip in words: a mound past the edge leaves none, not less than nothing.
 * @example lipText(7.4, write) // '7.4 mm lip'
 * @example lipText(-3, write) // 'no lip'
 */
export const lipText = (lipMm: number, write: (value: number, unit: 'mm') => string): string =>
  lipMm > 0 ? `${write(lipMm, 'mm')} lip` : 'no lip';
