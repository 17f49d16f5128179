import { writeAt } from '@/core/plan/document/patch';
import type { Plan } from '@/core/plan/document/schema';
import { hold } from '@/core/risk/remedy';
import type { MapKind } from '@/core/risk/marginMap';
import type { FigureUnit } from '@/core/working/working';

/** An axis of a map: how it is read, how far an arrow key goes, what moving along it sets. */
export interface MapAxis {
  readonly name: string;
  readonly unit: FigureUnit;
  readonly step: number;
  /** What a drag is rounded to. */
  readonly grain: number;
  /** What the plan becomes; null where it cannot simply be set. */
  readonly set: ((plan: Plan, value: number) => Plan) | null;
}

/** Both axes of a map, and what it is called. */
export interface MapAxes {
  readonly title: string;
  /** On the choice between maps. */
  readonly label: string;
  readonly x: MapAxis;
  readonly y: MapAxis;
}

/** In a dead heat, what is set here is then held. */
const holding =
  (
    key: 'dose' | 'thickness' | 'size',
    path: 'shape.doseG' | 'sheet.thicknessMm' | 'shape.sizeMm',
  ) =>
  (plan: Plan, value: number): Plan =>
    writeAt({ ...plan, ...hold(plan, key) }, path, value);

const dose: MapAxis = {
  name: 'filling in a piece',
  unit: 'g',
  step: 0.5,
  grain: 0.25,
  set: holding('dose', 'shape.doseG'),
};

/** The last stretch of a hold made so long that all of it comes to so many minutes. */
function setHold(plan: Plan, minutes: number): Plan {
  const { phases } = plan.hold;
  const last = phases.at(-1) ?? { place: 'fridge' as const, minutes: 0 };
  const before = phases.slice(0, -1);
  const rest = before.reduce((sum, each) => sum + each.minutes, 0);
  return writeAt(plan, 'hold.phases', [
    ...before,
    { ...last, minutes: Math.max(0, minutes - rest) },
  ]);
}

export const MAP_AXES: Readonly<Record<MapKind, MapAxes>> = {
  thickness: {
    title: 'thickness against dose',
    label: 'Thickness and dose',
    x: dose,
    y: {
      name: 'sheet',
      unit: 'mm',
      step: 0.05,
      grain: 0.02,
      set: holding('thickness', 'sheet.thicknessMm'),
    },
  },
  size: {
    title: 'blank against dose',
    label: 'Blank and dose',
    x: dose,
    y: { name: 'blank', unit: 'mm', step: 1, grain: 1, set: holding('size', 'shape.sizeMm') },
  },
  water: {
    title: 'free water against hold',
    label: 'Water and hold',
    x: { name: 'hold', unit: 'min', step: 10, grain: 5, set: setHold },
    y: { name: 'free water', unit: 'share', step: 0, grain: 0.001, set: null },
  },
};
