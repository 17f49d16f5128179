import { startingRules, type Rules } from '../basis/rules';

/** How the edge may be pressed and cut. */
export const FINISH_IDS = ['fork', 'wheel', 'cutter', 'press', 'pinch', 'mould'] as const;

export type Finish = (typeof FINISH_IDS)[number];

export const FINISH_NAMES: Readonly<Record<Finish, string>> = {
  fork: 'Fork',
  wheel: 'Wheel',
  cutter: 'Cutter',
  press: 'Press',
  pinch: 'Pinch',
  mould: 'Mould ridge',
};

/**
 * Lip a finish needs, mm: its width + 2 × sheet thickness. Rule.
 * @example neededLip('wheel', 0.8) // 6.6
 */
export const neededLip = (
  finish: Finish,
  thicknessMm: number,
  rules: Rules = startingRules,
): number =>
  rules[`shape.finish.${finish}`].value + rules['shape.finish.layers'].value * thicknessMm;

/** Thickness of a pressed double edge, mm: 2 t × what the finish leaves. Rule. */
export const pressedEdge = (
  finish: Finish,
  thicknessMm: number,
  rules: Rules = startingRules,
): number => 2 * thicknessMm * rules[`shape.edge.${finish}`].value;
