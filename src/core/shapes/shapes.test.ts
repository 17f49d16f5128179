import { startingRules } from '../basis/rules';
import fc from 'fast-check';
import type { Outline } from './drawing';
import { capHeight, capRadius, capVolume, moundHeight } from './cap';
import { FAMILY_IDS, familyOf, type FamilyId } from './families';
import { neededLip, pressedEdge } from './finish';
import { crossing } from './crossing';
import { ellipsePerimeter } from './ellipse';
import { lumpMound, pocketVolume, thicknessOverDome } from './mound';
import { wrap } from './wrap';
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
  const piece = makePiece(
    input('ravioliSquare', { size: dimensions({ sizeMm: 55 }), doseG: 9 }),
    startingRules,
  );

  it('weighs 5.81 g of dough', () => {
    expect(piece.doughG).toBeCloseTo(5.808, 9);
  });

  it('has an 8.6 mm lip where the wheel needs 4.8', () => {
    // 6 V ÷ (π 0.75 (3 + 0.75²)) = r³
    const r = Math.cbrt((6 * 8653.8) / (Math.PI * 0.75 * 3.5625));
    expect(piece.lipMm).toBeCloseTo(27.5 - r, 2);
    expect(piece.neededLipMm).toBeCloseTo(4.8, 9);
    expect(piece.margins.lip).toBeCloseTo((27.5 - r) / 4.8, 3);
  });

  it('is 0.67 mm thick over the top', () => {
    // λ = 1 + 0.75², draped
    expect(piece.overTopMm).toBeCloseTo(0.8 / (1 + 0.35 * 0.5625), 3);
  });

  it('presses to a 1.2 mm edge', () => {
    expect(pressedEdge('wheel', 0.8, startingRules)).toBeCloseTo(1.2, 9);
  });

  it('lies taller by how it is laid', () => {
    const r = (laid: PieceInput['laid']) =>
      makePiece(input('ravioliSquare', { laid, doseG: 9, yieldStressPa: 5000 }), startingRules)
        .mound;
    for (const [laid, ratio] of [
      ['ball', 1],
      ['ring', 0.85],
      ['piped', 0.75],
      ['spooned', 0.6],
    ] as const) {
      expect(r(laid).heightMm / r(laid).radiusMm).toBeCloseTo(ratio, 6);
    }
  });
});

describe('the lip that a finish needs', () => {
  it.each([
    ['fork', 5.8],
    ['wheel', 4.8],
    ['cutter', 4.8],
    ['press', 4.8],
    ['pinch', 2.8],
    ['mould', 2.5],
  ] as const)('by %s of a 0.8 mm sheet is %p mm', (finish, mm) => {
    expect(neededLip(finish, 0.8, startingRules)).toBeCloseTo(mm, 9);
  });
});

describe('a loose mound', () => {
  it('settles under its sheet to where six times its weight takes it', () => {
    const { mound } = makePiece(
      input('ravioliSquare', { doseG: 9, yieldStressPa: 80, laid: 'ball' }),
      startingRules,
    );
    const v = (9 / 1.04) * 1e-6;
    const R = ((225 * 1040 * 9.81 * 6 * v * v) / (128 * Math.PI ** 2 * 80)) ** 0.2;
    expect(mound.radiusMm).toBeCloseTo(1000 * R, 6);
  });
});

