import type { ShoppingLine } from '@/core/shopping/shoppingList';
import { isMarked, marked, NO_MARKS, readMarks } from './shoppingMarks';

const flour = (packets: number): ShoppingLine => ({
  id: 'flour-00',
  name: 'Soft wheat flour fine (00)',
  aisle: 'Flour',
  needG: packets * 1000,
  buy: { amount: packets, unit: 'packets', packet: { name: 'bag', sizeG: 1000 } },
  plans: ['Friday'],
  madeInto: [],
});

describe('shopping marks', () => {
  it('hold for as much as was ticked and for less, not for more', () => {
    const got = marked({}, flour(2), true);
    expect(isMarked(got, flour(2))).toBe(true);
    expect(isMarked(got, flour(1))).toBe(true);
    expect(isMarked(got, flour(3))).toBe(false);
    expect(isMarked(marked(got, flour(2), false), flour(2))).toBe(false);
  });

  it('come back as they were kept, and are none when they cannot be read', () => {
    const marks = {
      got: { 'flour-00': 2 },
      have: {},
      own: [{ id: 'a', text: 'Napkins', got: true }],
    };
    expect(readMarks(JSON.stringify(marks))).toEqual(marks);
    for (const text of [null, '', '{', '{"got":1}', '[]'])
      expect(readMarks(text)).toEqual(NO_MARKS);
  });
});
