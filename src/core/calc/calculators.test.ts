import { calculators, runCalculations } from './calculators';

const run = (name: string, input: unknown) => runCalculations([{ name, input }])[0]!;

describe('calculators', () => {
  it.each([
    ['saturationVapourPressure', { tempC: 95 }, { kPa: 84.549 }],
    ['boilingPoint', { altitudeM: 0 }, { tempC: 99.97 }],
    ['discLayout', { widthMm: 145, lengthMm: 900, diameterMm: 60, gapMm: 4 }, { count: 28 }],
    ['openTime', { thicknessMm: 0.8, waterShare: 0.33, tempC: 22, rh: 0.5 }, { minutes: 6.76 }],
    ['flourMoisture', { rh: 0.5 }, { wetBasis: 0.115 }],
    ['flourMoisture', { rh: 0.75 }, { wetBasis: 0.1531 }],
    ['spreadRadius', { volumeMl: 10, densityGPerMl: 1.04, yieldStressPa: 300 }, { mm: 14.34 }],
    [
      'yieldStressFromSpread',
      { volumeMl: 10, densityGPerMl: 1.04, diameterMm: 28.6735 },
      { pa: 300 },
    ],
    ['sheetLength', { massG: 125, widthMm: 140, thicknessMm: 0.8 }, { mm: 930.06 }],
    ['thicknessFromStrip', { massG: 125, widthMm: 140, lengthMm: 930 }, { mm: 0.8 }],
    ['strengthFromHang', { lengthMm: 1000 }, { kPa: 11.772 }],
    ['moundHeight', { volumeMl: 8.65, radiusMm: 20.2 }, { mm: 12.06 }],
    ['squareLayout', { widthMm: 145, lengthMm: 900, sideMm: 55, gapMm: 0 }, { count: 32 }],
    ['cupsToGrams', { id: 'flour-00', cups: 2 }, { g: 265 }],
    ['cupsToGrams', { id: 'flour-00', cups: 1, cupMl: 240 }, { g: 127.2 }],
    [
      'waterToCookOff',
      { parts: [{ id: 'ricotta-fresh', g: 1000 }], targetFreeWaterShare: 0.03 },
      { waterG: 67.53, minutes: 5.484 },
    ],
    ['batchYield', { usedShare: 0.86, rerolls: 1 }, { yield: 0.96234 }],
    ['airSwelling', { fromC: 22, toC: 90, kPa: 101.325 }, { ratio: 3.8949 }],
    [
      'coreTime',
      { halfHeightMm: 7, shapeExponent: 0.6, fromC: -18, bathC: 98, targetC: 74, frozen: true },
      { seconds: 249.43 },
    ],
    [
      'potDip',
      { waterL: 5, loadG: 300, fromC: 5, powerW: 2500, waterC: 98 },
      { dipC: 4.1964, recoverS: 36.828 },
    ],
  ])('%s %j', (name, input, expected) => {
    const result = run(name, input);
    if ('error' in result) throw new Error(result.error);
    expect(Object.keys(result.output)).toEqual(Object.keys(expected));
    for (const [key, value] of Object.entries(expected)) {
      expect(Number(result.output[key]) / value).toBeCloseTo(1, 3);
    }
  });

  it('eggSolve gives whole options, the nearest first, from any of the three', () => {
    const flourParts = [{ id: 'flour-00', g: 1 }];
    const egg = { eggG: 50, yolkG: 17 };
    const first = (given: object) => {
      const result = run('eggSolve', { flourParts, ...egg, ...given });
      if ('error' in result) throw new Error(result.error);
      return (result.output.options as Record<string, number>[])[0]!;
    };
    expect(first({ flourG: 400 })).toMatchObject({ eggs: 4, yolks: 0, flourG: 400 });
    expect(first({ eggs: 6 })).toMatchObject({ eggs: 6, yolks: 0, waterG: 0 });
    const dough = first({ doughG: 616, yolkShare: 0.6 });
    // Floated to what whole eggs make without drops of water.
    const doughG = dough.flourG! + dough.waterG! + dough.eggs! * 50 + dough.yolks! * 17;
    expect(Math.abs(doughG / 616 - 1)).toBeLessThan(0.03);
    expect(dough.yolks).toBeGreaterThan(0);
  });

  it.each([
    [{}, /doughG or flourG or eggs must be given, one of the three/],
    [{ flourG: 400, eggs: 2 }, /one of the three/],
    [{ flourG: -4 }, /flourG must be a number from 1 to 20000 g, not -4/],
    [{ flourG: 400, yolkShare: 2 }, /yolkShare must be a number from 0 to 1, not 2/],
  ])('eggSolve %j is refused', (given, message) => {
    const result = run('eggSolve', {
      flourParts: [{ id: 'flour-00', g: 1 }],
      eggG: 50,
      yolkG: 17,
      ...given,
    });
    expect('error' in result && result.error).toMatch(message);
  });

  it('composition and hydration give every figure they promise', () => {
    const parts = [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 200 },
    ];
    const composition = run('composition', { parts });
    expect('output' in composition && Object.keys(composition.output)).toEqual([
      'massG',
      'waterG',
      'proteinG',
      'fatG',
      'carbohydrateG',
      'densityGPerMl',
      'freeWaterShare',
    ]);
    const hydration = run('hydration', { parts, style: 'rolledByPin', rh: 0.6 });
    expect('output' in hydration && Object.keys(hydration.output)).toEqual([
      'flourG',
      'waterG',
      'hydration',
      'target',
      'low',
      'high',
      'addWaterG',
      'addFlourG',
    ]);
  });

  it.each([
    ['flourMoisture', { rh: 2 }, /rh must be a number from 0\.05 to 0\.95, not 2/],
    ['flourMoisture', {}, /rh must be a number/],
    ['flourMoisture', { rh: 0.5, extra: 1 }, /extra/],
    ['composition', { parts: [] }, /parts must hold at least one part/],
    [
      'composition',
      { parts: [{ id: 'nope', g: 1 }] },
      /parts\[0\]\.id is not in the pantry: "nope"/,
    ],
    ['squareLayout', null, /input/],
    ['toString', {}, /name must be one of: saturationVapourPressure, boilingPoint, flourMoisture/],
  ])('%s %j is refused by name', (name, input, message) => {
    const result = run(name, input);
    expect('error' in result && result.error).toMatch(message);
  });

  it('does the good ones although one is bad', () => {
    const [bad, good] = runCalculations([
      { name: 'batchYield', input: { usedShare: -1, rerolls: 0 } },
      { name: 'batchYield', input: { usedShare: 0.5, rerolls: 0 } },
    ]);
    expect(bad).toHaveProperty('error');
    expect(good).toEqual({ name: 'batchYield', output: { yield: 0.5 } });
  });

  it('refuses what is no list', () => {
    expect(() => runCalculations({ name: 'batchYield' })).toThrow(/must be a list/);
  });

  /** One good input of each, to spoil a field at a time. */
  const GOOD: Readonly<Record<string, Record<string, unknown>>> = {
    saturationVapourPressure: { tempC: 20 },
    boilingPoint: { altitudeM: 500 },
    flourMoisture: { rh: 0.5 },
    composition: { parts: [{ id: 'ricotta-fresh', g: 100 }] },
    hydration: { parts: [{ id: 'flour-00', g: 400 }], rh: 0.5 },
    yieldStressFromSpread: { volumeMl: 10, diameterMm: 40, densityGPerMl: 1 },
    spreadRadius: { volumeMl: 10, densityGPerMl: 1, yieldStressPa: 300 },
    moundHeight: { volumeMl: 9, radiusMm: 20 },
    sheetLength: { massG: 100, widthMm: 140, thicknessMm: 0.8 },
    thicknessFromStrip: { massG: 100, widthMm: 140, lengthMm: 900 },
    strengthFromHang: { lengthMm: 900 },
    discLayout: { widthMm: 145, lengthMm: 900, diameterMm: 60, gapMm: 0 },
    squareLayout: { widthMm: 145, lengthMm: 900, sideMm: 60, gapMm: 0 },
    trayCount: {
      trayLengthMm: 530,
      trayWidthMm: 325,
      pieceLengthMm: 55,
      pieceWidthMm: 55,
      gapMm: 10,
    },
    openTime: { thicknessMm: 0.8, waterShare: 0.3, tempC: 22, rh: 0.5 },
    batchYield: { usedShare: 0.8, rerolls: 1 },
    trimToNoodles: { trimG: 300 },
    cupsToGrams: { id: 'flour-00', cups: 2 },
    waterToCookOff: { parts: [{ id: 'ricotta-fresh', g: 1000 }], targetFreeWaterShare: 0.03 },
    eggSolve: { flourParts: [{ id: 'flour-00', g: 1 }], eggs: 4, eggG: 50, yolkG: 17 },
    airSwelling: { fromC: 22, toC: 90, kPa: 101 },
    seepTime: {
      thicknessMm: 0.8,
      freeWaterShare: 0.05,
      tempC: 20,
      doughMoisture: 0.34,
      surface: 'bare',
    },
    coreTime: { halfHeightMm: 7, shapeExponent: 0.6, fromC: 6, bathC: 98, targetC: 74 },
    potDip: { waterL: 5, loadG: 300, fromC: 5, powerW: 2500, waterC: 98 },
  };

  it('are all tried here', () => {
    expect(Object.keys(GOOD).sort()).toEqual(Object.keys(calculators).sort());
  });

  it.each(Object.keys(GOOD))(
    '%s works, and refuses each number that cannot be by its name',
    (name) => {
      const good = GOOD[name]!;
      expect(run(name, good)).not.toHaveProperty('error');
      expect(run(name, { ...good, bogus: 1 })).toHaveProperty('error');
      for (const [field, value] of Object.entries(good)) {
        if (typeof value !== 'number') continue;
        for (const bad of [-1e9, 1e12, Number.NaN, 'much', null]) {
          const result = run(name, { ...good, [field]: bad });
          expect([field, 'error' in result && result.error]).toEqual([
            field,
            expect.stringContaining(field),
          ]);
        }
      }
    },
  );
});