describe('a wrapped lump', () => {
  const lump = (doseG: number, joined = false) =>
    lumpMound(
      { doseG, densityGPerMl: 1.05, yieldStressPa: 2000, laid: 'spooned' },
      { joined },
      startingRules,
    );

  it('is 1.3 : 1 : 0.8, and holds its dose', () => {
    const { radiusMm: b, halfLengthMm: a, heightMm: c } = lump(9);
    expect(a / b).toBeCloseTo(1.3, 9);
    expect(c / b).toBeCloseTo(0.8, 9);
    expect((4 / 3) * Math.PI * a * b * c).toBeCloseTo(9000 / 1.05, 6);
  });

  it('leaves of a blank what its girth does not take, half on either face', () => {
    const m = lump(8);
    const halfDisc = { kind: 'halfDisc', halfFoldMm: 40, blankMm: 80 } as const;
    const { depthMm, lipMm } = wrap(halfDisc, m);
    const beyond = (80 - ellipsePerimeter(m.radiusMm, m.heightMm)) / 2;
    expect(depthMm).toBeCloseTo(2 * m.radiusMm + beyond, 9);
    // The arc is nearest in the middle.
    expect(lipMm).toBeCloseTo(beyond, 2);
  });

  it('is nearest to a triangle’s side where a line along it touches the lump', () => {
    const m = lump(9);
    const half = 70 / Math.SQRT2;
    const { depthMm, lipMm, touch, way } = wrap(
      { kind: 'triangle', halfFoldMm: half, blankMm: 2 * half },
      m,
    );
    // The least over points of the lump, looked for one by one.
    const norm = Math.hypot(depthMm, half);
    let least = Infinity;
    for (let i = 0; i <= 2000; i += 1) {
      const t = (Math.PI * i) / 1000;
      const x = m.halfLengthMm * Math.cos(t);
      const y = m.radiusMm * (1 + Math.sin(t));
      least = Math.min(least, (half * depthMm - depthMm * x - half * y) / norm);
    }
    expect(lipMm).toBeCloseTo(least, 3);
    const end = [touch[0] + lipMm * way[0], touch[1] + lipMm * way[1]] as const;
    expect(end[0] / half + end[1] / depthMm).toBeCloseTo(1, 6);
  });

  it('is nearest to an arc where a search point by point finds it', () => {
    for (const doseG of [1, 4, 8]) {
      const m = lump(doseG);
      const { depthMm, lipMm } = wrap({ kind: 'halfDisc', halfFoldMm: 40, blankMm: 80 }, m);
      let least = Infinity;
      for (let i = 0; i <= 300; i += 1) {
        const t = (Math.PI * i) / 300;
        const at = [m.halfLengthMm * Math.cos(t), m.radiusMm * (1 + Math.sin(t))] as const;
        for (let k = 0; k <= 300; k += 1) {
          const u = (Math.PI * k) / 300;
          least = Math.min(
            least,
            Math.hypot(40 * Math.cos(u) - at[0], depthMm * Math.sin(u) - at[1]),
          );
        }
      }
      expect(Math.abs(lipMm - least)).toBeLessThan(0.15);
    }
  });

  it('is not stretched over, but where two corners are drawn round and joined', () => {
    expect(makePiece(input('halfMoon'), startingRules).overTopMm).toBe(0.8);
    const drawn = makePiece(input('tortelloni'), startingRules);
    const { radiusMm: b, heightMm: c } = drawn.mound;
    const over = ellipsePerimeter(b, c) / (4 * b) - 1;
    expect(drawn.overTopMm).toBeCloseTo(0.8 / (1 + 0.7 * over), 9);
  });

  it('lies wider where the filling is loose', () => {
    const loose = lumpMound(
      { doseG: 9, densityGPerMl: 1.05, yieldStressPa: 20, laid: 'spooned' },
      { joined: false },
      startingRules,
    );
    expect(loose.radiusMm).toBeGreaterThan(lump(9).radiusMm);
    expect(loose.heightMm).toBeLessThan(lump(9).heightMm);
    expect(loose.halfLengthMm / loose.radiusMm).toBeCloseTo(1.3, 9);
  });
});

