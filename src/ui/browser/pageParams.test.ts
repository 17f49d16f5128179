import { askedOf, PAGE_PARAMS } from './pageParams';

test('what only the page reads is not asked of the server', () => {
  const asked = (href: string) => askedOf(new URL(href, 'http://kitchen'));
  expect(asked('/faults?run=7&sign=popped&said=when.boil')).toBe(asked('/faults?run=7'));
  expect(asked('/faults?run=7')).not.toBe(asked('/faults?run=8'));
  expect(asked('/faults')).not.toBe(asked('/plans'));
  for (const name of PAGE_PARAMS) expect(asked(`/plans/1?${name}=x`)).toBe(asked('/plans/1'));
});
