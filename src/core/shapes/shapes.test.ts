import fc from 'fast-check';
import type { Outline } from './drawing';
import { capHeight, capRadius, capVolume, moundHeight } from './cap';
import { FAMILY_IDS, familyOf, type FamilyId } from './families';
import { pressedEdge } from './finish';
import { crossing } from './crossing';
import { halfEllipseArc } from './mound';
import { startingShape } from '../plan/starting/startingShapes';
import { dimensions } from './shape';
import { largestDose, makePiece, pieceDough, smallestSize, type PieceInput } from './piece';

const input = (family: FamilyId, change: Partial<PieceInput> = {}): PieceInput => ({
  family: familyOf(family),
  size: startingShape(family).shape,
  thicknessMm: 0.8,
  finish: startingShape(family).shape.finish,
  doseG: startingShape(family).shape.doseG,
  densityGPerMl: 1.04,
  yieldStressPa: 700,
  laid: 'piped',
  ...change,
});

/** Area of a closed outline by the shoelace rule, mm². */
const area = (outline: Outline): number =>
  Math.abs(
    outline.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = outline[(i + 1) % outline.length]!;
      return sum + x * nextY - nextX * y;
    }, 0) / 2,
  );

const anyFamily = fc.constantFrom(...FAMILY_IDS);

describe('spherical cap', () => {
  it('height and volume undo one another', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.2, max: 60, noNaN: true }),
        (r, h) => {
          expect(capHeight(capVolume(r, h), r)).toBeCloseTo(h, 6);
        },
      ),
    );
  });

  it('has the volume of a half ball when as high as wide', () => {
    expect(capVolume(10, 10)).toBeCloseTo((2 / 3) * Math.PI * 1000, 6);
  });

  it('has the radius that a height-to-radius ratio asks for', () => {
    const r = capRadius(8654, 0.6);
    expect(capVolume(r, 0.6 * r)).toBeCloseTo(8654, 6);
  });

  it('refuses a volume out of range by name', () => {
    expect(() => moundHeight({ volumeMl: 0, radiusMm: 10 })).toThrow(
      /volumeMl must be a number from 0\.05/,
    );
  });
});

describe('square ravioli of 55 mm with 9 g piped', () => {
  const piece = makePiece(input('ravioliSquare', { size: dimensions({ sizeMm: 55 }), doseG: 9 }));

  it('weighs 5.81 g of dough', () => {
    expect(piece.doughG).toBeCloseTo(5.808, 9);
  });

  it('has a 7.3 mm lip where the wheel needs 6.6', () => {
    expect(piece.lipMm).toBeCloseTo(7.3, 1);
    expect(piece.neededLipMm).toBeCloseTo(6.6, 9);
    expect(piece.margins.lip).toBeCloseTo(1.11, 2);
  });

  it('is 0.71 mm thick over the top', () => {
    expect(piece.overTopMm).toBeCloseTo(0.71, 2);
  });

  it('presses to a 1.2 mm edge', () => {
    expect(pressedEdge('wheel', 0.8)).toBeCloseTo(1.2, 9);
  });
});

describe('folded square', () => {
  it('measures its lip from the mound against the fold to the sealed side', () => {
    const piece = makePiece(input('tortelloni', { size: dimensions({ sizeMm: 70 }) }));
    const r = piece.mound.radiusMm;
    const altitude = 70 / Math.SQRT2;
    expect(piece.lipMm).toBeCloseTo((altitude - r) / Math.SQRT2 - r, 9);
  });
});

describe('pinched log', () => {
  it('lies, goes over and closes within its strip', () => {
    const piece = makePiece(input('agnolottiPinched'));
    const { radiusMm: r, heightMm: h } = piece.mound;
    expect(2 * r + halfEllipseArc(r, h) + 2 * piece.lipMm).toBeCloseTo(58, 9);
  });

  it('goes round a half circle in π r', () => {
    expect(halfEllipseArc(10, 10)).toBeCloseTo(10 * Math.PI, 9);
  });
});

