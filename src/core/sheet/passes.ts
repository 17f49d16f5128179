/** How often a sheet goes through each setting. */
export const PASS_STYLES = ['onceEach', 'twiceFromMiddle', 'threeFromMiddle', 'skip'] as const;

export type PassStyle = (typeof PASS_STYLES)[number];

export const PASS_STYLE_NAMES: Readonly<Record<PassStyle, { name: string; says: string }>> = {
  onceEach: { name: 'Once each', says: 'quick; what springs back stays in the sheet' },
  twiceFromMiddle: {
    name: 'Twice from the middle',
    says: 'the usual way: the second pass takes the spring out',
  },
  threeFromMiddle: {
    name: 'Three from the middle',
    says: 'for a lively dough that keeps drawing back',
  },
  skip: { name: 'Skip settings', says: 'quickest, and the likeliest to tear' },
};

/** Passes at the last settings, by the style. */
export const LAST_REPEATS: Readonly<Record<PassStyle, number>> = {
  onceEach: 1,
  twiceFromMiddle: 2,
  threeFromMiddle: 3,
  skip: 1,
};
