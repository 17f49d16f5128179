/**
 * Perimeter of an ellipse of two half-axes, mm: Ramanujan's approximation, exact for a circle. Law.
 * @example ellipsePerimeter(10, 10) // 62.832
 */
export const ellipsePerimeter = (a: number, b: number): number =>
  Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));

/** How far an ellipse of two half-axes reaches from its middle in a direction (cos, sin), mm. Law. */
export const reach = (a: number, b: number, cos: number, sin: number): number =>
  // Not `hypot`: it guards against lengths that no piece has, and is asked for a thousand times a dose.
  Math.sqrt((a * cos) ** 2 + (b * sin) ** 2);
