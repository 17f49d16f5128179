import { keysText, matchesKeys } from './keys';

const press = (
  key: string,
  held: Partial<Record<'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey', boolean>> = {},
) => ({
  key,
  ctrlKey: false,
  metaKey: false,
  shiftKey: false,
  altKey: false,
  ...held,
});

describe('matchesKeys', () => {
  it.each([
    ['5', press('5'), true],
    ['5', press('5', { ctrlKey: true }), false],
    ['mod+z', press('z', { ctrlKey: true }), true],
    ['mod+z', press('z', { metaKey: true }), true],
    ['mod+z', press('Z', { ctrlKey: true, shiftKey: true }), false],
    ['shift+mod+z', press('Z', { ctrlKey: true, shiftKey: true }), true],
    ['shift+mod+z|mod+y', press('y', { ctrlKey: true }), true],
    ['?', press('?', { shiftKey: true }), true],
    ['c', press('c', { altKey: true }), false],
  ])('%s against %j is %p', (keys, pressed, expected) => {
    expect(matchesKeys(keys, pressed)).toBe(expected);
  });

  it('writes keys for people', () => {
    expect(keysText('shift+mod+z')).toBe('Shift Ctrl Z');
  });
});
