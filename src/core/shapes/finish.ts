/** How the edge is pressed and cut. */
export type Finish = 'fork' | 'wheel' | 'cutter' | 'press' | 'pinch' | 'mould';

/** Name, width of sealed edge it needs (mm) and what it leaves of a double edge's thickness. Rule. */
export const FINISHES: Record<Finish, { name: string; widthMm: number; thicknessFactor: number }> =
  {
    fork: { name: 'Fork', widthMm: 7, thicknessFactor: 0.65 },
    wheel: { name: 'Wheel', widthMm: 5, thicknessFactor: 0.75 },
    cutter: { name: 'Cutter', widthMm: 5, thicknessFactor: 0.9 },
    press: { name: 'Press', widthMm: 5, thicknessFactor: 0.9 },
    mould: { name: 'Mould ridge', widthMm: 3.5, thicknessFactor: 0.75 },
    pinch: { name: 'Pinch', widthMm: 3, thicknessFactor: 0.6 },
  };

/**
 * Lip a finish needs, mm: its width + 2 × sheet thickness. Rule.
 * @example neededLip('wheel', 0.8) // 6.6
 */
export const neededLip = (finish: Finish, thicknessMm: number): number =>
  FINISHES[finish].widthMm + 2 * thicknessMm;

/** Thickness of a pressed double edge, mm: 2 t × what the finish leaves. Rule. */
export const pressedEdge = (finish: Finish, thicknessMm: number): number =>
  2 * thicknessMm * FINISHES[finish].thicknessFactor;
