/** Heat in filling and dough, taken as one. Table. */
export const HEAT = {
  /** Conductivity, W/(m·K), and diffusivity, m²/s, thawed. */
  conductivity: 0.5,
  diffusivity: 1.35e-7,
  /** From moving water to a face, W/(m²·K). */
  surface: 800,
  /** Frozen: conductivity and heat capacity to thawed. */
  frozenConducts: 2.5,
  frozenHolds: 0.55,
  /** Latent heat, J/m³: 334 kJ/kg × water share × 1000 kg/m³. */
  waterShare: 0.62,
  latentJPerKg: 334_000,
  kgPerM3: 1000,
  /** It melts over these, °C; above `clearC` it conducts as thawed. */
  hardC: -3,
  clearC: -1.5,
  softC: -0.5,
} as const;

/** Half-axes of a piece as it cooks, and where it starts. */
export interface CoreInput {
  /** The shortest half-axis, both layers of dough over the filling, mm. */
  readonly halfHeightMm: number;
  /** (Hz ÷ Hx)² + (Hz ÷ Hy)²: 0 for a slab, 1 for a log, 2 for a ball. */
  readonly shapeExponent: number;
  readonly fromC: number;
  readonly bathC: number;
  readonly targetC: number;
}
