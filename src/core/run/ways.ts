/** One way in which pieces go wrong, as a cook taps it. */
export interface Way {
  /** What is seen. */
  readonly name: string;
  /** Whether the piece is lost for the plate; the others are only eaten less gladly. */
  readonly lost: boolean;
  /** The margin that such a piece speaks of, where one does. */
  readonly margin: string | null;
}

/** Every way in which pieces go wrong. One line each. */
export const WAYS = {
  lip: { name: 'Opened at the lip', lost: true, margin: 'seal' },
  popped: { name: 'Popped, full of air', lost: true, margin: 'burst' },
  torn: { name: 'Torn over the filling', lost: true, margin: 'thinning' },
  wet: { name: 'Wet bottom, tore on lifting', lost: true, margin: 'seep' },
  stuck: { name: 'Stuck to the tray or the next', lost: true, margin: 'lift' },
  unsaid: { name: 'Burst, nobody saw how', lost: true, margin: null },
  hardEdge: { name: 'Hard edge', lost: false, margin: 'face' },
  coldMiddle: { name: 'Cold middle', lost: false, margin: null },
  mushy: { name: 'Mushy face', lost: false, margin: 'face' },
} as const satisfies Record<string, Way>;

export type WayId = keyof typeof WAYS;

export const WAY_IDS = Object.keys(WAYS) as [WayId, ...WayId[]];
