/**
 * Whole eggs and lone yolks in words.
 * @example eggsText({ eggs: 4, yolks: 1 }) // '4 eggs + 1 yolk'
 */
export function eggsText({ eggs, yolks }: { eggs: number; yolks: number }): string {
  const words = [
    eggs > 0 && `${eggs} ${eggs === 1 ? 'egg' : 'eggs'}`,
    yolks > 0 && `${yolks} ${yolks === 1 ? 'yolk' : 'yolks'}`,
  ].filter(Boolean);
  return words.length ? words.join(' + ') : 'no egg';
}
