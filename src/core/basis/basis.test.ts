import { learntOf } from '../testing/learntOf';
import { startingPantry } from '../composition/pantry';
import { basisFrom, basisWith, startingBasis } from './basis';
import { defineRules } from './rule';
import { startingRules, withRules, type RuleId } from './rules';
import { stateOfMargin, worst } from './state';

/** Numbers that practice has judged, by what they say. One that changes unseen changes what cooks are told. */
const JUDGED: Readonly<Record<string, Readonly<Partial<Record<RuleId, number>>>>> = {
  'how wet a dough should be': {
    'dough.target.base': 0.49,
    'dough.target.eggDrop': 0.085,
    'dough.target.eggFull': 0.12,
    'dough.target.fat': 0.25,
    'dough.band.fat': 0.5,
    'dough.band.low': 0.045,
    'dough.band.high': 0.04,
    'dough.band.asItShouldBe': 0.02,
    'dough.style.benchFlourFree': -0.02,
    'dough.style.rolledByPin': 0.015,
  },
  'what kneading, rest and gluten do': {
    'dough.gluten.reference': 0.095,
    'dough.knead.tau.hand': 3.5,
    'dough.knead.tau.mixer': 2.5,
    'dough.knead.tau.processor': 0.4,
    'dough.knead.fold': 0.04,
    'dough.rest.tau': 15,
    'dough.rest.doubling': 10,
    'dough.strength': 25,
    'dough.strength.gluten': 1.5,
    'dough.strength.wet': 0.06,
    'dough.strength.fat': 0.6,
    'dough.stretch': 0.8,
    'dough.stretch.dry': 0.06,
    'dough.pinch.least': 5,
    'dough.pinch.most': 10,
  },
  'when a filling is firm, and what binds it': {
    'filling.free.firm': 0.02,
    'filling.free.workable': 0.05,
    'filling.free.wet': 0.1,
    'filling.stiffness': 900,
    'filling.stiffness.water': 20,
    'filling.stiffness.at': 0.02,
    'filling.texture.coarse': 1.3,
    'filling.texture.mixed': 1,
    'filling.texture.minced': 0.9,
    'filling.texture.blended': 0.5,
    'filling.limit.crumbs': 0.08,
    'filling.limit.potato': 0.15,
    'filling.limit.hardCheese': 0.25,
    'filling.limit.starch': 0.03,
    'filling.cool.open': 20,
    'filling.cool.covered': 5,
    'filling.cool.shelf': 8,
    'filling.cool.board': 3,
    'filling.cool.ice': 150,
  },
  'what a roller leaves, and how long a sheet stays open': {
    'sheet.springBack': 0.35,
    'sheet.springBack.rested': 0.2,
    'sheet.springBack.again': 0.5,
    'sheet.speed.slow': 0.85,
    'sheet.speed.even': 1,
    'sheet.speed.fast': 1.2,
    'sheet.air.still': 0.0035,
    'sheet.air.fan': 0.008,
    'sheet.open.face': 0.96,
    'sheet.open.gone': 0.04,
    'sheet.light.hand': 0.9,
    'sheet.light.print': 0.6,
  },
  'how a mound lies, and what a lip needs': {
    'shape.laid.ball': 1,
    'shape.laid.ring': 0.85,
    'shape.laid.piped': 0.75,
    'shape.laid.spooned': 0.6,
    'shape.wrap.length': 1.3,
    'shape.wrap.thickness': 0.8,
    'shape.log.width': 1.15,
    'shape.pressedLoad': 6,
    'shape.drape.draped': 0.35,
    'shape.drape.stretched': 0.7,
    'shape.drape.moulded': 1,
    'shape.tears': 0.35,
    'shape.finish.fork': 5,
    'shape.finish.wheel': 4,
    'shape.finish.cutter': 4,
    'shape.finish.press': 4,
    'shape.finish.pinch': 2,
    'shape.finish.mould': 2.5,
    'shape.finish.layers': 1,
  },
  'what seals, and what air is left': {
    'seal.medium.dry': 0.75,
    'seal.medium.water': 1,
    'seal.medium.mist': 1,
    'seal.medium.egg': 1.05,
    'seal.medium.eggWhite': 1.05,
    'seal.medium.tooWet': 0.7,
    'seal.face.floured': 0.6,
    'seal.face.filling': 0.5,
    'seal.holds': 0.5,
    'seal.air.middle': 0.03,
    'seal.air.oneSide': 0.02,
    'seal.air.pricked': 0.01,
    'seal.air.none': 0.12,
  },
  'how long a piece keeps': {
    'hold.face.top': 0.5,
    'hold.face.rise': 0.12,
    'hold.face.water': 0.04,
    'hold.tacky': 0.07,
    'hold.wetStrength': 0.03,
    'hold.diffusion': 40,
    'hold.diffusion.moist': 4,
    'hold.diffusion.heat': 28,
    'hold.surface.bare': 0,
    'hold.roomLimit': 120,
  },
  'what the pot does': {
    'boil.edge': 6,
    'boil.face': 3.2,
    'boil.room': 0.35,
    'boil.rough.simmer': 1,
    'boil.rough.rolling': 0.7,
    'boil.skin': 3,
    'boil.hot': 63,
    'boil.floats': 0.6,
    'boil.sauce': 0.5,
    'boil.skinStands': 3,
    'boil.skinStandsMin': 1,
    'boil.dip': 6,
    'boil.perLitre': 100,
    'boil.layers': 1.5,
    'boil.back': 3,
    'shape.edge.pinch': 0.6,
    'shape.edge.fork': 0.65,
    'shape.edge.wheel': 0.75,
    'shape.edge.cutter': 0.9,
    'shape.edge.mould': 0.75,
  },
  'how far hands are off, and when it is close': {
    'risk.scatter.thickness': 0.06,
    'risk.scatter.spoon': 0.1,
    'risk.scatter.bag': 0.05,
    'risk.scatter.scale': 0.03,
    'risk.scatter.offCentre': 1.5,
    'risk.scatter.seal': 0.1,
    'risk.edge': 1.15,
  },
};