describe('every family', () => {
  const doseOf = (family: FamilyId, share: number) => {
    const [low, high] = familyOf(family).usualDoseG;
    return low + share * (high - low);
  };
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const stiff = fc.double({ min: 60, max: 2000, noNaN: true });

  it('keeps the volume of the dose in its settled mound', () => {
    fc.assert(
      fc.property(anyFamily, share, stiff, (family, s, yieldStressPa) => {
        const given = input(family, { doseG: doseOf(family, s), yieldStressPa });
        const { mound } = makePiece(given);
        const volume = {
          cap: () => capVolume(mound.radiusMm, mound.heightMm),
          lens: () => 2 * capVolume(mound.radiusMm, mound.heightMm),
          log: () => ((Math.PI * mound.radiusMm * mound.heightMm) / 2) * given.size.pitchMm,
        }[mound.form]();
        expect(volume / ((given.doseG / 1.04) * 1000)).toBeCloseTo(1, 6);
      }),
    );
  });

  it('loses lip as the dose grows and gains it as the blank does', () => {
    fc.assert(
      fc.property(anyFamily, share, stiff, (family, s, yieldStressPa) => {
        const given = input(family, { doseG: doseOf(family, s), yieldStressPa });
        const lip = makePiece(given).lipMm;
        const more = makePiece({ ...given, doseG: given.doseG * 1.05 }).lipMm;
        // A mould keeps its filling in the pocket until there is too much of it.
        if (family === 'mouldedRavioli') expect(more).toBeLessThanOrEqual(lip);
        else expect(more).toBeLessThan(lip);
        const wider = { ...given.size, sizeMm: given.size.sizeMm + 1 };
        const wide = makePiece({ ...given, size: wider }).lipMm;
        // The shorter side, or the side between cuts, may be what bounds it.
        const bound = family === 'ravioliRectangle' || family === 'agnolottiFlat';
        if (bound) expect(wide).toBeGreaterThanOrEqual(lip);
        else expect(wide).toBeGreaterThan(lip);
      }),
    );
  });

  it('is on the edge exactly at its largest dose and its smallest blank', () => {
    for (const family of FAMILY_IDS) {
      const doseG = largestDose(input(family));
      expect(makePiece(input(family, { doseG })).margins.lip).toBeCloseTo(1, 3);
      const sizeMm = smallestSize(input(family))!;
      const smallest = familyOf(family).dimensions[0]!.minMm;
      if (sizeMm === smallest) continue;
      expect(
        makePiece(input(family, { size: { ...input(family).size, sizeMm } })).margins.lip,
      ).toBeCloseTo(1, 3);
    }
  });

  it('has no dose at all when the blank is too small for any lip', () => {
    expect(largestDose(input('ravioliSquare', { size: dimensions({ sizeMm: 12 }) }))).toBe(0);
  });

  it('draws the section its figures speak of', () => {
    for (const family of FAMILY_IDS) {
      const given = input(family);
      const { mound, lipMm } = makePiece(given);
      const { section, above } = given.family.draw(given.size, mound, {
        thicknessMm: 0.8,
        pressedMm: 1.2,
      });
      expect(section.lip.toX - section.lip.fromX).toBeCloseTo(lipMm, 9);
      expect(section.mound.toX - section.mound.fromX).toBeCloseTo(2 * mound.radiusMm, 9);
      expect(section.top[1]).toBeGreaterThan(mound.heightMm);
      const [from, to] = above.lip;
      expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeCloseTo(lipMm, 6);
      // Drawn from 48 chords: a shade under the true area.
      const half = mound.form === 'lens' ? 2 : 1;
      const sphere = (mound.radiusMm ** 2 + mound.heightMm ** 2) / (2 * mound.heightMm);
      const angle = 2 * Math.asin(mound.radiusMm / sphere);
      const segment =
        mound.form === 'log'
          ? (Math.PI * mound.radiusMm * mound.heightMm) / 2
          : (half * sphere ** 2 * (angle - Math.sin(angle))) / 2;
      expect(area(section.filling) / segment).toBeCloseTo(1, 2);
    }
  });

  it('draws dough of about the weight it says, above the filling and not through it', () => {
    const given = input('ravioliSquare', { size: dimensions({ sizeMm: 55 }), doseG: 9 });
    const { mound } = makePiece(given);
    const { section } = given.family.draw(given.size, mound, { thicknessMm: 0.8, pressedMm: 1.6 });
    const lower = area(section.dough[0]!);
    expect(lower).toBeCloseTo(55 * 0.8, 6);
    expect(area(section.dough[1]!)).toBeGreaterThan(lower * 0.8);
  });

  it('weighs its flat area at 1.2 g/ml', () => {
    expect(pieceDough(familyOf('tortelloni'), dimensions({ sizeMm: 70 }), 1)).toBeCloseTo(5.88, 9);
    expect(
      pieceDough(familyOf('agnolottiPinched'), dimensions({ sizeMm: 58, pitchMm: 28 }), 0.5),
    ).toBeCloseTo(0.9744, 9);
  });
});

