import fc from 'fast-check';
import { cutTo } from './cutTo';

describe('cutTo', () => {
  it('keeps what is short, and never ends on half of a letter', () => {
    expect(cutTo('basil 🌿', 8)).toBe('basil 🌿');
    expect(cutTo('basil 🌿', 7)).toBe('basil ');
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(40), (text, most) => {
        const cut = cutTo(text, most);
        expect(cut.length).toBeLessThanOrEqual(most);
        expect(text.startsWith(cut)).toBe(true);
        expect(() => encodeURIComponent(cut)).not.toThrow();
      }),
    );
  });
});
