import type { FigureUnit } from '../working/working';

/** What a rule's number is measured in. */
export type RuleUnit =
  | FigureUnit
  | 'perShare'
  | 'mPerS'
  | 'mmPerS'
  | 's'
  | 'gPerMinCm2'
  | 'gPerM2'
  | 'WPerM2K'
  | 'WPerMK'
  | 'kJPerMol'
  | 'um2PerS'
  | 'umPerS';

/** Where a rule's number comes from: the product's own default, or this kitchen's log. */
export type RuleOrigin = 'default' | 'log';

/**
 * A craft rule with a number on it: documented, adjustable, calibrated from a kitchen's own log, always
 * shown as an estimate.
 */
export interface Rule {
  /** Subject first: `sheet.springBack`. */
  readonly id: string;
  readonly value: number;
  /** How far off it may well be, one standard deviation, in its own unit. */
  readonly spread: number;
  readonly unit: RuleUnit;
  /** What it stands on, in a line. */
  readonly source: string;
  readonly from: RuleOrigin;
}

/** A rule as its subject's file lists it. */
export type RuleRow = readonly [value: number, spread: number, unit: RuleUnit, source: string];

/**
 * Rules from the rows of a subject's file.
 * @example defineRules({ 'risk.edge': [1.15, 0.05, 'ratio', 'craft'] })['risk.edge'].value // 1.15
 */
export const defineRules = <K extends string>(
  rows: Readonly<Record<K, RuleRow>>,
): Readonly<Record<K, Rule>> =>
  Object.fromEntries(
    Object.entries<RuleRow>(rows).map(([id, [value, spread, unit, source]]) => [
      id,
      { id, value, spread, unit, source, from: 'default' } satisfies Rule,
    ]),
  ) as Record<K, Rule>;
