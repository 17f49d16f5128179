/** Where in the work a batch stands, in its order. */
export const STAGES = [
  'dough',
  'filling',
  'sheet',
  'shape',
  'tray',
  'pot',
  'plate',
  'end',
] as const;

export type Stage = (typeof STAGES)[number];

/** The stages in a cook's words: when it is seen. */
export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  dough: 'Mixing and resting',
  filling: 'The filling',
  sheet: 'At the roller',
  shape: 'Filling and closing',
  tray: 'On the tray',
  pot: 'In the pot',
  plate: 'On the plate',
  end: 'When all is done',
};

/** Whether a stage lies in a stretch of the work. `within('pot', ['tray', 'plate'])` → true */
export const within = (stage: Stage, [from, to]: readonly [Stage, Stage]): boolean => {
  const at = STAGES.indexOf(stage);
  return at >= STAGES.indexOf(from) && at <= STAGES.indexOf(to);
};
