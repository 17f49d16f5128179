import type { Rules } from '../basis/rules';

/** How the edge may be pressed and cut. */
export const FINISH_IDS = ['fork', 'wheel', 'cutter', 'press', 'pinch', 'mould'] as const;

/** What a hand can do to any edge that it reaches: pressed with fingers and cut by knife among them. */
export const HAND_FINISHES: readonly Finish[] = ['wheel', 'press', 'fork', 'pinch', 'cutter'];

export type Finish = (typeof FINISH_IDS)[number];

export const FINISH_NAMES: Readonly<Record<Finish, string>> = {
  fork: 'Fork',
  wheel: 'Wheel',
  cutter: 'Cutter',
  press: 'Fingers and knife',
  pinch: 'Pinch',
  mould: 'Mould ridge',
};

/**
 * Lip a finish needs, mm: its width + sheet thickness; a mould's ridge alone. Rule.
 * @example neededLip('wheel', 0.8, startingRules) // 4.8
 */
export const neededLip = (finish: Finish, thicknessMm: number, rules: Rules): number =>
  rules[`shape.finish.${finish}`].value +
  (finish === 'mould' ? 0 : rules['shape.finish.layers'].value * thicknessMm);

/** Thickness of a pressed double edge, mm: 2 t × what the finish leaves. Rule. */
export const pressedEdge = (finish: Finish, thicknessMm: number, rules: Rules): number =>
  2 * thicknessMm * rules[`shape.edge.${finish}`].value;
