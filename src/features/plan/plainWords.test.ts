import { besideEstimate, stiffnessWords, strengthWords } from './plainWords';

describe('numbers of engineers in words', () => {
  it.each([
    [30, 'strong enough for any roller'],
    [18, 'strong enough for any roller'],
    [17.9, 'strong enough for a steady hand'],
    [9.9, 'tears under a rough hand'],
    [4.9, 'tears easily'],
    [0, 'tears easily'],
  ])('a sheet of %s kPa is %s', (kPa, words) => expect(strengthWords(kPa)).toBe(words));

  it.each([
    [2000, 'very stiff'],
    [900, 'stiff'],
    [599, 'soft, but stands'],
    [249, 'loose'],
    [99, 'runny'],
  ])('a filling of %s Pa is %s', (pa, words) => expect(stiffnessWords(pa)).toBe(words));
});

it.each([
  [30, 20, '50 % stronger than estimated'],
  [15, 20, '25 % weaker than estimated'],
  [21.9, 20, 'about as estimated'],
  [18.1, 20, 'about as estimated'],
])('%p measured, %p estimated: %s', (measured, estimated, words) => {
  const share = (value: number) => `${Math.round(value * 100)} %`;
  expect(besideEstimate(measured, estimated, { more: 'stronger', less: 'weaker', share })).toBe(
    words,
  );
});
