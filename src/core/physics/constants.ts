/** Density of sheet dough, g per ml. */
export const DOUGH_DENSITY_G_PER_ML = 1.2;

/** Standard gravity, m/s². */
export const GRAVITY_M_PER_S2 = 9.81;

/** g per mm³ for 1 g per ml. */
export const ML_PER_MM3 = 1e-3;

/** Gas constant, J/(mol·K). */
export const GAS_J_PER_MOL_K = 8.314462618;

/** 0 °C, K. */
export const CELSIUS_0_K = 273.15;

/** What is meant by warm when nothing else is said, °C. */
export const WARM_C = 20;

/** Air pressure at sea level, kPa. */
export const SEA_LEVEL_KPA = 101.325;