describe('the rules', () => {
  it.each(Object.entries(JUDGED))('%s: as practice has judged', (_what, numbers) => {
    const ids = Object.keys(numbers) as RuleId[];
    expect(Object.fromEntries(ids.map((id) => [id, startingRules[id].value]))).toEqual(numbers);
  });

  it('say what they are, in what, how far off, and on what they stand', () => {
    for (const [id, rule] of Object.entries(startingRules)) {
      expect(rule.id).toBe(id);
      expect([id, Number.isFinite(rule.value), rule.spread >= 0, rule.from]).toEqual([
        id,
        true,
        true,
        'default',
      ]);
      // More unsure than large would say nothing at all.
      expect([id, rule.spread <= Math.max(1, 2 * Math.abs(rule.value))]).toEqual([id, true]);
    }
  });

  it('take values of a kitchen’s own, say so, and leave the shipped ones alone', () => {
    const own = withRules(startingRules, { 'sheet.springBack': 0.28 });
    expect(own['sheet.springBack']).toMatchObject({ value: 0.28, from: 'log', spread: 0.1 });
    expect(startingRules['sheet.springBack']).toMatchObject({ value: 0.35, from: 'default' });
    expect(own['boil.edge']).toBe(startingRules['boil.edge']);
  });

  it('are listed in rows', () => {
    const rules = defineRules({ 'a.b': [2, 0.1, 'mm', 'craft'] });
    expect(rules['a.b']).toEqual({
      id: 'a.b',
      value: 2,
      spread: 0.1,
      unit: 'mm',
      source: 'craft',
      from: 'default',
    });
  });
});

describe('how a margin stands', () => {
  it.each([
    [0, 'fails'],
    [0.999, 'fails'],
    [1, 'edge'],
    [1.149, 'edge'],
    [1.15, 'holds'],
    [9, 'holds'],
  ] as const)('%d: %s', (margin, state) =>
    expect(stateOfMargin(margin, startingRules)).toBe(state),
  );

  it('the worst of several is theirs together', () => {
    expect(worst('holds', 'edge', 'holds')).toBe('edge');
    expect(worst('edge', 'fails')).toBe('fails');
    expect(worst('holds')).toBe('holds');
    expect(worst()).toBe('holds');
  });
});

describe('what a plan is worked out on', () => {
  it('is the shipped pantry where no row is one’s own', () => {
    const basis = basisFrom({
      pantry: { ingredients: [], preparations: [] },
      learnt: [],
      alsoHandles: [],
    });
    expect(basis.pantry).toBe(startingPantry);
    expect(basis).toEqual(startingBasis);
  });

  it('is put together of its parts, as they were sent', () => {
    const flour = { ...startingPantry.ingredients.get('flour-00')!, water: 0.15 };
    const learnt = [learntOf('stuck', 0.03)];
    const parts = { pantry: { ingredients: [flour], preparations: [] }, learnt };
    const basis = basisFrom(JSON.parse(JSON.stringify(parts)));
    expect(basis.pantry.ingredients.get('flour-00')).toEqual(flour);
    expect(basis.learnt).toEqual(learnt);
    expect(basis).toEqual(basisWith(basis.pantry, learnt));
  });
});