describe('pinched log', () => {
  it('is wrapped all round and closed within its strip', () => {
    const piece = makePiece(input('agnolottiPinched'), startingRules);
    const { radiusMm: r, heightMm: h } = piece.mound;
    expect(ellipsePerimeter(r, h / 2) + 2 * piece.lipMm).toBeCloseTo(58, 9);
    expect(r / Math.sqrt((r * h) / 2)).toBeGreaterThanOrEqual(1.15 - 1e-9);
  });

  it('goes round a circle in 2 π r', () => {
    expect(ellipsePerimeter(10, 10)).toBeCloseTo(20 * Math.PI, 9);
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
        const { mound } = makePiece(given, startingRules);
        const volume = {
          cap: () => capVolume(mound.radiusMm, mound.heightMm),
          lump: () => (4 / 3) * Math.PI * mound.radiusMm * mound.halfLengthMm * mound.heightMm,
          log: () => ((Math.PI * mound.radiusMm * mound.heightMm) / 2) * given.size.pitchMm,
        }[mound.form]();
        // A square pocket holds more than a cap as wide.
        if (family === 'mouldedRavioli') return;
        expect(volume / ((given.doseG / 1.04) * 1000)).toBeCloseTo(1, 6);
      }),
    );
  });

  it('loses lip as the dose grows and gains it as the blank does', () => {
    fc.assert(
      fc.property(anyFamily, share, stiff, (family, s, yieldStressPa) => {
        const given = input(family, { doseG: doseOf(family, s), yieldStressPa });
        const lip = makePiece(given, startingRules).lipMm;
        const more = makePiece({ ...given, doseG: given.doseG * 1.05 }, startingRules).lipMm;
        // A mould keeps its filling in the pocket until there is too much of it.
        if (family === 'mouldedRavioli') expect(more).toBeLessThanOrEqual(lip);
        else expect(more).toBeLessThan(lip);
        const wider = { ...given.size, sizeMm: given.size.sizeMm + 1 };
        const wide = makePiece({ ...given, size: wider }, startingRules).lipMm;
        // The shorter side, or the side between cuts, may be what bounds it.
        const bound = family === 'ravioliRectangle' || family === 'agnolottiFlat';
        if (bound) expect(wide).toBeGreaterThanOrEqual(lip);
        else expect(wide).toBeGreaterThan(lip);
      }),
    );
  });

  it('is on the edge exactly at its largest dose and its smallest blank', () => {
    for (const family of FAMILY_IDS) {
      const doseG = largestDose(input(family), {}, startingRules);
      expect(makePiece(input(family, { doseG }), startingRules).margins.lip).toBeCloseTo(1, 3);
      const sizeMm = smallestSize(input(family), {}, startingRules)!;
      const smallest = familyOf(family).dimensions[0]!.minMm;
      if (sizeMm === smallest) continue;
      expect(
        makePiece(input(family, { size: { ...input(family).size, sizeMm } }), startingRules).margins
          .lip,
      ).toBeCloseTo(1, 3);
    }
  });

  it('has no dose at all when the blank is too small for any lip', () => {
    expect(
      largestDose(input('ravioliSquare', { size: dimensions({ sizeMm: 12 }) }), {}, startingRules),
    ).toBe(0);
  });

  it('draws the section its figures speak of', () => {
    for (const family of FAMILY_IDS) {
      const given = input(family);
      const { mound, lipMm } = makePiece(given, startingRules);
      const { section, above } = given.family.draw(given.size, mound, {
        thicknessMm: 0.8,
        pressedMm: 1.2,
      });
      expect(section.lip.toX - section.lip.fromX).toBeCloseTo(lipMm, 9);
      const across = section.mound.toX - section.mound.fromX;
      // A lump may be cut aslant, where its lip is least: never wider than it is long.
      if (mound.form === 'lump') expect(across).toBeLessThanOrEqual(2 * mound.halfLengthMm);
      else expect(across).toBeCloseTo(2 * mound.radiusMm, 9);
      const [from, to] = above.lip;
      expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeCloseTo(lipMm, 6);
      // Drawn from 48 chords: a shade under the true area.
      const sphere = (mound.radiusMm ** 2 + mound.heightMm ** 2) / (2 * mound.heightMm);
      const angle = 2 * Math.asin(mound.radiusMm / sphere);
      const high = section.top[1] - thicknessOverDome(0.8, mound);
      const segment =
        mound.form === 'cap'
          ? (sphere ** 2 * (angle - Math.sin(angle))) / 2
          : (Math.PI * across * high) / 2;
      expect(area(section.filling) / segment).toBeCloseTo(1, 2);
    }
  });

  it('draws the wrap: dough all round a folded filling, as long as the blank', () => {
    for (const family of ['halfMoon', 'agnolottiPinched'] as const) {
      const given = input(family);
      const { mound } = makePiece(given, startingRules);
      const { section } = given.family.draw(given.size, mound, {
        thicknessMm: 0.8,
        pressedMm: 1.6,
      });
      const dough = area(section.dough[0]!) - area(section.filling);
      // Its length at the middle of its thickness: girth of the filling, twice the lip, half a sheet out.
      expect(dough / (given.size.sizeMm * 0.8)).toBeGreaterThan(0.97);
      expect(dough / (given.size.sizeMm * 0.8)).toBeLessThan(1.12);
    }
  });

  it('draws dough of about the weight it says, above the filling and not through it', () => {
    const given = input('ravioliSquare', { size: dimensions({ sizeMm: 55 }), doseG: 9 });
    const { mound } = makePiece(given, startingRules);
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
    const { mound } = makePiece({ ...given, size }, startingRules);
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
  it('are folded alike whatever the shape is called', () => {
    const piece = makePiece(
      input('halfMoon', { size: dimensions({ sizeMm: 90 }), doseG: 6, yieldStressPa: 2000 }),
      startingRules,
    );
    const round = makePiece(
      input('tortelloni', {
        size: dimensions({ sizeMm: 90, blank: 'disc' }),
        doseG: 6,
        yieldStressPa: 2000,
      }),
      startingRules,
    );
    expect(round.lipMm).toBeCloseTo(piece.lipMm, 9);
    expect(round.doughG).toBeCloseTo(piece.doughG, 9);
  });
});

describe('a fluted edge', () => {
  it('costs the depth of its flutes, and is drawn inside its line', () => {
    const plain = input('ravioliSquare');
    const wavy = { ...plain, size: { ...plain.size, edge: 'fluted' as const } };
    expect(
      makePiece(plain, startingRules).lipMm - makePiece(wavy, startingRules).lipMm,
    ).toBeCloseTo(1.5, 9);
    const { mound } = makePiece(wavy, startingRules);
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
      startingRules,
    );

  it('gives its pocket to the filling, and a ridge of half what lies between', () => {
    expect(inMould(2).lipMm).toBeCloseTo(7, 9);
    expect(inMould(2).neededLipMm).toBeCloseTo(2.5, 9);
  });

  it('is overfull past what a pocket holds', () => {
    const square = { pocketMm: 28, depthMm: 9, pocket: 'square' } as const;
    expect(pocketVolume({ ...square, pocket: 'disc' })).toBeCloseTo(capVolume(14, 9), 9);
    // A square pocket holds as much more as a square is larger than its circle.
    expect(pocketVolume(square) / capVolume(14, 9)).toBeCloseTo(4 / Math.PI, 9);
    const holdsG = (pocketVolume(square) / 1000) * 1.04;
    expect(inMould(holdsG * 0.99).lipMm).toBeCloseTo(7, 9);
    expect(inMould(holdsG * 1.1).lipMm).toBeLessThan(7);
    expect(inMould(holdsG / 2).mound.pocketShare).toBeCloseTo(0.5, 9);
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
