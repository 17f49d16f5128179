import type { Rules } from '../basis/rules';
import { coreFrozen } from './coreFrozen';
import type { CoreInput } from './heat';
import type { PotDip } from './potDip';

/** The dough's inner side cooks from about here, °C. */
const COOKS_C = 60;

/**
 * How much later the dough over a frozen filling cooks than over a fresh one, min: its inner side cannot pass
 * 60 °C while ice lies behind it. Law: the same conduction from either start, the place watched the inner side
 * of the dough.
 * @param input the frozen piece; `freshC` what the fresh one starts from
 * @example faceLater({ ...piece, fromC: -18, freshC: 5, thicknessMm: 0.8 }) // 0.3
 */
export function faceLater({
  freshC,
  thicknessMm,
  ...input
}: Omit<CoreInput, 'targetC'> & { readonly freshC: number; readonly thicknessMm: number }): number {
  if (input.bathC <= COOKS_C) return 0;
  const at = Math.max(0, 1 - thicknessMm / input.halfHeightMm);
  const until = (fromC: number) =>
    coreFrozen({ ...input, fromC, targetC: COOKS_C }, { at, stepS: 1 });
  return Math.max(0, until(input.fromC) - until(freshC)) / 60;
}

/**
 * Minutes until the bath is back within so many degrees of what it was, after a load went in. Law: the burner
 * makes good the heat evenly.
 * @example bathBack({ dipC: 6, recoverS: 60 }, rules) // 0.5
 */
export const bathBack = ({ dipC, recoverS }: PotDip, rules: Rules): number => {
  const near = rules['boil.back'].value;
  return dipC <= near ? 0 : ((dipC - near) / dipC) * (recoverS / 60);
};
