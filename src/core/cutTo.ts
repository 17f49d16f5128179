/**
 * The beginning of a text, no longer than so many UTF-16 units, never ending on half of a letter.
 * @example cutTo('basil 🌿', 7) // 'basil '
 */
export const cutTo = (text: string, most: number): string =>
  text.length <= most ? text : text.slice(0, most).replace(/[\uD800-\uDBFF]$/, '');
