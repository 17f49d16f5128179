import { circle, rectangle, type Point } from '../drawing';
import { HAND_FINISHES } from '../finish';
import { capMound, type Mound } from '../mound';
import { cappedSection } from '../sections';
import type { Dimensions, ShapeFamily } from '../shape';

/** Length of dough over a spherical cap, along its middle, mm. Law. */
const overCap = ({ radiusMm: r, heightMm: h }: Mound): number => {
  const sphere = (r * r + h * h) / (2 * h);
  return 2 * sphere * Math.atan2(r, sphere - h);
};

/** What is left of the strip in front of the mounds: (strip − under − over) ÷ 2. The back is a fold. Law. */
const frontLip = ({ sizeMm }: Dimensions, mound: Mound): number =>
  (sizeMm - 2 * mound.radiusMm - overCap(mound)) / 2;

const sideLip = ({ pitchMm }: Dimensions, { radiusMm }: Mound): number => pitchMm / 2 - radiusMm;

/** Flat agnolotti: mounds along a strip, folded over, cut apart flat into rectangles. */
export const agnolottiFlat: ShapeFamily = {
  id: 'agnolottiFlat',
  name: 'Flat agnolotti',
  shortName: 'Flat',
  summary: 'mounds along a strip, folded over and cut flat',
  dimensions: [
    { key: 'sizeMm', label: 'Strip', minMm: 24, maxMm: 250, usualMm: 40 },
    { key: 'pitchMm', label: 'Cut to cut', minMm: 12, maxMm: 200, usualMm: 20 },
  ],
  thicknessBandMm: [0.6, 0.8],
  usualDoseG: [1.5, 12],
  finishes: HAND_FINISHES,
  usesLaid: true,
  usesBlank: false,
  usesEdge: false,
  sheetWays: ['single'],
  layers: { edge: 2 },
  folding: [
    'Set mounds along the strip, each in the middle of its place, a finger from the far edge.',
    'Damp round them and fold the strip over, air out between the mounds to the front.',
    'Press flat between the mounds: here the dough is not pinched up.',
    'Run the wheel along the front, then straight across between the mounds.',
  ],
  flatAreaMm2: ({ sizeMm, pitchMm }) => sizeMm * pitchMm,
  areaFormula: 'strip width × cut to cut',
  mound: (from, _size, rules) => capMound(from, rules),
  lipMm: (size, mound) => Math.min(frontLip(size, mound), sideLip(size, mound)),
  lipFormula:
    'the lesser of front, (strip − under the mound − over it) ÷ 2, and side, cut to cut ÷ 2 − radius',
  draw(size, mound, sheet) {
    const { radiusMm: r } = mound;
    const front = frontLip(size, mound);
    const side = sideLip(size, mound);
    const half = size.pitchMm / 2;
    const back = r + sheet.thicknessMm;
    return {
      section: {
        ...cappedSection(
          mound,
          front <= side
            ? { toLeftMm: back, toRightMm: r + front }
            : { toLeftMm: half, toRightMm: half },
          sheet,
        ),
        cut:
          front <= side ? 'across the strip, fold to front edge' : 'along the strip, side to side',
      },
      above: {
        outline: [
          [-half, -back],
          [half, -back],
          [half, r + front],
          [-half, r + front],
        ],
        mound: circle([0, 0], r),
        folds: [
          [
            [-half, -back],
            [half, -back],
          ],
        ],
        lip:
          front <= side
            ? [
                [0, r],
                [0, r + front],
              ]
            : [
                [r, 0],
                [half, 0],
              ],
      },
    };
  },
  cut: ({ sizeMm, pitchMm }) => ({
    kind: 'rect',
    alongMm: pitchMm,
    acrossMm: sizeMm,
    turnable: false,
  }),
  blank: (size, mound) => {
    const at: Point = [0, size.sizeMm / 2 - frontLip(size, mound) - mound.radiusMm];
    const foldAt = at[1] - mound.radiusMm;
    return {
      outline: rectangle(size.pitchMm, size.sizeMm),
      mound: circle(at, mound.radiusMm),
      moundAt: at,
      folds: [
        [
          [-size.pitchMm / 2, foldAt],
          [size.pitchMm / 2, foldAt],
        ],
      ],
    };
  },
};
