/** What keeps faces apart on the bench. */
export const DUST_KINDS = ['none', 'semolina', 'granular', 'fine'] as const;

export type DustKind = (typeof DUST_KINDS)[number];

/** How each behaves: share that works into the dough, and share that is still on the piece in the pot. Rule. */
export const DUSTS: Readonly<
  Record<DustKind, { name: string; workedIn: number; onPiece: number; says: string }>
> = {
  none: {
    name: 'None',
    workedIn: 0,
    onPiece: 0,
    says: 'The driest dough that still works needs none.',
  },
  semolina: {
    name: 'Coarse semolina',
    workedIn: 0.1,
    onPiece: 0.1,
    says: 'Keeps faces apart and falls off before the pot.',
  },
  granular: {
    name: 'Granular or rice flour',
    workedIn: 0.2,
    onPiece: 0.15,
    says: 'Falls off well; a little stays.',
  },
  fine: {
    name: 'Fine flour',
    workedIn: 0.55,
    onPiece: 0.35,
    says: 'Works into the dough, toughens it, and cooks to slip.',
  },
};

/** From so much flour left on a kilogram of dough a slick film is felt, g. Rule. */
const SLIP_G_PER_KG = 10;

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
 * @example dustEffect({ kind: 'fine', gPerKg: 40, doughG: 1000, flourG: 660, waterG: 254 }).hydration // 0.372
 */
export function dustEffect({
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
}): DustEffect {
  const usedG = kind === 'none' ? 0 : (gPerKg * doughG) / 1000;
  const workedInG = usedG * DUSTS[kind].workedIn;
  const inPotG = usedG * DUSTS[kind].onPiece;
  return {
    usedG,
    workedInG,
    hydration: flourG > 0 ? waterG / (flourG + workedInG) : 0,
    inPotG,
    slip: doughG > 0 && (inPotG / doughG) * 1000 >= SLIP_G_PER_KG,
  };
}