describe('the flat area of a blank', () => {
  it.each(FAMILY_IDS)('%s is the area of its outline, times its layers', (family) => {
    const { size, ...given } = input(family);
    const { mound } = makePiece({ ...given, size });
    const shape = familyOf(family);
    const layers = shape.sheetWays.includes('single') ? 1 : 2;
    const drawn = layers * area(shape.blank({ ...size, edge: 'plain' }, mound).outline);
    // A crown's teeth are cut away and go to the trim.
    expect(drawn / shape.flatAreaMm2(size)).toBeGreaterThan(
      family === 'stampedRound' ? 0.85 : 0.99,
    );
    expect(drawn / shape.flatAreaMm2(size)).toBeLessThan(1.001);
  });
});

describe('discs', () => {
  it('fold with the mound against the fold: half the disc less the whole mound', () => {
    const piece = makePiece(
      input('halfMoon', { size: dimensions({ sizeMm: 90 }), doseG: 6, yieldStressPa: 2000 }),
    );
    expect(piece.lipMm).toBeCloseTo(45 - 2 * piece.mound.radiusMm, 9);
    const round = makePiece(
      input('tortelloni', {
        size: dimensions({ sizeMm: 90, blank: 'disc' }),
        doseG: 6,
        yieldStressPa: 2000,
      }),
    );
    expect(round.lipMm).toBeCloseTo(piece.lipMm, 9);
    expect(round.doughG).toBeCloseTo(piece.doughG, 9);
  });
});

describe('a fluted edge', () => {
  it('costs the depth of its flutes, and is drawn inside its line', () => {
    const plain = input('ravioliSquare');
    const wavy = { ...plain, size: { ...plain.size, edge: 'fluted' as const } };
    expect(makePiece(plain).lipMm - makePiece(wavy).lipMm).toBeCloseTo(1.5, 9);
    const { mound } = makePiece(wavy);
    const half = plain.size.sizeMm / 2 + 1e-9;
    for (const [x, y] of wavy.family.blank(wavy.size, mound).outline) {
      expect(Math.max(Math.abs(x), Math.abs(y))).toBeLessThanOrEqual(half);
    }
  });
});

describe('a mould', () => {
  const inMould = (doseG: number) =>
    makePiece(
      input('mouldedRavioli', {
        size: dimensions({ sizeMm: 42, pocketMm: 28, depthMm: 9 }),
        doseG,
      }),
    );

  it('gives its pocket to the filling, and a ridge of half what lies between', () => {
    expect(inMould(2).lipMm).toBeCloseTo(7, 9);
    expect(inMould(2).neededLipMm).toBeCloseTo(3.5 + 1.6, 9);
  });

  it('is overfull past what a pocket holds', () => {
    const holdsG = (capVolume(14, 9) / 1000) * 1.04;
    expect(inMould(holdsG * 0.99).lipMm).toBeCloseTo(7, 9);
    expect(inMould(holdsG * 1.1).lipMm).toBeLessThan(7);
  });
});

describe('crossing', () => {
  it('finds where a falling or rising function meets 0, from the side that holds', () => {
    expect(crossing((x) => 2 - x, 0, 10)).toBeCloseTo(2, 9);
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 9.9, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        (root, power) => {
          const f = (x: number) => root ** power - x ** power;
          const falling = crossing(f, 0, 10);
          expect(f(falling)).toBeGreaterThanOrEqual(0);
          expect(falling).toBeCloseTo(root, 4);
          const rising = crossing((x) => -f(x), 10, 0);
          expect(rising).toBeCloseTo(root, 4);
        },
      ),
    );
  });
});
