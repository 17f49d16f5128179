import { genericRollers } from '../../sheet/genericRollers';
import { FAMILY_IDS, familyOf, type FamilyId } from '../../shapes/families';
import { startingPantry } from '../../composition/pantry';
import { parsePlan } from '../document/parsePlan';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '../document/schema';
import { startingShape } from './startingShapes';

const WHOLE_EGG_DOUGH = {
  parts: [
    { id: 'flour-00', g: 300 },
    { id: 'semolina-durum-fine', g: 100 },
    { id: 'egg-whole', g: 200 },
  ],
};

const CURD_FILLING = {
  parts: [
    { id: 'ricotta-fresh', g: 500, preparation: 'drain-overnight' },
    { id: 'spinach-raw', g: 400, preparation: 'wilt-squeeze' },
    { id: 'hard-cheese-aged', g: 90 },
    { id: 'salt-fine', g: 6 },
  ],
};

const BRAISE_FILLING = {
  parts: [
    { id: 'beef-shin-raw', g: 700, preparation: 'braise-shred' },
    { id: 'onion-raw', g: 200, preparation: 'sweat-open' },
    { id: 'hard-cheese-aged', g: 60 },
    { id: 'breadcrumbs-dry', g: 30 },
    { id: 'egg-whole', g: 50 },
    { id: 'salt-fine', g: 6 },
  ],
  texture: 'minced',
};

const SQUASH_FILLING = {
  parts: [
    { id: 'squash-raw', g: 900, preparation: 'roast-cubes' },
    { id: 'hard-cheese-aged', g: 90 },
    { id: 'breadcrumbs-dry', g: 40 },
    { id: 'salt-fine', g: 6 },
  ],
};

const [tenStep] = genericRollers;

interface Start {
  readonly colour: string;
  readonly piecesPerPortion: number;
  readonly filling: Record<string, unknown>;
  /** Rolled to the width that its blanks fill, where the roller's own would waste. */
  readonly widthMm: number;
  /** Shorter sheets, where a long one would dry before it is filled. */
  readonly benchMm?: number;
  readonly serving?: Plan['serving'];
  readonly name?: string;
}

/** What each family starts with round its shape. */
const STARTS: Readonly<Record<FamilyId, Start>> = {
  ravioliSquare: { colour: '#d08a3e', piecesPerPortion: 6, filling: SQUASH_FILLING, widthMm: 120 },
  ravioliRound: { colour: '#d08a3e', piecesPerPortion: 6, filling: SQUASH_FILLING, widthMm: 130 },
  ravioliRectangle: {
    colour: '#d08a3e',
    piecesPerPortion: 6,
    filling: SQUASH_FILLING,
    widthMm: 135,
  },
  ravioliTriangle: {
    colour: '#d08a3e',
    piecesPerPortion: 6,
    filling: SQUASH_FILLING,
    widthMm: 140,
  },
  stampedRound: { colour: '#d08a3e', piecesPerPortion: 6, filling: SQUASH_FILLING, widthMm: 135 },
  mouldedRavioli: {
    colour: '#7f9d70',
    piecesPerPortion: 9,
    filling: CURD_FILLING,
    widthMm: 145,
  },
  halfMoon: { colour: '#7f9d70', piecesPerPortion: 8, filling: CURD_FILLING, widthMm: 145 },
  foldedTriangle: { colour: '#7f9d70', piecesPerPortion: 8, filling: CURD_FILLING, widthMm: 145 },
  bonnet: {
    colour: '#7f9d70',
    piecesPerPortion: 8,
    filling: CURD_FILLING,
    widthMm: 145,
  },
  tortelloni: {
    colour: '#7f9d70',
    piecesPerPortion: 6,
    filling: CURD_FILLING,
    widthMm: 140,
    benchMm: 800,
  },
  cappelletti: {
    name: 'Cappelletti in broth',
    colour: '#a56b5d',
    serving: 'broth',
    piecesPerPortion: 20,
    filling: BRAISE_FILLING,
    widthMm: 140,
    benchMm: 340,
  },
  agnolottiPinched: {
    colour: '#8d5a44',
    piecesPerPortion: 18,
    filling: BRAISE_FILLING,
    widthMm: 120,
  },
  agnolottiFlat: { colour: '#8d5a44', piecesPerPortion: 12, filling: BRAISE_FILLING, widthMm: 145 },
};

function start(family: FamilyId): Plan {
  const { name, colour, piecesPerPortion, filling, widthMm, benchMm, serving } = STARTS[family];
  const { shape, thicknessMm } = startingShape(family);
  const document = {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    name: name ?? familyOf(family).name,
    colour,
    ...(serving && { serving }),
    batch: { portions: 6, piecesPerPortion },
    dough: WHOLE_EGG_DOUGH,
    filling,
    sheet: { roller: tenStep, thicknessMm, widthMm, ...(benchMm && { benchMm }) },
    shape,
  };
  return parsePlan(document, startingPantry);
}

/** A good plan to start from for each family: it holds as it stands. */
export const startingPlans = Object.fromEntries(
  FAMILY_IDS.map((family) => [family, start(family)]),
) as Readonly<Record<FamilyId, Plan>>;
