/** Density of sheet dough, g per ml. */
export const DOUGH_DENSITY_G_PER_ML = 1.2;

/** Standard gravity, m/s². */
export const GRAVITY_M_PER_S2 = 9.81;

/** g per mm³ for 1 g per ml. */
export const ML_PER_MM3 = 1e-3;
