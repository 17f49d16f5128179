import type { Rules } from '../basis/rules';

/** What keeps faces apart on the bench. */
export const DUST_KINDS = ['none', 'semolina', 'granular', 'fine'] as const;

export type DustKind = (typeof DUST_KINDS)[number];

/**
 * How each behaves, in words, and which flour it usually is: that is on the piece, and counts among its
 * allergens. How much works in and how much stays on the piece are rules.
 */
export const DUSTS: Readonly<
  Record<DustKind, { name: string; says: string; usualId: string | null }>
> = {
  none: { name: 'None', says: 'The driest dough that still works needs none.', usualId: null },
  semolina: {
    name: 'Coarse semolina',
    usualId: 'semolina-durum-coarse',
    says: 'Keeps faces apart and falls off before the pot.',
  },
  granular: {
    name: 'Granular flour',
    usualId: 'flour-all-purpose',
    says: 'Falls off well; a little stays.',
  },
  fine: {
    name: 'Fine flour',
    usualId: 'flour-00',
    says: 'Works into the dough, toughens it, and cooks to slip.',
  },
};

export interface DustEffect {
  readonly usedG: number;
  readonly workedInG: number;
  /** Hydration once the worked-in share counts as flour. */
  readonly hydration: number;
  /** Flour that goes into the pot with the pieces, g. */
  readonly inPotG: number;
  readonly slip: boolean;
}

/**
 * What bench dust does: part of it becomes flour of the dough, part goes into the pot. Law on rules.
 * @example dustEffect({ kind: 'fine', gPerKg: 40, doughG: 1000, flourG: 660, waterG: 254 }, startingRules).hydration // 0.372
 */
export function dustEffect(
  {
    kind,
    gPerKg,
    doughG,
    flourG,
    waterG,
  }: {
    kind: DustKind;
    gPerKg: number;
    doughG: number;
    flourG: number;
    waterG: number;
  },
  rules: Rules,
): DustEffect {
  const strewn = kind !== 'none';
  const usedG = strewn ? (gPerKg * doughG) / 1000 : 0;
  const workedInG = strewn ? usedG * rules[`sheet.dust.workedIn.${kind}`].value : 0;
  const inPotG = strewn ? usedG * rules[`sheet.dust.onPiece.${kind}`].value : 0;
  return {
    usedG,
    workedInG,
    hydration: flourG > 0 ? waterG / (flourG + workedInG) : 0,
    inPotG,
    slip: doughG > 0 && (inPotG / doughG) * 1000 >= rules['sheet.dust.slip'].value,
  };
}
