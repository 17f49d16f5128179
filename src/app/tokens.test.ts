import { readFileSync } from 'node:fs';

const CSS = readFileSync('src/app/globals.css', 'utf8');

type Theme = 'light' | 'dark';

/** A token's colour in a theme. */
function token(name: string, theme: Theme): string {
  const value = new RegExp(`--${name}: ([^;]+);`).exec(CSS)![1]!;
  const both = /light-dark\((#\w+), (#\w+)\)/.exec(value);
  return both ? both[theme === 'light' ? 1 : 2]! : value;
}

/** Relative luminance of an sRGB colour, 0 to 1 (WCAG 2.2). */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const part = parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}

function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (light! + 0.05) / (dark! + 0.05);
}

const THEMES = ['light', 'dark'] as const;

describe.each(THEMES)('in the %s theme', (theme) => {
  const of = (name: string) => token(name, theme);

  it('black on white comes to 21', () => expect(contrast('#000000', '#ffffff')).toBeCloseTo(21));

  it.each(['board', 'board-raised', 'band', 'board-line'])(
    'a focus ring is seen on %s',
    (ground) => {
      expect(contrast(of('focus'), of(ground))).toBeGreaterThanOrEqual(3);
    },
  );

  it.each(['bench', 'bench-raised'])('a focus ring is seen on the slate’s %s', (ground) => {
    expect(contrast(of('focus-slate'), of(ground))).toBeGreaterThanOrEqual(3);
  });

  it('a focus ring is seen on what is chosen, and on a verdict', () => {
    expect(contrast(of('focus-on-ink'), of('ink'))).toBeGreaterThanOrEqual(3);
    for (const verdict of ['verdict-edge', 'verdict-fails', 'verdict-holds'])
      expect(contrast(of('verdict-ink'), of(verdict))).toBeGreaterThanOrEqual(3);
  });

  it.each([
    ['ink', 'board'],
    ['ink-dim', 'board'],
    ['ink-dim', 'board-raised'],
    ['ochre', 'board'],
    ['brick', 'board'],
    ['verdigris', 'board'],
    ['ochre', 'board-raised'],
    ['brick', 'board-raised'],
    ['chalk', 'bench'],
    ['chalk-dim', 'bench'],
    ['chalk-dim', 'bench-raised'],
    ['ochre-slate', 'bench'],
    ['brick-slate', 'bench'],
    ['verdigris-slate', 'bench'],
  ])('%s is read on %s', (ink, ground) => {
    expect(contrast(of(ink), of(ground))).toBeGreaterThanOrEqual(4.5);
  });

  it('the edge of a field is seen', () => {
    expect(contrast(of('board-rule'), of('board'))).toBeGreaterThanOrEqual(3);
    expect(contrast(of('board-rule'), of('board-raised'))).toBeGreaterThanOrEqual(3);
  });
});
