/** The space a quantity is estimated in: ratios by their logarithm, shares by their odds, shifts as they are. */
export type Scale = 'log' | 'logit' | 'plain';

/** Shares are kept this far from 0 and 1. */
const LEAST = 1e-6;

const WAYS: Readonly<
  Record<Scale, { readonly to: (value: number) => number; readonly from: (at: number) => number }>
> = {
  log: { to: (value) => Math.log(Math.max(LEAST, value)), from: Math.exp },
  logit: {
    to: (value) => {
      const share = Math.min(1 - LEAST, Math.max(LEAST, value));
      return Math.log(share / (1 - share));
    },
    from: (at) => 1 / (1 + Math.exp(-at)),
  },
  plain: { to: (value) => value, from: (at) => at },
};

/** A value in the space it is estimated in. `toScale('log', 1)` → `0` */
export const toScale = (scale: Scale, value: number): number => WAYS[scale].to(value);

/** Back again. `fromScale('logit', 0)` → `0.5` */
export const fromScale = (scale: Scale, at: number): number => WAYS[scale].from(at);
