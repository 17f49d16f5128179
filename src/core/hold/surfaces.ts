import type { Rules } from '../basis/rules';

/** What pieces may stand on until they are boiled. */
export const SURFACES = ['bare', 'floured', 'paper', 'semolina', 'cloth', 'rack'] as const;

export type Surface = (typeof SURFACES)[number];

/** Each as it follows “on”. */
export const SURFACE_NAMES: Readonly<Record<Surface, string>> = {
  bare: 'a bare tray',
  floured: 'a floured tray',
  paper: 'floured paper',
  semolina: 'semolina',
  cloth: 'a cloth',
  rack: 'a rack',
};

/** Surfaces that are strewn with something, and what that usually is; it is on the piece. */
export const STREWN: Readonly<Partial<Record<Surface, string>>> = {
  floured: 'flour-all-purpose',
  paper: 'flour-all-purpose',
  semolina: 'semolina-durum-coarse',
};

/** How a surface draws water from the face that lies on it. */
export interface Uptake {
  /** What it takes up before it is full, g/m². */
  readonly capacityGPerM2: number;
  /** How readily it draws, µm/s at 20 °C. */
  readonly drawsUmPerS: number;
  /** A face so moist gives it nothing, wet basis. */
  readonly restsAt: number;
}

/**
 * What a surface does to the face on it. Rules: it draws as the face is wetter than it likes, less as it
 * fills; cold slows it as it slows the dough.
 * @param doughMoisture wet basis
 * @example uptakeOf('bare', 0.34, startingRules).capacityGPerM2 // 0
 */
export const uptakeOf = (surface: Surface, doughMoisture: number, rules: Rules): Uptake => ({
  capacityGPerM2: rules[`hold.surface.${surface}`].value,
  drawsUmPerS: rules['hold.surface.draws'].value,
  restsAt: doughMoisture - rules['hold.surface.dry'].value,
});
